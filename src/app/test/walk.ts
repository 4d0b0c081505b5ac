import { expect as values, jest, test as plain } from '@jest/globals';
import axe from 'axe-core';
import { cleanup } from '@testing-library/react';
import { throwAway, snapshotOf } from '../../db';
import { openPage, type OpenPage } from './openPage';
import { Locator, pressOn, settled, typeOn, until } from './locator';
import { DeviceClock } from './deviceClock';
import { letWorkersAnswer } from './nearWorker';
import { SavedFiles, type SavedFile } from './savedFiles';
import {
  isShown,
  matches,
  nameOf,
  seeOn,
  squeezed,
  textOf,
  type Device,
  type Wanted,
} from './seen';

/** Pages as a person walks through them, with what no screen has to show. */
export class Page extends Locator {
  private open: OpenPage | null = null;
  readonly clock = new DeviceClock();

  constructor(private readonly files: SavedFiles) {
    super('page', () => [document.documentElement]);
  }

  /** Opens an address as a fresh load does. */
  async goto(path: string): Promise<void> {
    cleanup();
    const workspace = path.startsWith('/demo') ? 'demo' : 'mine';
    await snapshotOf(workspace).caughtUp();
    this.open = await openPage(path);
  }

  /** where the page is now */
  path = (): string => this.open?.path() ?? '';
  reload = (): Promise<void> => this.goto(this.path());

  /** What only a wide page shows is not there on a phone, and the other way round. */
  seenOn = (device: Device): void => seeOn(device);

  async goBack(): Promise<void> {
    await this.open?.back();
    await settled();
  }

  /** The file that an act hands to the browser to be saved. */
  async savedBy(act: () => Promise<void>): Promise<SavedFile> {
    const before = this.files.count;
    await act();
    await until(() => {
      if (this.files.count === before) throw new Error('no file was saved');
    });
    return this.files.last();
  }

  readonly keyboard = {
    press: (key: string): Promise<void> => {
      pressOn(document.activeElement ?? document.body, key);
      return settled();
    },
    type: async (text: string): Promise<void> => {
      for (const digit of text) {
        typeOn(document.activeElement ?? document.body, digit);
        await settled();
      }
    },
  };
}

const shortOf = (text: string): string => squeezed(text).slice(0, 400);

function seen(locator: Locator, hopes: boolean) {
  const text = (): string => squeezed(textOf(locator.one()));
  const holds = (is: boolean, what: string): void => {
    if (is !== hopes) throw new Error(`${hopes ? '' : 'not '}${what}`);
  };
  return {
    toBeVisible: ({ timeout }: { readonly timeout?: number } = {}) =>
      until(() => {
        if (hopes) values(isShown(locator.one())).toBe(true);
        else holds(locator.isVisible(), 'visible');
      }, timeout),
    toBeFocused: () => until(() => holds(locator.one() === document.activeElement, 'focused')),
    toBeHidden: () => until(() => holds(!locator.isVisible(), 'hidden')),
    toContainText: (wanted: Wanted) =>
      until(() => holds(matches(text(), wanted), `${String(wanted)} in: ${shortOf(text())}`)),
    toHaveText: (wanted: Wanted) =>
      until(() => holds(matches(text(), wanted, true), `${String(wanted)}: ${shortOf(text())}`)),
    toHaveCount: (count: number) =>
      until(() => holds(locator.all().length === count, `${count}, but ${locator.all().length}`)),
    toHaveValue: (value: string) =>
      until(() => {
        const now = (locator.one() as HTMLInputElement).value;
        holds(now === value, `${value}, but ${now}`);
      }),
    toHaveChosen: (wanted: string) =>
      until(() => {
        const [now] = (locator.one() as HTMLSelectElement).selectedOptions;
        holds(now?.text === wanted, `${wanted}, but ${now?.text}`);
      }),
    toBeChecked: () =>
      until(() => holds(locator.one().getAttribute('aria-checked') === 'true', 'checked')),
    toBeDisabled: () =>
      until(() => holds((locator.one() as HTMLButtonElement).disabled, 'disabled')),
    toHaveAttribute: (name: string, value: string) =>
      until(() => holds(locator.one().getAttribute(name) === value, `${name}=${value}`)),
    toHaveAccessibleName: (wanted: Wanted) =>
      until(() => {
        const name = nameOf(locator.one());
        holds(matches(name, wanted, true), `${String(wanted)}, but ${name}`);
      }),
  };
}

type Hopes = ReturnType<typeof seen>;

/** What is hoped of elements of the page; each hope waits until it holds. Of a value it is asked at once. */
export function expect(of: Locator): Hopes & { readonly not: Hopes };
export function expect<T>(of: T): ReturnType<typeof values<T>>;
export function expect(of: unknown): unknown {
  return of instanceof Locator ? { ...seen(of, true), not: seen(of, false) } : values(of);
}

/** Everything axe knows to be wrong with the dialog that is open, or with the page; colours are for a browser. */
export async function expectAccessible(page: Page): Promise<void> {
  const dialog = page.getByRole('dialog').all().at(-1);
  const { violations } = await axe.run(dialog ?? document.body, {
    resultTypes: ['violations'],
    rules: { 'color-contrast': { enabled: false }, region: { enabled: false } },
  });
  values(violations.map(({ id, nodes }) => `${id}: ${nodes[0]?.html.slice(0, 200)}`)).toEqual([]);
}

type Walk = (given: { page: Page }) => Promise<void>;

async function walked(walk: Walk): Promise<void> {
  const complaints = jest.spyOn(console, 'error').mockImplementation(() => undefined);
  const files = new SavedFiles();
  const page = new Page(files);
  localStorage.clear();
  sessionStorage.clear();
  await throwAway('mine');
  await throwAway('demo');
  try {
    await walk({ page });
    values(complaints.mock.calls.map((parts) => parts.join(' ').slice(0, 400))).toEqual([]);
  } finally {
    cleanup();
    page.clock.end();
    seeOn('desk');
    files.end();
    complaints.mockRestore();
  }
}

/**
 * A walk through pages, in a profile of its own, on which nothing may be complained of. Workers never
 * answer: few walks wait for them.
 */
export const test = (name: string, walk: Walk): void => plain(name, () => walked(walk));

/** A walk beside which workers compute. */
export function testWithWorkers(name: string, walk: Walk): void {
  plain(name, async () => {
    const silence = letWorkersAnswer();
    try {
      await walked(walk);
    } finally {
      silence();
    }
  });
}
