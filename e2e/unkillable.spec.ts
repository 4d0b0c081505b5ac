import { expect, expectAccessible, startOwnLot, test } from './house';

test.describe('a disk that fails', () => {
  test.use({ fresh: true });

  test('records that cannot be read say so, judge nothing, and are read again', async ({
    page,
  }) => {
    await startOwnLot(page);
    await page.addInitScript(() => {
      const { prototype } = IDBObjectStore;
      const read = Object.getOwnPropertyDescriptor(prototype, 'getAll')!;
      Object.assign(window, { heal: () => Object.defineProperty(prototype, 'getAll', read) });
      prototype.getAll = function (...asked) {
        if (this.name === 'lots') throw new DOMException('The disk is gone.', 'UnknownError');
        return (read.value as typeof prototype.getAll).apply(this, asked);
      };
    });
    await page.goto('/mine/today');
    await expect(
      page.getByRole('heading', { name: 'The records could not be read' }),
    ).toBeVisible();
    await expectAccessible(page);
    await page.keyboard.press('k');
    await expect(page.getByRole('button', { name: 'Save all records to a file' })).toBeVisible();
    await page.keyboard.press('t');
    await page.evaluate(() => (window as unknown as { heal: () => void }).heal());
    await page.getByRole('button', { name: 'Try again' }).click();
    await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
    await expect(page.getByText('Waiting for your decision (1)')).toBeVisible();
  });
});

test('a worker that cannot be loaded says so, and is tried again', async ({ page }) => {
  await page.goto('/demo/kit');
  await page.route('**/recordFile.worker*', (route) => route.abort());
  await page.getByRole('button', { name: 'Save all records to a file' }).click();
  await expect(page.getByRole('alert')).toContainText('could not be loaded');
  await page.unroute('**/recordFile.worker*');
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save all records to a file' }).click();
  await saved;
  await expect(page.getByText(/Saved \d+ records to a file/)).toBeVisible();
});
