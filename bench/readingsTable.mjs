/**
 * Scrolling the table of 5,000 readings in the browser: time from opening to the first row, frames
 * while it scrolls from end to end, rows in the page at once. Prints figures; asserts nothing. Run
 * `npm run build` first.
 */
import { spawn, spawnSync } from 'node:child_process';
import { once } from 'node:events';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { openBrowser } from '../scripts/browser.mjs';

const PORT = 4378;
const BASE = `http://localhost:${PORT}`;
const READINGS = 5000;
const STEPS = 120;
const FRAME_MS = 16.7;

const file = path.join(mkdtempSync(path.join(tmpdir(), 'ripenum-')), 'readings.json');
const written = spawnSync(
  'node',
  ['scripts/runTs.mjs', 'bench/writeBenchSeason.ts', String(READINGS), file],
  { stdio: 'inherit' },
);
if (written.status !== 0) process.exit(1);

const server = spawn('node', ['dist/server/index.js', '--port', String(PORT)], {
  stdio: ['ignore', 'pipe', 'inherit'],
});
await once(server.stdout, 'data');
const browser = await openBrowser();
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.goto(`${BASE}/mine/kit`);
await page.getByLabel('File to bring in').setInputFiles(file);
await page.getByText(/Brought in \d+ records/).waitFor({ timeout: 300_000 });

const opening = Date.now();
await page.goto(`${BASE}/mine/bench/readings`);
await page.getByText(`${READINGS} readings`).waitFor({ timeout: 60_000 });
console.log(`opening ${READINGS} readings, page load included: ${Date.now() - opening} ms`);

const found = await page.evaluate(async (steps) => {
  const table = document.querySelector('[role="table"]');
  const far = table.scrollHeight - table.clientHeight;
  const frames = [];
  let rows = 0;
  for (let step = 0; step <= steps; step += 1) {
    const start = performance.now();
    table.scrollTop = (far * step) / steps;
    await new Promise((resolve) => requestAnimationFrame(() => requestAnimationFrame(resolve)));
    frames.push((performance.now() - start) / 2);
    rows = Math.max(rows, table.querySelectorAll('[role="row"]').length);
  }
  return { frames: frames.sort((a, b) => a - b), rows, last: table.textContent.includes('Row 1') };
}, STEPS);
const median = found.frames[Math.floor(found.frames.length / 2)];
const p95 = found.frames[Math.floor(found.frames.length * 0.95)];
console.log(
  `scrolling ${STEPS} steps from end to end: a frame takes ${median.toFixed(1)} ms at the median, ${p95.toFixed(1)} ms at the 95th; ${(FRAME_MS / median).toFixed(2)} times 60 a second`,
);
console.log(
  `rows in the page at once: at most ${found.rows} of ${READINGS}; end reached: ${found.last}`,
);
await browser.close();
server.kill();
