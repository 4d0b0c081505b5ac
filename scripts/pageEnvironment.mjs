import { TestEnvironment } from 'jest-environment-jsdom';

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

/** What a canvas is drawn on: it takes every stroke and shows none. */
const unpainted = (canvas) =>
  new Proxy(
    { canvas, measureText: () => ({ width: 0 }) },
    { get: (own, name) => (name in own ? own[name] : () => ({ addColorStop() {} })) },
  );

/** A page without a screen: nothing is measured or painted, workers never answer. */
export default class PageEnvironment extends TestEnvironment {
  async setup() {
    await super.setup();
    for (const name of OF_NODE) this.global[name] ??= globalThis[name];
    Object.defineProperty(this.global, 'crypto', { value: globalThis.crypto });
    this.global.Worker = class {
      addEventListener() {}
      removeEventListener() {}
      postMessage() {}
      terminate() {}
    };
    this.global.ResizeObserver = class {
      observe() {}
      unobserve() {}
      disconnect() {}
    };
    this.global.matchMedia = () => ({
      matches: false,
      addEventListener() {},
      removeEventListener() {},
    });
    this.global.document.fonts = { ready: new Promise(() => undefined) };
    this.global.HTMLCanvasElement.prototype.getContext = function () {
      return unpainted(this);
    };
    this.global.HTMLElement.prototype.scrollIntoView = () => {};
    this.global.scrollTo = () => {};
  }
}
