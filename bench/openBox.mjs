/**
 * Opening a box in a season of 20,000 frame checks, in the browser: from the click to the first frame
 * drawn. Imports the season through the application's own file, then opens boxes in turn. Prints
 * figures; asserts nothing. Run `npm run build` first.
 */
import { spawn, spawnSync } from 'node:child_process';
import { once } from 'node:events';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { openBrowser } from '../scripts/browser.mjs';

const PORT = 4379;
const BASE = `http://localhost:${PORT}`;
const LOOKS = 20_000;
const OPENED = 20;
const TARGET_MS = 100;

const file = path.join(mkdtempSync(path.join(tmpdir(), 'ripenum-')), 'season.json');
const written = spawnSync(
  'node',
  ['scripts/runTs.mjs', 'bench/writeSeason.ts', String(LOOKS), file],
  {
    stdio: 'inherit',
  },
);
if (written.status !== 0) process.exit(1);

const server = spawn('node', ['dist/server/index.js', '--port', String(PORT)], {
  stdio: ['ignore', 'pipe', 'inherit'],
});
await once(server.stdout, 'data');
const browser = await openBrowser();
const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
await page.goto(`${BASE}/mine/kit`);
const importing = Date.now();
await page.getByLabel('File to bring in').setInputFiles(file);
await page.getByText(/Brought in \d+ records/).waitFor({ timeout: 300_000 });
console.log(
  `importing ${LOOKS} looks with their frames and boxes: ${((Date.now() - importing) / 1000).toFixed(1)} s`,
);

await page.goto(`${BASE}/mine/comb`);
await page.getByRole('link', { name: /Day 01/ }).click();
await page.getByRole('heading', { level: 1, name: 'Day 01' }).waitFor({ timeout: 60_000 });
const links = page.locator('a[href*="/box/"]');
await links.nth(15).waitFor({ timeout: 60_000 });

const times = [];
for (let at = 0; at < OPENED; at += 1) {
  const ms = await page.evaluate(async (index) => {
    const link = document.querySelectorAll('section[aria-labelledby="boxes"] li a')[index];
    const start = performance.now();
    link.click();
    while (!document.querySelector('[data-testid="verdict"]')) {
      await new Promise((resolve) => requestAnimationFrame(resolve));
    }
    return performance.now() - start;
  }, at);
  times.push(ms);
  await page.waitForTimeout(1500);
  await page.goBack();
  await links.nth(15).waitFor({ timeout: 60_000 });
  await page.waitForTimeout(500);
}
const sorted = times.slice(1).sort((a, b) => a - b);
const median = sorted[Math.floor(sorted.length / 2)];
const worst = sorted.at(-1);
console.log(
  `opening a box: first ${times[0].toFixed(0)} ms (code is fetched), then median ${median.toFixed(0)} ms, worst ${worst.toFixed(0)} ms; ${(TARGET_MS / median).toFixed(2)} times within ${TARGET_MS} ms`,
);
await browser.close();
server.kill();
