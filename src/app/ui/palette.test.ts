import { readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';

const styles = readFileSync('src/app/styles.css', 'utf8');

type Palette = Readonly<Record<string, string>>;

const coloursIn = (block: string): Palette =>
  Object.fromEntries(
    [...block.matchAll(/--color-([a-z-]+): #([0-9a-f]{6})/g)].map(([, name = '', hex = '']) => [
      name,
      hex,
    ]),
  );

const blockAfter = (opening: string): string => {
  const from = styles.indexOf(opening);
  if (from < 0) throw new Error(`no ${opening}`);
  return styles.slice(from, styles.indexOf('}', from));
};

const DAY = coloursIn(blockAfter('@theme'));
const PALETTES: Readonly<Record<string, Palette>> = {
  day: DAY,
  sun: { ...DAY, ...coloursIn(blockAfter(":root[data-scheme='sun']")) },
  night: { ...DAY, ...coloursIn(blockAfter(":root[data-scheme='night']")) },
  paper: { ...DAY, ...coloursIn(blockAfter('@media print')) },
};

function channels(palette: Palette, name: string): [number, number, number] {
  const hex = palette[name];
  if (!hex) throw new Error(`no colour ${name}`);
  const part = (at: number): number => parseInt(hex.slice(at, at + 2), 16) / 255;
  return [part(0), part(2), part(4)];
}

/** Relative luminance. @source WCAG 2.2, definition of relative luminance, recalled from memory */
function luminance(palette: Palette, name: string): number {
  const linear = (value: number): number =>
    value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4;
  const [red, green, blue] = channels(palette, name);
  return 0.2126 * linear(red) + 0.7152 * linear(green) + 0.0722 * linear(blue);
}

function contrast(palette: Palette, a: string, b: string): number {
  const [light = 0, dark = 0] = [luminance(palette, a), luminance(palette, b)].sort(
    (x, y) => y - x,
  );
  return (light + 0.05) / (dark + 0.05);
}

describe.each(Object.entries(PALETTES))('colours by %s', (_, palette) => {
  test.each([
    ['ink', 'linen'],
    ['ink', 'paper'],
    ['ink', 'lavender-pale'],
    ['ink', 'lavender-mid'],
  ])('figures in %s on %s reach 7 to 1', (text, ground) => {
    expect(contrast(palette, text, ground)).toBeGreaterThanOrEqual(7);
  });

  test.each([
    ['ink-soft', 'linen'],
    ['ink-soft', 'paper'],
    ['ink-soft', 'lavender-pale'],
    ['lavender', 'linen'],
    ['lavender', 'paper'],
  ])('words in %s on %s reach 4.5 to 1', (text, ground) => {
    expect(contrast(palette, text, ground)).toBeGreaterThanOrEqual(4.5);
  });

  test('edges that carry meaning reach 3 to 1', () => {
    expect(contrast(palette, 'lavender', 'lavender-pale')).toBeGreaterThanOrEqual(3);
    expect(contrast(palette, 'lavender-mid', 'ink')).toBeGreaterThanOrEqual(3);
    expect(contrast(palette, 'thread-deep', 'paper')).toBeGreaterThanOrEqual(3);
  });
});

test('every scheme has every colour of its own that the day has light or dark', () => {
  const night = Object.keys(coloursIn(blockAfter(":root[data-scheme='night']")));
  expect(night.sort()).toEqual(Object.keys(DAY).sort());
});
