import { expect, type Page } from '@playwright/test';

/** The answer for the frame in hand. */
export const verdict = (page: Page) => page.getByTestId('verdict');

/** Opens the demo day that is under way. */
export async function openDay(page: Page): Promise<void> {
  await page.goto('/demo/comb');
  await page.getByRole('link', { name: /Marsh, second visit/ }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Marsh, second visit' })).toBeVisible();
}

/** Opens a box of a hive on that day, by the order of the boxes of the hive. */
export async function openBox(page: Page, hive: string, box = 'Box 1'): Promise<void> {
  await openDay(page);
  const group = page
    .locator('div', { has: page.getByRole('heading', { level: 3, name: new RegExp(`^${hive},`) }) })
    .last();
  await group.getByRole('link', { name: new RegExp(box) }).click();
  await expect(page.getByRole('heading', { level: 1, name: `${hive}, ${box}` })).toBeVisible();
}

/** Capped tenths of a side at a glance. */
export function tenths(page: Page, side: 'A' | 'B', count: number) {
  return page
    .getByRole('region', { name: `Side ${side}` })
    .getByRole('radio', { name: `${count} tenths`, exact: true });
}

export const nextFrame = (page: Page) =>
  page.getByRole('button', { name: /Next frame|Box finished/ });

/** The mark of a frame in the row of the box. */
export const mark = (page: Page, slot: number) =>
  page
    .getByRole('group', { name: 'Frames of this box' })
    .getByRole('button', { name: new RegExp(`^Frame ${slot},`) });
