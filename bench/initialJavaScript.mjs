/**
 * The JavaScript that a browser fetches before the first page is drawn, against an empty page of
 * React, Router, Redux Toolkit and Dexie: builds both, prints gzip sizes and their ratio.
 */
import { rmSync } from 'node:fs';
import { build } from 'vite';
import { filesOfScreen, initialFiles, sizeOf } from '../scripts/scriptBudget.mjs';
import { buildEmptyPage } from './emptyPage.mjs';

const ALLOWED_RATIO = 1.3;

const page = await buildEmptyPage();
const empty = sizeOf(page.folder, initialFiles(page.folder));
rmSync(page.root, { recursive: true });
await build({ logLevel: 'warn' });
const folder = 'dist/client';
const line = (label, size) =>
  console.log(
    `${label.padEnd(44)} ${size.toFixed(1)} kB gzip   ${(size / empty).toFixed(2)} times the empty page`,
  );
line('Empty React, Router, Redux Toolkit, Dexie page', empty);
line('Ripenum, before the first page is drawn', sizeOf(folder, initialFiles(folder)));
line('Ripenum, up to the list of lots', sizeOf(folder, filesOfScreen(folder, 'TodayScreen')));
console.log(`Wanted before the first page: at most ${ALLOWED_RATIO} times.`);
