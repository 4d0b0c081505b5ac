/**
 * How much script a browser fetches on the first visit to a page, packed, from the built files. Run by
 * itself it prints the pages and ends in failure where one is over its budget: so a build cannot grow unseen.
 */
import { readFileSync, readdirSync } from 'node:fs';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { gzipSync } from 'node:zlib';

const FOLDER = 'dist/client';

/**
 * Most of each first page [kB gzip]. Raise one only with a reason in the commit; 190 is what is wanted.
 */
const BUDGETS = {
  start: 419,
  NewLotScreen: 438,
  TodayScreen: 463,
  CombScreen: 434,
  QuickReadingScreen: 430,
};

/** Scripts that index.html names, and all that they import at once. */
export function initialFiles(folder) {
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
    for (const [, other] of code.matchAll(/(?:from|import)\s*["'`]\.\/([^"'`]+\.js)["'`]/g)) {
      queue.push(path.posix.join(path.posix.dirname(name), other));
    }
  }
  return [...seen];
}

/** Everything that the first visit to a screen fetches before the screen is drawn. */
export function filesOfScreen(folder, screen) {
  const assets = readdirSync(path.join(folder, 'assets')).filter((name) => name.endsWith('.js'));
  const own = assets.filter((name) => name.startsWith(`${screen}-`) || name.startsWith('Read-'));
  return withImports(folder, [...initialFiles(folder), ...own.map((name) => `assets/${name}`)]);
}

const packedKb = (file) => gzipSync(readFileSync(file), { level: 9 }).length / 1000;

/** Size of some files together [kB gzip]. */
export const sizeOf = (folder, files) =>
  files.reduce((sum, name) => sum + packedKb(path.join(folder, name)), 0);

function report() {
  const over = Object.entries(BUDGETS).filter(([page, most]) => {
    const files = page === 'start' ? initialFiles(FOLDER) : filesOfScreen(FOLDER, page);
    const size = sizeOf(FOLDER, files);
    console.log(
      `script for ${page.padEnd(20)} ${size.toFixed(0)} kB in ${files.length} files, at most ${most} kB`,
    );
    return size > most;
  });
  if (over.length === 0) return;
  console.error(
    `Too much script on a first visit: ${over.map(([page]) => page).join(', ')}. Load what a page needs later where it is used (see docs/architecture.md), or say in the commit why the budget is raised.`,
  );
  process.exitCode = 1;
}

if (import.meta.url === pathToFileURL(process.argv[1]).href) report();
