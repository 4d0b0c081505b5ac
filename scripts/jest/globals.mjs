/** What tests import as `@jest/globals`, where suites share a process. */
export const { afterAll, afterEach, beforeAll, beforeEach, describe, expect, it, jest } =
  globalThis;

/** The runner of these suites waits for ever: a test that does not end fails here [ms]. */
const LIMIT_MS = 60_000;

const limited = (run, limitMs) => async () => {
  let timer;
  const late = new Promise((_, reject) => {
    timer = setTimeout(() => reject(new Error(`no end after ${limitMs / 1000} s`)), limitMs);
  });
  try {
    await Promise.race([run(), late]);
  } finally {
    clearTimeout(timer);
    globalThis.clearPage?.();
  }
};

const add = (name, run, limitMs = LIMIT_MS) => globalThis.test(name, limited(run, limitMs));

export const test = Object.assign(add, globalThis.test);
