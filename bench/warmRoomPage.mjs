/* global PerformanceObserver */
/**
 * The forecast of the demo's warm room in the browser: from the click to the first band, to all
 * courses, and the longest task of the page meanwhile. Prints figures; asserts nothing. Run
 * `npm run build` first.
 */
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { openBrowser } from '../scripts/browser.mjs';

const PORT = 4380;
const BASE = `http://localhost:${PORT}`;

const server = spawn('node', ['dist/server/index.js', '--port', String(PORT)], {
  stdio: ['ignore', 'pipe', 'inherit'],
});
await once(server.stdout, 'data');
const browser = await openBrowser();
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.goto(`${BASE}/demo/warm-room`);
await page.getByRole('link', { name: /Boathouse room/ }).waitFor();
await page.evaluate(() => {
  globalThis.longTasks = [];
  new PerformanceObserver((list) => {
    globalThis.longTasks.push(...list.getEntries().map((one) => one.duration));
  }).observe({ type: 'longtask', buffered: false });
});
for (let round = 1; round <= 3; round += 1) {
  const start = Date.now();
  await page.getByRole('link', { name: /Boathouse room/ }).click();
  await page
    .getByText(/now about/)
    .first()
    .waitFor();
  const first = Date.now() - start;
  await page.getByText('Forecast complete.').waitFor();
  const all = Date.now() - start;
  const tasks = await page.evaluate(() => globalThis.longTasks.splice(0));
  const longest = Math.max(0, ...tasks);
  console.log(
    `round ${round}: first band after ${first} ms (${(1000 / first).toFixed(1)} times within 1 s), 500 courses after ${all} ms (${(5000 / all).toFixed(1)} times within 5 s), ${tasks.length} tasks over 50 ms, the longest ${longest.toFixed(0)} ms`,
  );
  await page.getByRole('link', { name: 'All rooms' }).click();
  await page.getByRole('link', { name: /Boathouse room/ }).waitFor();
}
await browser.close();
server.kill();
