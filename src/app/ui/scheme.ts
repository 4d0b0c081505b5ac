import type { Scheme } from '../../records';

/** Where the browser keeps the last choice, so that a page does not open bright at night. */
const KEPT_AS = 'ripenum-scheme';

/** A scheme as it is drawn. */
type Shown = Exclude<Scheme, 'device'>;

const darkDevice = (): MediaQueryList => window.matchMedia('(prefers-color-scheme: dark)');
const brightDevice = (): MediaQueryList => window.matchMedia('(prefers-contrast: more)');

let chosen: Scheme = 'device';

const shownFor = (scheme: Scheme): Shown => {
  if (scheme !== 'device') return scheme;
  if (darkDevice().matches) return 'night';
  return brightDevice().matches ? 'sun' : 'day';
};

function draw(): void {
  const { dataset } = document.documentElement;
  dataset['scheme'] = shownFor(chosen);
  const ground = getComputedStyle(document.documentElement).getPropertyValue('--color-linen');
  document.querySelector('meta[name="theme-color"]')?.setAttribute('content', ground);
  for (const redraw of watchers) redraw();
}

const watchers = new Set<() => void>();

/** Tells when other colours hold, for what is drawn by hand; returns how to stop that. */
export function onScheme(redraw: () => void): () => void {
  watchers.add(redraw);
  return () => watchers.delete(redraw);
}

/** Shows a scheme and keeps it for the next opening. */
export function showScheme(scheme: Scheme): void {
  if (scheme === chosen && document.documentElement.dataset['scheme'] !== undefined) return;
  chosen = scheme;
  try {
    localStorage.setItem(KEPT_AS, scheme);
  } catch {
    // a browser that keeps nothing opens as the device says
  }
  draw();
}

/** Shows what was chosen last, or what the device says, and follows the device. */
export function startScheme(known: readonly Scheme[]): void {
  try {
    const kept = localStorage.getItem(KEPT_AS);
    chosen = known.find((scheme) => scheme === kept) ?? 'device';
  } catch {
    chosen = 'device';
  }
  draw();
  for (const device of [darkDevice(), brightDevice()]) device.addEventListener('change', draw);
}
