/** Browsers that are killed while somebody works in them, and what is there when they are opened again. */
import { spawn } from 'node:child_process';
import { chromium, type Locator, type Page } from '@playwright/test';
import { BROWSER } from './browserPath';

const ARGUMENTS = [
  '--headless',
  '--no-sandbox',
  '--disable-gpu',
  '--no-first-run',
  '--disable-background-networking',
  '--remote-debugging-port=0',
  '--window-size=1280,800',
];

/** What is typed later than this before the end may be gone [ms]. */
const ALLOWED_MS = 300;

/** A browser with its profile in a folder, that can be ended as by a dead battery. */
export interface Killable {
  readonly page: Page;
  /** ends every process of it at once, without a word */
  readonly kill: () => Promise<void>;
}

async function addressOf(lines: NodeJS.ReadableStream): Promise<string> {
  let said = '';
  for await (const part of lines) {
    said += String(part);
    const found = /ws:\/\/\S+/.exec(said);
    if (found) return found[0];
  }
  throw new Error(`the browser did not start: ${said}`);
}

export async function openKillable(folder: string): Promise<Killable> {
  const child = spawn(BROWSER, [...ARGUMENTS, `--user-data-dir=${folder}`, 'about:blank'], {
    detached: true,
    stdio: ['ignore', 'ignore', 'pipe'],
  });
  const gone = new Promise<void>((resolve) => child.once('exit', () => resolve()));
  const browser = await chromium.connectOverCDP(await addressOf(child.stderr));
  const [context] = browser.contexts();
  if (!context) throw new Error('the browser has no window');
  const page = context.pages()[0] ?? (await context.newPage());
  const kill = async (): Promise<void> => {
    if (child.exitCode === null && child.signalCode === null && child.pid !== undefined)
      process.kill(-child.pid, 'SIGKILL');
    await gone;
    await browser.close().catch(() => undefined);
  };
  return { page, kill };
}

/** Where something is typed: an address, and the button that opens the form if it is not there yet. */
export interface FormPlace {
  readonly address: string;
  readonly button?: string;
}

const FIELDS =
  'input[name]:not([type=radio]):not([type=checkbox]):not([type=file]):not([type=date]):not([type=datetime-local]):not([type=range]):not([type=number]), textarea[name]';

/** Opens a form; its fields of text. */
export async function fieldsOf(page: Page, base: string, place: FormPlace): Promise<Locator> {
  await page.goto(`${base}${place.address}`);
  await page.locator('h1').first().waitFor();
  if (place.button === undefined) return page.locator('main').locator(FIELDS);
  const dialog = page.getByRole('dialog');
  await page
    .locator('main')
    .getByRole('button', { name: place.button, exact: true })
    .first()
    .click();
  await dialog.waitFor();
  return dialog.locator(FIELDS);
}

/** A name of a field that is seen, and what stands in it. */
export async function anyField(fields: Locator, at: number): Promise<string | null> {
  const seen: string[] = [];
  for (const field of await fields.all()) {
    if ((await field.isVisible()) && (await field.isEnabled()))
      seen.push((await field.getAttribute('name')) ?? '');
  }
  return seen[at % Math.max(1, seen.length)] ?? null;
}

/** What was typed until the end, and when. */
export interface Typed {
  readonly before: string;
  readonly characters: readonly { readonly character: string; readonly at: number }[];
  readonly endedAt: number;
}

/** How somebody types, and when the browser is killed. */
export interface Typing {
  readonly everyMs: number;
  /** until then the browser lives, however slow it is */
  readonly afterCharacters?: number;
  readonly afterMs: number;
}

/** Types into a field until the browser is killed, so many milliseconds after so many characters. */
export async function typeUntilKilled(
  { page, kill }: Killable,
  field: Locator,
  { everyMs, afterCharacters = 0, afterMs }: Typing,
): Promise<Typed> {
  const before = await field.inputValue();
  await field.focus();
  await page.keyboard.press('End');
  const characters: { character: string; at: number }[] = [];
  let endedAt = Infinity;
  let killed: Promise<void> | null = null;
  const killedSoon = (): Promise<void> =>
    (killed ??= new Promise<void>((resolve) =>
      setTimeout(() => {
        endedAt = performance.now();
        void kill().then(resolve);
      }, afterMs),
    ));
  let wrong: Error | null = null;
  for (let at = 1; wrong === null && performance.now() < endedAt; at += 1) {
    if (at > afterCharacters) void killedSoon();
    const character = String(at % 10);
    const shown = await page.keyboard
      .press(character)
      .then(() => field.inputValue({ timeout: 1000 }))
      .catch(() => null);
    if (shown === null || performance.now() >= endedAt) break;
    characters.push({ character, at: performance.now() });
    const all = before + characters.map((one) => one.character).join('');
    // what the field itself did not take was never typed into it
    if (shown !== all) wrong = new Error(`shows “${shown.slice(-20)}” for “${all.slice(-20)}”`);
    await new Promise((resolve) => setTimeout(resolve, everyMs));
  }
  await killedSoon();
  if (wrong) throw wrong;
  return { before, characters, endedAt };
}

/** How many characters were typed, how many of them long enough before the end, and how many of those are gone. */
export function lossOf(typed: Typed, value: string, allowedMs = ALLOWED_MS) {
  const old = typed.characters.filter(({ at }) => typed.endedAt - at > allowedMs);
  const wanted = typed.before + old.map(({ character }) => character).join('');
  let kept = 0;
  while (kept < wanted.length && value[kept] === wanted[kept]) kept += 1;
  return { typed: typed.characters.length, old: old.length, lost: wanted.length - kept };
}

/** Rows of the records, and the order in which they were written: each row stands in both or in neither. */
export const halfWritten = (
  page: Page,
  database: string,
): Promise<{ rows: number; half: number }> =>
  page.evaluate(async (name) => {
    const opened = indexedDB.open(name);
    const done = <T>(request: IDBRequest<T>): Promise<T> =>
      new Promise((resolve, reject) => {
        request.onsuccess = () => resolve(request.result);
        request.onerror = () => reject(request.error ?? new Error('not read'));
      });
    const found = await done(opened);
    const names = [...found.objectStoreNames];
    if (!names.includes('journal')) return { rows: 0, half: 0 };
    const reading = found.transaction(names);
    const entries = await done(
      reading.objectStore('journal').getAll() as IDBRequest<{ id: string }[]>,
    );
    const inJournal = new Set(entries.map(({ id }) => id));
    const rows: string[] = [];
    for (const store of names.filter(
      (each) => !['journal', 'drafts', 'settings', 'setAside'].includes(each),
    ))
      rows.push(...((await done(reading.objectStore(store).getAllKeys())) as string[]));
    found.close();
    const inTables = new Set(rows);
    const half =
      rows.filter((id) => !inJournal.has(id)).length +
      entries.filter(({ id }) => !inTables.has(id)).length;
    return { rows: rows.length, half };
  }, database);
