/**
 * The JavaScript that a browser fetches before the first page is drawn, against an empty page of
 * React, Router, Redux Toolkit and Dexie: builds both, prints gzip sizes and their ratio.
 */
import { readFileSync, readdirSync, rmSync } from 'node:fs';
import path from 'node:path';
import { gzipSync } from 'node:zlib';
import { build } from 'vite';
import { buildEmptyPage } from './emptyPage.mjs';

const ALLOWED_RATIO = 1.3;

const gzipKb = (file) => gzipSync(readFileSync(file), { level: 9 }).length / 1000;

/** Scripts that index.html names, and all that they import at once. */
function initialFiles(folder) {
  const html = readFileSync(path.join(folder, 'index.html'), 'utf8');
  const wanted = [...html.matchAll(/(?:src|href)="\/(assets\/[^"]+\.js)"/g)].map(
    ([, name]) => name,
  );
  return withImports(folder, wanted);
}

function withImports(folder, wanted) {
  const seen = new Set();
  const queue = [...wanted];
  while (queue.length > 0) {
    const name = queue.pop();
    if (seen.has(name)) continue;
    seen.add(name);
    const code = readFileSync(path.join(folder, name), 'utf8');
    for (const [, other] of code.matchAll(/(?:from|import)\s*["']\.\/([^"']+\.js)["']/g)) {
      queue.push(path.posix.join(path.posix.dirname(name), other));
    }
  }
  return [...seen];
}

function total(folder, files) {
  return files.reduce((sum, name) => sum + gzipKb(path.join(folder, name)), 0);
}

/** Everything that opening the list of lots fetches. */
function todayFiles(folder) {
  const assets = readdirSync(path.join(folder, 'assets')).filter((name) => name.endsWith('.js'));
  const stations = assets.filter((name) => /^(TodayScreen|workspaceRoute)-/.test(name));
  return withImports(folder, [
    ...initialFiles(folder),
    ...stations.map((name) => `assets/${name}`),
  ]);
}

const page = await buildEmptyPage();
const empty = total(page.folder, initialFiles(page.folder));
rmSync(page.root, { recursive: true });
await build({ logLevel: 'warn' });
const folder = 'dist/client';
const line = (label, size) =>
  console.log(
    `${label.padEnd(44)} ${size.toFixed(1)} kB gzip   ${(size / empty).toFixed(2)} times the empty page`,
  );
line('Empty React, Router, Redux Toolkit, Dexie page', empty);
line('Ripenum, before the first page is drawn', total(folder, initialFiles(folder)));
line('Ripenum, up to the list of lots', total(folder, todayFiles(folder)));
console.log(`Wanted before the first page: at most ${ALLOWED_RATIO} times.`);
