/** A page of its own for a suite that changes the page for whoever comes after it. */
import { TestEnvironment } from 'jest-environment-jsdom';
import { completed } from './pageParts.mjs';

/** What Node has and the pages use, and jsdom leaves out. */
const OF_NODE = [
  'structuredClone',
  'setImmediate',
  'clearImmediate',
  'TextEncoder',
  'TextDecoder',
  'BroadcastChannel',
  'Request',
  'Response',
  'Headers',
  'fetch',
  'ReadableStream',
];

export default class PageEnvironment extends TestEnvironment {
  async setup() {
    await super.setup();
    for (const name of OF_NODE) this.global[name] ??= globalThis[name];
    Object.defineProperty(this.global, 'crypto', { value: globalThis.crypto });
    completed(this.global);
  }
}
