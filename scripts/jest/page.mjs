/** One page for all suites of a process, among the globals of plain Node. */
import { JSDOM } from 'jsdom';
import { completed } from './pageParts.mjs';

const window = completed(
  new JSDOM('<!doctype html><html><head></head><body></body></html>', {
    url: 'http://localhost/',
    pretendToBeVisual: true,
  }).window,
);

/** What the pages use as Node has it. */
const OF_NODE = new Set([
  'globalThis',
  'Blob',
  'File',
  'console',
  'crypto',
  'Crypto',
  'Headers',
  'performance',
  'Performance',
  'URL',
  'URLSearchParams',
  'setTimeout',
  'clearTimeout',
  'setInterval',
  'clearInterval',
  'queueMicrotask',
]);

/** Functions of the window that pages call without naming it. */
const FUNCTIONS = [
  'addEventListener',
  'removeEventListener',
  'dispatchEvent',
  'getComputedStyle',
  'getSelection',
  'requestAnimationFrame',
  'cancelAnimationFrame',
  'postMessage',
  'atob',
  'btoa',
];

for (const name of Object.getOwnPropertyNames(window)) {
  if (OF_NODE.has(name) || name.startsWith('_')) continue;
  if (name in globalThis && Object.is(globalThis[name], window[name])) continue;
  Object.defineProperty(globalThis, name, {
    configurable: true,
    get: () => window[name],
    set: (value) => {
      window[name] = value;
    },
  });
}
for (const name of FUNCTIONS) {
  const value = window[name].bind(window);
  Object.defineProperty(globalThis, name, { configurable: true, writable: true, value });
}

// React notes for its developer tools where each element was made: a third of the time of a walk.
delete console.createTask;
delete console.timeStamp;
const { default: React } = await import('react');
Object.defineProperty(
  React.__CLIENT_INTERNALS_DO_NOT_USE_OR_WARN_USERS_THEY_CANNOT_UPGRADE,
  'recentlyCreatedOwnerStacks',
  { get: () => Infinity, set() {} },
);

// What the library arranges as it is loaded would hold for the first suite alone.
process.env.RTL_SKIP_AUTO_CLEANUP = 'true';
const { cleanup } = await import('@testing-library/react');

/** Takes down what a test has drawn. */
globalThis.clearPage = cleanup;
