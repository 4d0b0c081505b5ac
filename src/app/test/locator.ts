import { fireEvent } from '@testing-library/react';
import {
  byLabel,
  byRole,
  byText,
  isShown,
  matches,
  nameOf,
  squeezed,
  textOf,
  type RoleOptions,
  type Wanted,
} from './seen';

type OptionWanted = string | { readonly label: string } | { readonly index: number };

export interface ChosenFile {
  readonly name: string;
  readonly mimeType: string;
  readonly buffer: string | Uint8Array;
}

interface Filter {
  readonly hasText?: Wanted;
  readonly has?: Locator;
}

const isPart = (element: Element, { hasText, has }: Filter): boolean =>
  (hasText === undefined || matches(textOf(element), hasText)) &&
  (has === undefined || has.all().some((part) => element !== part && element.contains(part)));

/** How long something may take to show, and how often it is looked for [ms]. */
const PATIENCE_MS = 10_000;
const LOOK_MS = 15;

/** Turns of the clock in which a page draws what an act has changed, and what follows from that. */
const TURNS = 6;

/** Lets the page do what an act has begun. */
export async function settled(): Promise<void> {
  for (let turn = 0; turn < TURNS; turn += 1) await new Promise((resolve) => setImmediate(resolve));
}

/** Waits until something holds; where it never does, says in its own words what did not. */
export async function until(holds: () => unknown, patienceMs = PATIENCE_MS): Promise<void> {
  const end = performance.now() + patienceMs;
  for (;;) {
    try {
      holds();
      // what is drawn listens a moment later
      return await settled();
    } catch (error) {
      if (performance.now() > end) throw error;
      await new Promise((resolve) => setTimeout(resolve, LOOK_MS));
    }
  }
}

/** Some elements of the page, looked for anew each time they are asked for. */
export class Locator {
  constructor(
    private readonly called: string,
    private readonly find: () => readonly Element[],
  ) {}

  private part(called: string, find: (root: Element) => readonly Element[]): Locator {
    return new Locator(`${this.called} › ${called}`, () => [
      ...new Set(this.find().flatMap((root) => find(root))),
    ]);
  }

  getByRole = (role: string, options: RoleOptions = {}): Locator =>
    this.part(`${role} ${options.name ?? ''}`, (root) => byRole(root, role, options));

  getByLabel = (label: Wanted, { exact = false } = {}): Locator =>
    this.part(`label ${label}`, (root) => byLabel(root, label, exact));

  getByText = (text: Wanted, { exact = false } = {}): Locator =>
    this.part(`text ${text}`, (root) => byText(root, text, exact));

  getByPlaceholder = (text: string): Locator =>
    this.part(text, (root) => [...root.querySelectorAll(`[placeholder="${text}"]`)]);

  locator = (selector: string): Locator =>
    this.part(selector, (root) => [...root.querySelectorAll(selector)]);

  getByTestId = (id: string): Locator =>
    this.part(id, (root) => [...root.querySelectorAll(`[data-testid="${id}"]`)]);

  filter = (filter: Filter): Locator =>
    new Locator(`${this.called} with ${filter.hasText ?? ''}`, () =>
      this.find().filter((element) => isPart(element, filter)),
    );

  /** What stands around it. */
  around = (selector: string): Locator =>
    this.part(`around ${selector}`, (element) => {
      const found = element.parentElement?.closest(selector);
      return found ? [found] : [];
    });

  nth = (at: number): Locator =>
    new Locator(`${this.called} at ${at}`, () => {
      const one = this.find().at(at);
      return one ? [one] : [];
    });

  first = (): Locator => this.nth(0);
  last = (): Locator => this.nth(-1);
  all = (): readonly Element[] => this.find();
  count = (): number => this.find().length;

  /** The one element that is meant; several of them would be a question of luck. */
  one(): Element {
    const found = this.find();
    if (found.length !== 1) {
      throw new Error(`${found.length} of ${this.called}: ${found.map(nameOf).join(' | ')}`);
    }
    return found[0]!;
  }

