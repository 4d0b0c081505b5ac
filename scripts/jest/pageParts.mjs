/** What jsdom leaves out of a page: nothing is measured or painted, and workers never answer. */

/** What a canvas is drawn on: it takes every stroke and shows none. */
const unpainted = (canvas) =>
  new Proxy(
    { canvas, measureText: () => ({ width: 0 }) },
    { get: (own, name) => (name in own ? own[name] : () => ({ addColorStop() {} })) },
  );

/** Adds it to a window. */
export function completed(window) {
  window.Worker = class {
    addEventListener() {}
    removeEventListener() {}
    postMessage() {}
    terminate() {}
  };
  window.ResizeObserver = class {
    observe() {}
    unobserve() {}
    disconnect() {}
  };
  window.matchMedia = () => ({
    matches: false,
    addEventListener() {},
    removeEventListener() {},
  });
  window.document.fonts = { ready: new Promise(() => undefined) };
  window.HTMLCanvasElement.prototype.getContext = function () {
    return unpainted(this);
  };
  window.HTMLElement.prototype.scrollIntoView = () => {};
  window.scrollTo = () => {};
  return window;
}
