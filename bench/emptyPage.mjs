/** An empty page of React, Router, Redux Toolkit and Dexie: what every page of this stack costs at least. */
import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { build } from 'vite';

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
const Page = () => createElement('h1', null, String(useLiveQuery(() => db.table('things').count(), [])));
const router = createBrowserRouter([{ path: '*', Component: Page }]);
createRoot(document.getElementById('root')).render(
  createElement(Provider, { store }, createElement(RouterProvider, { router })),
);
`;

/** Builds it; returns the folder to serve, within one that is to be thrown away. */
export async function buildEmptyPage() {
  mkdirSync('node_modules/.cache', { recursive: true });
  const root = mkdtempSync(path.resolve('node_modules/.cache/empty-page-'));
  writeFileSync(path.join(root, 'main.js'), EMPTY_PAGE);
  writeFileSync(
    path.join(root, 'index.html'),
    '<!doctype html><meta name="viewport" content="width=device-width"><div id="root"></div><script type="module" src="/main.js"></script>',
  );
  await build({ configFile: false, root, logLevel: 'warn', build: { target: 'es2022' } });
  return { root, folder: path.join(root, 'dist') };
}
