/**
 * The JavaScript that a browser fetches before the first page is drawn, against an empty page of
 * React, Router, Redux Toolkit and Dexie: builds both, prints gzip sizes and their ratio.
 */
import { mkdirSync, mkdtempSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { gzipSync } from 'node:zlib';
import { build } from 'vite';

const ALLOWED_RATIO = 1.3;

const EMPTY_PAGE = `
import { createElement } from 'react';
import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { configureStore, createSlice } from '@reduxjs/toolkit';
import { RouterProvider, createBrowserRouter } from 'react-router';
import { useLiveQuery } from 'dexie-react-hooks';
import Dexie from 'dexie';
const db = new Dexie('empty');
db.version(1).stores({ things: 'id' });
const slice = createSlice({ name: 'empty', initialState: {}, reducers: {} });
const store = configureStore({ reducer: slice.reducer });
const Page = () => createElement('p', null, String(useLiveQuery(() => db.table('things').count(), [])));
const router = createBrowserRouter([{ path: '/', Component: Page }]);
createRoot(document.getElementById('root')).render(
  createElement(Provider, { store }, createElement(RouterProvider, { router })),
);
`;

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

async function buildEmptyPage() {
  mkdirSync('node_modules/.cache', { recursive: true });
  const root = mkdtempSync(path.resolve('node_modules/.cache/empty-page-'));
  writeFileSync(path.join(root, 'main.js'), EMPTY_PAGE);
  writeFileSync(
    path.join(root, 'index.html'),
    '<div id="root"></div><script type="module" src="/main.js"></script>',
  );
  await build({ configFile: false, root, logLevel: 'warn', build: { target: 'es2022' } });
  const folder = path.join(root, 'dist');
  const size = total(folder, initialFiles(folder));
  rmSync(root, { recursive: true });
  return size;
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

const empty = await buildEmptyPage();
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
