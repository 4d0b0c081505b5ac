/**
 * A 12-megapixel photograph of a side in the built application: time until its corners and its points are
 * there, longest task of the page meanwhile, and the memory of the page's process at its highest.
 * Build first; `npm run bench:page` for three runs.
 */
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { mkdtempSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import jpeg from 'jpeg-js';
import { chromium, type Page } from '@playwright/test';
import { secondPicture } from '../src/core/test/secondComb/camera';

const RUNS = Number(process.argv[3] ?? 3);
const PORT = 4295;
const FRAME = `http://localhost:${PORT}/demo/comb/demo-second-1/box/demo-place-43`;
const [WIDTH, HEIGHT] = [4000, 3000];

/** The picture of the second drawer, as large as a phone takes it; the meadow behind goes on below. */
function large(seed: number): Buffer {
  const { picture } = secondPicture(seed, 'clean');
  const data = Buffer.alloc(4 * WIDTH * HEIGHT, 255);
  const scale = WIDTH / picture.width;
  for (let y = 0; y < HEIGHT; y += 1)
    for (let x = 0; x < WIDTH; x += 1) {
      const [u, v] = [
        Math.min(picture.width - 2, x / scale),
        Math.min(picture.height - 2, y / scale),
      ];
      const [column, row] = [Math.floor(u), Math.floor(v)];
      const [right, down] = [u - column, v - row];
      const at = 4 * (row * picture.width + column);
      for (let channel = 0; channel < 3; channel += 1) {
        const of = (step: number): number => picture.data[at + step + channel]!;
        const over = of(0) * (1 - right) + of(4) * right;
        const under = of(4 * picture.width) * (1 - right) + of(4 * picture.width + 4) * right;
        data[4 * (y * WIDTH + x) + channel] = over * (1 - down) + under * down;
      }
    }
  return jpeg.encode({ width: WIDTH, height: HEIGHT, data }, 85).data;
}

/** Megabytes that all processes of the browser hold for themselves, by what the system says of each. */
function megabytesOfPages(): number {
  return readdirSync('/proc')
    .filter((name) => /^\d+$/.test(name))
    .reduce((sum, pid) => {
      try {
        if (!readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes('--type=renderer')) return sum;
        const rollup = readFileSync(`/proc/${pid}/smaps_rollup`, 'utf8');
        const kilobytes = [...rollup.matchAll(/^Private_\w+:\s+(\d+)/gm)];
        return sum + kilobytes.reduce((own, [, value]) => own + Number(value) / 1024, 0);
      } catch {
        // a process that ended meanwhile holds nothing
        return sum;
      }
    }, 0);
}

async function measured(page: Page, picture: string): Promise<string> {
  const before = megabytesOfPages();
  let most = before;
  const watching = setInterval(() => (most = Math.max(most, megabytesOfPages())), 50);
  await page.evaluate(() => {
    const own = globalThis as unknown as { tasks: number[]; watched?: boolean };
    own.tasks = [];
    if (own.watched) return;
    own.watched = true;
    new PerformanceObserver((list) =>
      own.tasks.push(...list.getEntries().map(({ duration }) => Math.round(duration))),
    ).observe({ type: 'longtask' });
  });
  const choosing = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Side A', exact: true }).click();
  const chooser = await choosing;
  const opening = performance.now();
  await chooser.setFiles(picture);
  await page.getByRole('button', { name: 'Read the comb' }).waitFor();
  const reading = performance.now();
  await page.getByRole('button', { name: 'Read the comb' }).click();
  await page.getByRole('button', { name: 'Use this share' }).waitFor();
  const done = performance.now();
  clearInterval(watching);
  const tasks = await page.evaluate(() => (globalThis as unknown as { tasks: number[] }).tasks);
  const seconds = (ms: number): string => `${(ms / 1000).toFixed(2)} s`;
  await page.keyboard.press('Escape');
  return `opened ${seconds(reading - opening)}, read ${seconds(done - reading)}, together ${seconds(done - opening)}; tasks over 50 ms: ${tasks.join(', ') || 'none'}; memory ${before.toFixed(0)} MB, at most ${(most - before).toFixed(0)} MB more`;
}

const folder = mkdtempSync(path.join(tmpdir(), 'ripenum-photo-'));
const server = spawn('node', ['dist/server/index.js', '--port', String(PORT)]);
await once(server.stdout, 'data');
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--no-first-run'],
});
try {
  const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
  await page.goto(FRAME);
  await page.getByText('Photographs', { exact: true }).click();
  for (let run = 1; run <= RUNS; run += 1) {
    // from the disk, as a camera hands it over: a buffer would be decoded by the page itself
    const picture = path.join(folder, `side-${run}.jpg`);
    writeFileSync(picture, large(9100 + run));
    console.log(`run ${run}: ${await measured(page, picture)}`);
  }
} finally {
  await browser.close();
  server.kill('SIGTERM');
  rmSync(folder, { recursive: true });
}
