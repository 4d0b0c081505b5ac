import type { Locator } from './locator';
import { expect, type Page } from './walk';

/** Another way to work on a lot; what is pressed next is meant for that page. */
async function turnTo(page: Page, way: string): Promise<void> {
  await page.getByRole('link', { name: way }).click();
  await expect(page.getByRole('heading', { name: 'Bucket 1' })).toBeHidden();
}

/** Opens one of the demo's lots at the bench, and another way to work on it. */
export async function openBench(page: Page, name: RegExp, way?: string): Promise<void> {
  await page.goto('/demo/bench');
  await expect(page.getByRole('heading', { name: 'To measure' })).toBeVisible();
  const lot = page.getByRole('link', { name });
  if (!lot.isVisible()) await page.getByText(/^Measured \(/).click();
  await lot.click();
  await expect(page.getByLabel('The dial shows').first()).toBeVisible();
  if (way !== undefined) await turnTo(page, way);
}

/** A lot of one's own with so many buckets, opened at the bench. */
export async function startBuckets(page: Page, count: number, way?: string): Promise<void> {
  await page.goto('/mine/lots/new');
  await page.getByRole('radio', { name: '8', exact: true }).click();
  await page.getByLabel('How many').fill(String(count));
  await page.getByRole('button', { name: 'Start this lot' }).click();
  await page.getByRole('link', { name: /^Readings/ }).click();
  await expect(page.getByRole('heading', { name: 'Bucket 1' })).toBeVisible();
  if (way !== undefined) await turnTo(page, way);
}

export const chooseMeter = (page: Page, label: string): Promise<void> =>
  page.getByLabel('Meter', { exact: true }).selectOption({ label });

/** The line that says what was done. */
export const noticed = (page: Page, text: string | RegExp): Promise<void> =>
  expect(page.getByText(text).first()).toBeVisible();

/** The decision of the answer on the page. */
export const outcome = (page: Page): Locator => page.getByTestId('outcome');

/** Opens the demo season and one of its lots. */
export async function openDemoLot(page: Page, name: string): Promise<void> {
  await page.goto('/demo/today');
  const lots = page.getByRole('region', { name: /^(Waiting for your decision|Signed)/ });
  await lots.getByRole('link', { name: new RegExp(name) }).click();
  await expect(page.getByRole('heading', { level: 1, name: new RegExp(name) })).toBeVisible();
}

/** A lot of one's own with eight tenths capped, ready for readings. */
export async function startOwnLot(page: Page): Promise<void> {
  await page.goto('/mine/lots/new');
  await page.getByRole('radio', { name: '8', exact: true }).click();
  await page.getByRole('button', { name: 'Start this lot' }).click();
  await expect(page.getByRole('heading', { name: 'Readings' })).toBeVisible();
}

/** The answer for the frame in hand. */
export const verdict = (page: Page): Locator => page.getByTestId('verdict');

/** Opens the demo day that is under way. */
export async function openDay(page: Page): Promise<void> {
  await page.goto('/demo/comb');
  await page.getByRole('link', { name: /Marsh, second visit/ }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Marsh, second visit' })).toBeVisible();
}

/** Opens a box of a hive on that day, by the order of the boxes of the hive. */
export async function openBox(page: Page, hive: string, box = 'Box 1'): Promise<void> {
  await openDay(page);
  const heading = page.getByRole('heading', { level: 3, name: new RegExp(`^${hive},`) });
  await heading
    .around('div')
    .getByRole('link', { name: new RegExp(box) })
    .click();
  await expect(page.getByRole('heading', { level: 1, name: `${hive}, ${box}` })).toBeVisible();
}

/** Capped tenths of a side at a glance. */
export const tenths = (page: Page, side: 'A' | 'B', count: number): Locator =>
  page
    .getByRole('region', { name: `Side ${side}` })
    .getByRole('radio', { name: `${count} tenths`, exact: true });

export const nextFrame = (page: Page): Locator =>
  page.getByRole('button', { name: /Next frame|Box finished/ });

/** The mark of a frame in the row of the box. */
export const mark = (page: Page, slot: number): Locator =>
  page
    .getByRole('group', { name: 'Frames of this box' })
    .getByRole('button', { name: new RegExp(`^Frame ${slot},`) });

/** What the clock of a fresh demo season says: the last 21 August, at this time of day. */
export function demoNow(): Date {
  const now = new Date();
  const demo = new Date(now);
  demo.setMonth(7, 21);
  if (demo > now) demo.setFullYear(now.getFullYear() - 1);
  return demo;
}

interface Planned {
  readonly frames?: string;
  readonly lot?: string;
}

/** A day of one's own, with the usual line. */
export async function planDay(page: Page, { frames = '48', lot }: Planned = {}): Promise<void> {
  await page.goto('/mine/strain');
  await page.getByRole('button', { name: 'Plan a day' }).click();
  const sheet = page.getByRole('dialog');
  if (lot !== undefined) await sheet.getByLabel('Honey of the lot').selectOption({ label: lot });
  await sheet.getByLabel('Name', { exact: true }).fill('First extraction');
  await sheet.getByLabel('Frames', { exact: true }).fill(frames);
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'First extraction', level: 1 })).toBeVisible();
}

/** Says of a meter that is not one's own that it does not correct temperature itself. */
export const withoutAtc = (page: Page): Promise<void> =>
  page
    .getByRole('radiogroup', { name: 'Does the meter correct for temperature itself (ATC)?' })
    .getByRole('radio', { name: 'No', exact: true })
    .click();
