import { spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { cp, appendFile, rm } from 'node:fs/promises';
import path from 'node:path';
import type { Page } from '@playwright/test';
import { expect, savedBy, startOwnLot, test } from './house';
import { seasonsFile, type SeasonsFile } from './seasonsFile';

test.use({ fresh: true });

/**
 * From the second page on, a full disk as Chromium has it: the write is given up and the connection closed,
 * nothing can be opened until there is room. (A real one was tried by hand, see docs/kills.md.)
 */
async function lendDisk(page: Page): Promise<void> {
  await page.addInitScript(() => {
    const disk = window as { isFull?: boolean };
    const transaction = Reflect.get(IDBDatabase.prototype, 'transaction');
    IDBDatabase.prototype.transaction = function (...asked) {
      const made = transaction.apply(this, asked);
      if (disk.isFull && asked[1] === 'readwrite') {
        queueMicrotask(() => made.abort());
        this.close();
        this.dispatchEvent(new Event('close'));
      }
      return made;
    };
    const open = Reflect.get(IDBFactory.prototype, 'open');
    IDBFactory.prototype.open = function (...asked) {
      if (disk.isFull) throw new DOMException('Internal error opening backing store', 'AbortError');
      return open.apply(this, asked);
    };
  });
}

const setFull = (page: Page, isFull: boolean): Promise<void> =>
  page.evaluate((full) => void Object.assign(window, { isFull: full }), isFull);

test('a full disk: one sentence, what was typed stays, and it is saved once there is room', async ({
  page,
}) => {
  await lendDisk(page);
  await startOwnLot(page);
  await page.getByLabel('The dial shows').fill('17.2');
  await setFull(page, true);
  const save = page.getByRole('button', { name: 'Save this reading' });
  await save.click();
  await expect(page.getByText(/no room to save this|is not being saved/).first()).toBeVisible();
  await expect(page.getByLabel('The dial shows')).toHaveValue('17.2');
  await setFull(page, false);
  await save.click();
  await expect(page.getByRole('listitem').filter({ hasText: 'dial 17.2 %' })).toBeVisible();
});

/** Brings a large file in and stops while it is read; how many records are there then. */
async function recordsAfterStop(page: Page, file: SeasonsFile): Promise<number> {
  await page.getByLabel('File to bring in').setInputFiles(file);
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByRole('button', { name: 'Stop' })).toHaveCount(0);
  return page.evaluate(async () => {
    const database = await new Promise<IDBDatabase>((resolve) => {
      const opening = indexedDB.open('ripenum-mine');
      opening.onsuccess = () => resolve(opening.result);
    });
    const counting = database.transaction('journal').objectStore('journal').count();
    return new Promise<number>((resolve) => {
      counting.onsuccess = () => resolve(counting.result);
    });
  });
}

test('an import that is stopped leaves nothing behind, and the page goes on', async ({
  page,
}, info) => {
  await page.goto('/mine/kit');
  const file = seasonsFile(3, info.outputPath('seasons.json'));
  expect(await recordsAfterStop(page, file)).toBe(0);
  await page.waitForTimeout(1500);
  await page.getByRole('link', { name: 'Today', exact: true }).first().click();
  await expect(page.getByText('Bring in a copy')).toBeVisible();
});

test.describe('a newer version', () => {
  test.use({ serviceWorkers: 'allow' });
  const PORT = 4395;
  const BASE = `http://localhost:${PORT}`;

  /** Serves a copy of the built application, which can be replaced by a newer one. */
  async function serveCopy(folder: string): Promise<ChildProcess> {
    await cp('dist', folder, { recursive: true });
    const server = spawn('node', [path.join(folder, 'server/index.js'), '--port', String(PORT)], {
      stdio: ['ignore', 'pipe', 'inherit'],
    });
    await once(server.stdout, 'data');
    return server;
  }

  test('waits, takes over when asked, and every tab keeps what was being typed', async ({
    context,
    page,
  }, info) => {
    test.slow();
    const folder = info.outputPath('dist');
    const server = await serveCopy(folder);
    await page.goto(`${BASE}/mine/lots/new`);
    await page.evaluate(() => navigator.serviceWorker.ready);
    await page.reload();
    const other = await context.newPage();
    await other.goto(`${BASE}/mine/lots/new`);
    await page.getByLabel('How many').fill('7');
    await other.getByLabel('How many').fill('9');

    await appendFile(path.join(folder, 'client/sw.js'), '\n// newer');
    await rm(path.join(folder, 'client/sw.js.gz'), { force: true });
    await page.evaluate(async () => (await navigator.serviceWorker.ready).update());
    const use = page.getByRole('button', { name: 'Use it now' });
    await expect(use).toBeVisible();
    await expect(other.getByRole('button', { name: 'Use it now' })).toBeVisible();
    await expect(page.getByLabel('How many')).toHaveValue('7');

    await use.click();
    await expect(use).toHaveCount(0);
    await expect(page.getByLabel('How many')).toHaveValue('7');
    await other.getByRole('button', { name: 'Load this tab again' }).click();
    await expect(other.getByLabel('How many')).toHaveValue('9');
    server.kill('SIGTERM');
    await once(server, 'exit');
  });
});

test('records deleted under an open page: it goes on showing them, and saves what is left', async ({
  page,
}) => {
  await startOwnLot(page);
  await page.getByLabel('The dial shows').fill('17.2');
  const session = await page.context().newCDPSession(page);
  const { origin } = new URL(page.url());
  await session.send('Storage.clearDataForOrigin', { origin, storageTypes: 'indexeddb' });
  await page.getByRole('button', { name: 'Save this reading' }).click();
  await expect(page.getByRole('alert')).toContainText('The browser has deleted your records');
  await expect(page.getByLabel('The dial shows')).toHaveValue('17.2');
  const file = await savedBy(page, () =>
    page.getByRole('button', { name: 'Save what is left' }).click(),
  );
  await page.goto('/mine/today');
  await expect(page.getByText('Bring in a copy')).toBeVisible();
  await page.goto('/mine/kit');
  const rescued = { name: 'rescued.json', mimeType: 'application/json', buffer: file };
  await page.getByLabel('File to bring in').setInputFiles(rescued);
  await expect(page.getByText(/^Brought in/)).toBeVisible();
  await page.goto('/mine/today');
  await expect(page.getByRole('region', { name: /^Waiting/ }).getByRole('listitem')).toHaveCount(1);
});
