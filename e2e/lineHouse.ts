import type { Page } from '@playwright/test';
import { expect } from './house';

/** Nine in the morning of a summer day, where the browser is. */
export const MORNING = new Date(2026, 7, 12, 9, 0);

interface Planned {
  readonly frames?: string;
  readonly lot?: string;
}

/** A day of one's own, with the usual line; the clock stands in the morning. */
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

/** When the honey is done, in minutes after midnight. */
export async function doneAt(page: Page): Promise<number> {
  const text = await page
    .getByRole('region', { name: 'The answer' })
    .getByRole('status')
    .first()
    .innerText();
  const [, hours, minutes] = /(\d+):(\d+)/.exec(text) ?? [];
  return Number(hours) * 60 + Number(minutes);
}
