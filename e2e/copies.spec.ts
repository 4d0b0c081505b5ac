import type { Page } from '@playwright/test';
import { expect, expectAccessible, startOwnLot, test } from './house';

test.use({ fresh: true });

/** The browser's own folder stands for one on the disk: nobody is there to choose. */
async function lendFolder(page: Page): Promise<void> {
  await page.addInitScript(() => {
    Object.assign(window, { showDirectoryPicker: () => navigator.storage.getDirectory() });
  });
}

/** Names of the files there, and how many records each holds; -1 for what is no whole file. */
const files = (page: Page): Promise<[string, number][]> =>
  page.evaluate(async () => {
    const found: [string, number][] = [];
    const root = (await navigator.storage.getDirectory()) as unknown as AsyncIterable<
      [string, FileSystemFileHandle]
    >;
    for await (const [name, handle] of root) {
      const text = await (await handle.getFile()).text();
      const file = JSON.parse(text) as { records: unknown[]; seal?: { records: number } };
      found.push([name, file.seal?.records === file.records.length ? file.records.length : -1]);
    }
    return found.sort();
  });

test('copies are kept in a folder by themselves, three in turn', async ({ page }) => {
  await lendFolder(page);
  await page.clock.install();
  await startOwnLot(page);
  await page.goto('/mine/kit');
  await page.getByRole('button', { name: 'Keep a copy in a folder automatically' }).click();
  await expect(page.getByText(/the last three are kept/)).toBeVisible();
  await expectAccessible(page);
  await expect.poll(() => files(page)).toHaveLength(1);
  const [[name, first] = ['', 0]] = await files(page);
  expect(name).toBe('ripenum-mine-1.json');
  expect(first).toBeGreaterThan(0);

  for (const [at, dial] of ['17.2', '17.4', '17.6'].entries()) {
    await page.goto('/mine/today');
    await page
      .getByRole('region', { name: /^Waiting/ })
      .getByRole('link')
      .first()
      .click();
    await page.getByLabel('The dial shows').fill(dial);
    await page.getByRole('button', { name: 'Save this reading' }).click();
    await expect(page.getByRole('listitem').filter({ hasText: `dial ${dial} %` })).toBeVisible();
    await page.clock.runFor(16_000);
    await expect
      .poll(async () => Math.max(...(await files(page)).map(([, records]) => records)))
      .toBeGreaterThan(first + at);
  }
  expect((await files(page)).map(([file]) => file)).toEqual([
    'ripenum-mine-1.json',
    'ripenum-mine-2.json',
    'ripenum-mine-3.json',
  ]);
  await page.goto('/mine/today');
  await expect(page.getByText(/everything is in it/)).toBeVisible();
});

test('Today says that a folder is gone, with a way out', async ({ page }) => {
  await lendFolder(page);
  await startOwnLot(page);
  await page.addInitScript(() => {
    FileSystemDirectoryHandle.prototype.getFileHandle = () =>
      Promise.reject(new DOMException('gone', 'NotFoundError'));
  });
  await page.goto('/mine/kit');
  await page.getByRole('button', { name: 'Keep a copy in a folder automatically' }).click();
  await expect(page.getByText(/could not be saved/)).toBeVisible();
  await page.goto('/mine/today');
  await expect(page.getByText(/could not be saved/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Choose a folder' })).toBeVisible();
});
