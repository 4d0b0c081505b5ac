/**
 * Every page after one season of a hobbyist, after ten of them, and after twenty years of a house (sixty):
 * bringing the file in, then each page opened anew and from another page. Prints figures and growth; asserts
 * nothing. Run `npm run build` first. `node bench/everySize.mjs [COPIES …]`
 */
import { spawn, spawnSync } from 'node:child_process';
import { once } from 'node:events';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { openBrowser } from '../scripts/browser.mjs';

const PORT = 4378;
const BASE = `http://localhost:${PORT}`;
const SIZES = process.argv.length > 2 ? process.argv.slice(2).map(Number) : [1, 10, 60];
const PAGES = [
  'today',
  'lots/y0a-demo-8-1',
  'comb',
  'season',
  'season/years',
  'season/forecasts',
  'warm-room',
  'strain',
  'bench',
  'bench/readings',
  'store',
  'store/blend',
  'store/trace',
  'kit',
];
const MOST_MS = 120_000;
const QUIET_MS = 600;

/* global window, PerformanceObserver -- run in the page */
function watch() {
  window.busy = { last: 0, worst: 0 };
  new PerformanceObserver((list) => {
    for (const { startTime, duration } of list.getEntries()) {
      window.busy.last = Math.max(window.busy.last, startTime + duration);
      window.busy.worst = Math.max(window.busy.worst, duration);
    }
  }).observe({ type: 'longtask', buffered: true });
}

/** When the page stands and when it is at rest [ms since `from`], what it holds, as it is now. */
async function settled(page, from) {
  const shown = page.waitForFunction(
    () => document.querySelector('main h1, main header h1') && performance.now(),
    null,
    { timeout: MOST_MS },
  );
  const shownMs = (await (await shown).jsonValue()) - from;
  const rest = await page.waitForFunction(
    (quiet) =>
      performance.now() - Math.max(window.busy.last, window.shownAt ?? 0) > quiet &&
      Math.max(window.busy.last, 1),
    QUIET_MS,
    { timeout: MOST_MS, polling: 100 },
  );
  const restMs = Math.max(shownMs, (await rest.jsonValue()) - from);
  const nodes = await page.evaluate(() => document.querySelectorAll('*').length);
  return { shownMs, restMs, nodes };
}

async function heapOf(session) {
  await session.send('HeapProfiler.collectGarbage');
  const { metrics } = await session.send('Performance.getMetrics');
  return metrics.find(({ name }) => name === 'JSHeapUsedSize').value / 1e6;
}

async function openPage(context, address) {
  const page = await context.newPage();
  try {
    await page.addInitScript(watch);
    const session = await context.newCDPSession(page);
    await session.send('Performance.enable');
    await page.goto(`${BASE}/mine/${address}`);
    const fresh = await settled(page, 0);
    const heapMB = await heapOf(session);
    // away to a page without records, and back
    await page.evaluate(() => {
      window.history.pushState(null, '', '/mine/handbook');
      window.dispatchEvent(new window.PopStateEvent('popstate'));
    });
    await page.waitForTimeout(1500);
    await page.evaluate(() => {
      window.wentAt = performance.now();
      window.history.back();
    });
    await page.waitForFunction((wanted) => window.location.pathname.endsWith(wanted), address);
    const from = await page.evaluate(() => window.wentAt);
    const again = await settled(page, from);
    return { ...fresh, heapMB, againMs: again.shownMs, againRestMs: again.restMs };
  } finally {
    await page.close();
  }
}

async function bringIn(context, file) {
  const page = await context.newPage();
  await page.addInitScript(watch);
  await page.goto(`${BASE}/mine/kit`);
  await page.locator('main h1').waitFor();
  await page.evaluate(() => (window.busy.worst = 0));
  const start = Date.now();
  await page.getByLabel('File to bring in').setInputFiles(file);
  await page.getByText(/Brought in [\d,]+ records/).waitFor({ timeout: 600_000 });
  const seconds = (Date.now() - start) / 1000;
  const worstMs = await page.evaluate(() => window.busy.worst);
  await page.close();
  return { seconds, worstMs };
}

const folder = mkdtempSync(path.join(tmpdir(), 'ripenum-'));
const server = spawn('node', ['dist/server/index.js', '--port', String(PORT)], {
  stdio: ['ignore', 'pipe', 'inherit'],
});
await once(server.stdout, 'data');
const browser = await openBrowser();
const cell = (text) => String(text).padStart(12);
const HEAD = ['shown', 'at rest', 'again', 'at rest', 'MB', 'elements'];
for (const copies of SIZES) {
  const file = path.join(folder, `${copies}.json`);
  const write = ['scripts/runTs.mjs', 'bench/writeManySeasons.ts', String(copies), file];
  const { stdout } = spawnSync('node', write, { encoding: 'utf8' });
  const revisions = Number(/^(\d+) revisions/m.exec(stdout)?.[1]);
  console.log(`\n×${copies}: ${stdout.trim().replace(/ in .*/, '')}`);
  const context = await browser.newContext({
    viewport: { width: 1280, height: 800 },
    serviceWorkers: 'block',
  });
  const { seconds, worstMs } = await bringIn(context, file);
  console.log(
    `brought in in ${seconds.toFixed(1)} s, ${Math.round(revisions / seconds)} revisions a second; the page was busy for at most ${worstMs.toFixed(0)} ms`,
  );
  console.log(['page [ms]'.padEnd(20), ...HEAD.map(cell)].join(''));
  for (const address of PAGES) {
    const figures = await openPage(context, address).catch((error) => error);
    if (figures instanceof Error) {
      console.log(`${address.padEnd(20)} ${figures.message.split('\n')[0]}`);
      continue;
    }
    const { shownMs, restMs, againMs, againRestMs, heapMB, nodes } = figures;
    const cells = [shownMs, restMs, againMs, againRestMs, heapMB, nodes];
    console.log([address.padEnd(20), ...cells.map((figure) => cell(figure.toFixed(0)))].join(''));
  }
  await context.close();
}
await browser.close();
server.kill();
rmSync(folder, { recursive: true });
