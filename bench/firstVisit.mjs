/**
 * The first visit with a small phone: processor four times slowed, 1.6 Mbit/s, 150 ms to the server. Opens
 * an empty page of the same stack and pages of Ripenum in turn, each in a fresh profile, and prints medians
 * and ratios. Asserts nothing. Run `npm run build` first.
 */
import { createServer } from 'node:http';
import { once } from 'node:events';
import { existsSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { gzipSync } from 'node:zlib';
import { openBrowser } from '../scripts/browser.mjs';
import { buildEmptyPage } from './emptyPage.mjs';

const ROUNDS = Number(process.argv[2] ?? 3);
const PAGES = ['/mine/lots/new', '/demo/today', '/mine/comb', '/mine/bench/read'];

const TYPES = {
  js: 'text/javascript',
  css: 'text/css',
  html: 'text/html',
  woff2: 'font/woff2',
  svg: 'image/svg+xml',
};

/** The files of a folder, packed; any other address is its page. */
async function serveFolder(folder) {
  const packed = new Map();
  const server = createServer((request, response) => {
    const asked = path.join(folder, new URL(request.url, 'http://here').pathname);
    const file = path.extname(asked) && existsSync(asked) ? asked : path.join(folder, 'index.html');
    if (!packed.has(file)) packed.set(file, gzipSync(readFileSync(file)));
    const type = TYPES[path.extname(file).slice(1)] ?? 'application/octet-stream';
    response.writeHead(200, { 'content-type': type, 'content-encoding': 'gzip' });
    response.end(packed.get(file));
  });
  server.listen(0);
  await once(server, 'listening');
  return { server, base: `http://localhost:${server.address().port}` };
}

/* global window, PerformanceObserver -- `watch` runs in the page */
/** Written into the page before anything else: what was painted, and which tasks were long. */
function watch() {
  window.seen = { paint: 0, long: [] };
  new PerformanceObserver((list) => {
    window.seen.paint = list.getEntries().at(-1).startTime;
  }).observe({ type: 'largest-contentful-paint', buffered: true });
  new PerformanceObserver((list) => {
    window.seen.long.push(...list.getEntries().map(({ duration }) => duration));
  }).observe({ type: 'longtask', buffered: true });
}

async function visit(browser, address) {
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    serviceWorkers: 'block',
  });
  const page = await context.newPage();
  await page.addInitScript(watch);
  const session = await context.newCDPSession(page);
  await session.send('Network.enable');
  await session.send('Performance.enable');
  await session.send('Emulation.setCPUThrottlingRate', { rate: 4 });
  await session.send('Network.emulateNetworkConditions', {
    offline: false,
    latency: 150,
    downloadThroughput: 1.6e6 / 8,
    uploadThroughput: 75e4 / 8,
  });
  let [kB, files] = [0, 0];
  const scripts = new Set();
  session.on('Network.responseReceived', ({ requestId, type }) => {
    if (type === 'Script') scripts.add(requestId);
  });
  session.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
    if (!scripts.has(requestId)) return;
    files += 1;
    kB += encodedDataLength / 1000;
  });
  await page.goto(address);
  await page.locator('h1').first().waitFor({ timeout: 60_000 });
  const before = { kB, files };
  await page.waitForTimeout(4000);
  const { paint, long } = await page.evaluate(() => window.seen);
  const { metrics } = await session.send('Performance.getMetrics');
  await context.close();
  const blocked = long.reduce((sum, ms) => sum + Math.max(0, ms - 50), 0);
  const busy = metrics.find(({ name }) => name === 'TaskDuration').value;
  return [paint / 1000, blocked / 1000, busy, before.kB, before.files];
}

const medianOf = (values) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)];

const { root, folder } = await buildEmptyPage();
const empty = await serveFolder(folder);
const own = await serveFolder('dist/client');
const browser = await openBrowser();
const addresses = [`${empty.base}/`, ...PAGES.map((page) => own.base + page)];
const seen = new Map(addresses.map((address) => [address, []]));
for (let round = 0; round < ROUNDS; round += 1)
  for (const address of addresses) seen.get(address).push(await visit(browser, address));
await browser.close();
empty.server.close();
own.server.close();
rmSync(root, { recursive: true });

const HEAD = ['largest paint [s]', 'blocked [s]', 'main thread [s]', 'script [kB]', 'files'];
const table = addresses.map((address) =>
  HEAD.map((_, at) => medianOf(seen.get(address).map((figures) => figures[at]))),
);
console.log(['page'.padEnd(20), ...HEAD.map((name) => name.padStart(24))].join(''));
table.forEach((row, at) => {
  const name = at === 0 ? 'empty page' : PAGES[at - 1];
  const cells = row.map((figure, column) => {
    const times = figure / table[0][column];
    return `${figure.toFixed(1)} (${Number.isFinite(times) ? times.toFixed(1) : '–'}×)`.padStart(
      24,
    );
  });
  console.log([name.padEnd(20), ...cells].join(''));
});
