import type { Page } from '@playwright/test';
import { expect } from './house';

/** Opens one of the demo's lots at the bench, and another way to work on it. */
export async function openBench(page: Page, name: RegExp, way?: string): Promise<void> {
  await page.goto('/demo/bench');
  await expect(page.getByRole('heading', { name: 'To measure' })).toBeVisible();
  const lot = page.getByRole('link', { name });
  if (!(await lot.isVisible())) await page.getByText(/^Measured \(/).click();
  await lot.click();
  await expect(page.getByLabel('The dial shows').first()).toBeVisible();
  if (way === undefined) return;
  await page.getByRole('link', { name: way }).click();
  // what is pressed next is meant for that page
  await expect(page.getByRole('heading', { name: 'Bucket 1' })).toBeHidden();
}

/** A lot of one's own with so many buckets, opened at the bench. */
export async function startBuckets(page: Page, count: number, way?: string): Promise<void> {
  await page.goto('/mine/lots/new');
  await page.getByRole('radio', { name: '8', exact: true }).click();
  await page.getByLabel('How many').fill(String(count));
  await page.getByRole('button', { name: 'Start this lot' }).click();
  await page.getByRole('link', { name: /^Readings/ }).click();
  await expect(page.getByRole('heading', { name: 'Bucket 1' })).toBeVisible();
  if (way === undefined) return;
  await page.getByRole('link', { name: way }).click();
  // what is pressed next is meant for that page
  await expect(page.getByRole('heading', { name: 'Bucket 1' })).toBeHidden();
}

export const chooseMeter = (page: Page, label: string): Promise<string[]> =>
  page.getByLabel('Meter', { exact: true }).selectOption({ label });

/** The line that says what was done. */
export const noticed = (page: Page, text: string | RegExp) =>
  expect(page.getByText(text).first()).toBeVisible();
