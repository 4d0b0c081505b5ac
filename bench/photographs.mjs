/**
 * A copy of a workspace with many photographs: time and size of writing it to a file, and of reading the
 * file as an import would. Build first; `node bench/photographs.mjs 1600 330` for 1,600 of 330 kB each.
 */
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { stat } from 'node:fs/promises';
import { openBrowser } from '../scripts/browser.mjs';

const [count = 1600, kilobytes = 330] = process.argv.slice(2).map(Number);
const PORT = 4293;
const BASE = `http://localhost:${PORT}`;

const server = spawn('node', ['dist/server/index.js', '--port', String(PORT)]);
await once(server.stdout, 'data');
const browser = await openBrowser();
const seconds = (since) => `${((performance.now() - since) / 1000).toFixed(1)} s`;

try {
  const page = await browser.newPage();
  await page.goto(`${BASE}/mine/kit`);
  await page.getByRole('button', { name: 'Save all records to a file' }).waitFor();
  const filling = performance.now();
  await page.evaluate(
    async ({ count, kilobytes }) => {
      const request = globalThis.indexedDB.open('ripenum-mine');
      await new Promise((resolve) => (request.onsuccess = resolve));
      const database = request.result;
      const letters = 'ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789+/';
      const jpegBase64 = Array.from(
        { length: kilobytes * 1000 },
        () => letters[Math.floor(Math.random() * 64)],
      ).join('');
      for (let at = 0; at < count; at += 20) {
        const writing = database.transaction(['photos', 'journal'], 'readwrite');
        for (let one = at; one < Math.min(count, at + 20); one += 1) {
          const id = `photo-${one}`;
          writing.objectStore('photos').add({
            id,
            entityId: id,
            ownerId: 'frame-1',
            schemaVersion: 5,
            recordedAt: '2026-08-01T08:00:00.000Z',
            author: 'HH',
            supersedes: null,
            reason: null,
            withdrawn: false,
            kind: 'photo',
            content: {
              frameId: 'frame-1',
              harvestId: 'harvest-1',
              side: 0,
              day: '2026-08-01',
              width: 1280,
              height: 960,
              jpegBase64: `${one}A${jpegBase64}`,
            },
          });
          writing.objectStore('journal').add({ id, kind: 'photo' });
        }
        await new Promise((resolve) => (writing.oncomplete = resolve));
      }
      database.close();
      // how long the page does not answer while the file is written
      globalThis.longest = 0;
      new globalThis.PerformanceObserver((list) => {
        for (const { duration } of list.getEntries())
          globalThis.longest = Math.max(globalThis.longest, duration);
      }).observe({ type: 'longtask' });
    },
    { count, kilobytes },
  );
  console.log(
    `${count} photographs of ${kilobytes} kB put into the browser in ${seconds(filling)}`,
  );

  for (const name of ['Save all records to a file', 'Save a zip with photographs as files']) {
    const writing = performance.now();
    const saved = page.waitForEvent('download', { timeout: 600_000 });
    await page.getByRole('button', { name }).click();
    const download = await saved;
    const path = await download.path();
    const size = (await stat(path)).size / 1e6;
    const longest = await page.evaluate(() => globalThis.longest);
    console.log(
      `${name}: written, read back and saved in ${seconds(writing)}: ${size.toFixed(0)} MB, ${(size / ((performance.now() - writing) / 1000)).toFixed(0)} MB a second; longest task of the page ${longest.toFixed(0)} ms`,
    );

    const other = await browser.newContext();
    const elsewhere = await other.newPage();
    await elsewhere.goto(`${BASE}/mine/kit`);
    const reading = performance.now();
    await elsewhere.getByLabel('File to bring in').setInputFiles(path);
    await elsewhere
      .getByRole('button', { name: /^Bring it in/ })
      .or(elsewhere.getByRole('alert'))
      .waitFor({ timeout: 600_000 });
    const said = await elsewhere.getByRole('region', { name: 'Files' }).innerText();
    console.log(
      `${name}: read elsewhere in ${seconds(reading)}: ${/[\d,]+ version.*new here/.exec(said)?.[0] ?? said}`,
    );
    await other.close();
  }
} finally {
  await browser.close();
  server.kill('SIGTERM');
}