  value = async (): Promise<string> => ((await this.there()) as HTMLInputElement).value;
  allTexts = (): string[] => this.find().map((element) => squeezed(textOf(element)));

  isVisible = (): boolean => this.find().some(isShown);
  innerText = async (): Promise<string> => squeezed(textOf(await this.there()));

  /** The one element, once it is there. */
  async there(): Promise<HTMLElement> {
    await until(() => this.one());
    return this.one() as HTMLElement;
  }

  private async acts(step: (element: HTMLElement) => void): Promise<void> {
    step(await this.there());
    await settled();
  }

  click = async (): Promise<void> => {
    await until(() => {
      if ((this.one() as HTMLButtonElement).disabled) throw new Error(`${this.called} is disabled`);
    });
    await this.acts((element) => {
      fireEvent.pointerDown(element);
      fireEvent.mouseDown(element);
      element.focus();
      fireEvent.pointerUp(element);
      fireEvent.mouseUp(element);
      fireEvent.click(element);
    });
  };

  /** Two clicks, between which the page finds no time for anything. */
  dblclick = (): Promise<void> =>
    this.acts((element) => {
      fireEvent.click(element);
      fireEvent.click(element);
    });

  fill = (value: string): Promise<void> =>
    this.acts((element) => {
      element.focus();
      fireEvent.change(element, { target: { value } });
      fireEvent.blur(element);
    });

  selectOption = (wanted: OptionWanted): Promise<void> =>
    this.acts((element) => {
      const options = [...(element as HTMLSelectElement).options];
      const option =
        typeof wanted === 'object' && 'index' in wanted
          ? options[wanted.index]
          : options.find(({ value, text }) =>
              typeof wanted === 'string'
                ? value === wanted || text === wanted
                : text === wanted.label,
            );
      if (!option) throw new Error(`${this.called} has no ${JSON.stringify(wanted)}`);
      fireEvent.change(element, { target: { value: option.value } });
      fireEvent.blur(element);
    });

  /** What is typed goes in digit by digit, after what stands there. */
  pressSequentially = async (text: string): Promise<void> => {
    for (const digit of text) await this.acts((element) => typeOn(element, digit));
  };

  tap = (): Promise<void> => this.click();
  focus = (): Promise<void> => this.acts((element) => element.focus());
  press = (key: string): Promise<void> => this.acts((element) => pressOn(element, key));

  setInputFiles = ({ name, mimeType, buffer }: ChosenFile): Promise<void> =>
    this.acts((element) => {
      const file = new File([buffer as BlobPart], name, { type: mimeType });
      fireEvent.change(element, { target: { files: [file] } });
    });
}

/** One character into a field, unless the page takes the key for itself. */
export function typeOn(element: Element, digit: string): void {
  if (!fireEvent.keyDown(element, { key: digit })) return;
  const field = (document.activeElement ?? element) as HTMLInputElement;
  if (field.matches('input, textarea'))
    fireEvent.change(field, { target: { value: field.value + digit } });
}

/** What a key is called with what is held down beside it, such as `Shift+U`, as the page hears it. */
function heard(called: string): KeyboardEventInit & { readonly key: string } {
  const [key = called, ...held] = called.length > 1 ? called.split('+').reverse() : [called];
  return { key, shiftKey: held.includes('Shift'), ctrlKey: held.includes('Control') };
}

/** A key, as the page hears it; Enter in a field sends its form. */
export function pressOn(element: Element, called: string): void {
  const { key, ...held } = heard(called);
  const goesOn = fireEvent.keyDown(element, { key, ...held });
  fireEvent.keyUp(element, { key, ...held });
  if (!goesOn || (key !== 'Enter' && key !== ' ')) return;
  if (element.matches('button, a, [role=radio]')) fireEvent.click(element);
  else if (key === 'Enter' && element.matches('input')) element.closest('form')?.requestSubmit();
}
