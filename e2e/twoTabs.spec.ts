import type { Page } from '@playwright/test';
import { mark, nextFrame, openBox, tenths } from './combHouse';
import { expect, expectAccessible, startOwnLot, test } from './house';

test('two tabs correct one reading: other fields go together, the same field is asked about', async ({
  context,
  page,
}) => {
  await startOwnLot(page);
  await page.getByLabel('The dial shows').fill('17.2');
  await page.getByRole('button', { name: 'Save this reading' }).click();
  await expect(page.getByRole('listitem').filter({ hasText: 'dial 17.2 %' })).toBeVisible();
  const other = await context.newPage();
  await other.goto(page.url());
  const open = async (tab: Page): Promise<void> => {
    await tab.getByRole('button', { name: /^Correct reading/ }).click();
    await expect(tab.getByRole('dialog')).toBeVisible();
  };
  const keep = async (tab: Page): Promise<void> => {
    await tab.getByRole('dialog').getByLabel('Why').fill('Looked again');
    await tab.getByRole('button', { name: 'Save the correction' }).click();
  };
  await open(page);
  await page.getByRole('dialog').getByLabel('Remark').fill('from the shed');
  await open(other);
  await other.getByRole('dialog').getByLabel('The dial shows').fill('17.6');
  await keep(other);
  await expect(other.getByRole('dialog')).toHaveCount(0);
  await keep(page);
  await expect(page.getByRole('listitem').filter({ hasText: 'dial 17.6 %' })).toContainText(
    'from the shed',
  );

  await open(page);
  await page.getByRole('dialog').getByLabel('The dial shows').fill('17.0');
  await open(other);
  await other.getByRole('dialog').getByLabel('The dial shows').fill('18.0');
  await keep(other);
  await expect(other.getByRole('dialog')).toHaveCount(0);
  await keep(page);
  const rivals = page.getByRole('dialog', { name: 'Changed in another tab' });
  await expect(rivals.getByRole('row', { name: /The dial shows/ })).toContainText('18');
  await expectAccessible(page);
  await rivals.getByRole('button', { name: 'Keep mine' }).click();
  await expect(page.getByRole('listitem').filter({ hasText: /dial 17(\.0)? %/ })).toBeVisible();
  await page.getByText(/^History/).click();
  await expect(page.getByText(/dial 18\.0 %/).first()).toBeVisible();
});

test('two tabs judge one frame: nothing is overwritten, both are shown', async ({
  context,
  page,
}) => {
  await openBox(page, 'Hive 5');
  await mark(page, 9).click();
  const other = await context.newPage();
  await other.goto(page.url());
  await mark(other, 9).click();
  const judge = async (tab: Page, a: number, b: number): Promise<void> => {
    await tenths(tab, 'A', a).click();
    await tenths(tab, 'B', b).click();
  };
  await judge(page, 3, 3);
  await judge(other, 9, 9);
  await nextFrame(other).click();
  await expect(other.getByText(/^Frame 9: /).first()).toBeVisible();
  await page.bringToFront();
  await nextFrame(page).click();
  const rivals = page.getByRole('dialog', { name: 'Changed in another tab' });
  await expect(rivals.getByRole('row', { name: /Capped, tenths/ }).first()).toContainText('3');
  await rivals.getByRole('button', { name: 'Keep the other' }).click();
  await expect(rivals).toHaveCount(0);
  await mark(page, 9).click();
  await expect(tenths(page, 'A', 9)).toBeChecked();
});

/** Opens the database as a newer version of the application would. */
const upgradeElsewhere = (page: Page): Promise<void> =>
  page.evaluate(async () => {
    const request = indexedDB.open('ripenum-mine', 9990);
    await new Promise((resolve) => (request.onsuccess = resolve));
    request.result.close();
  });

test('once a newer version has the records, an old tab says so, and nothing older touches them', async ({
  context,
  page,
}) => {
  await startOwnLot(page);
  const newer = await context.newPage();
  await newer.goto('/');
  await upgradeElsewhere(newer);
  await expect(page.getByRole('alert')).toContainText('This tab is too old to save anything');
  await page.getByLabel('The dial shows').fill('17.2');
  await page.getByRole('button', { name: 'Save this reading' }).click();
  await expect(page.getByText('Reading 17.2 % saved')).toHaveCount(0);
  await page.reload();
  await expect(page.getByRole('heading', { name: 'A newer version was used here' })).toBeVisible();
});
