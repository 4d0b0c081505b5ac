/** @jest-environment <rootDir>/scripts/jest/pageEnvironment.mjs */
import { afterEach, expect, jest, test } from '@jest/globals';
import { handOver } from './handOver';

const BLOB = new Blob(['{}']);
const shared: File[] = [];
const saved: string[] = [];

/** A phone whose share sheet takes some files, and what it answers. */
function phone(takes: (file: File) => boolean, answer: () => Promise<void>, isCoarse = true): void {
  Object.assign(window, { matchMedia: () => ({ matches: isCoarse }) });
  Object.assign(navigator, {
    canShare: ({ files }: { files: File[] }) => files.every(takes),
    share: ({ files }: { files: File[] }) => {
      shared.push(...files);
      return answer();
    },
  });
  URL.createObjectURL = () => 'blob:x';
  jest.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(function (
    this: HTMLAnchorElement,
  ) {
    saved.push(this.download);
  });
}

afterEach(() => {
  shared.length = 0;
  saved.length = 0;
});

test('on a phone the share sheet gets it, as text, which browsers let through', async () => {
  phone(
    ({ name }) => name.endsWith('.txt'),
    () => Promise.resolve(),
  );
  expect(await handOver('ripenum-mine', 'json', BLOB)).toBe(true);
  expect(shared.map(({ name, type }) => [name, type])).toEqual([
    ['ripenum-mine.txt', 'text/plain'],
  ]);
  expect(saved).toEqual([]);
});

test('what it does not take is saved, and so is everything at a desk', async () => {
  phone(
    ({ name }) => name.endsWith('.txt'),
    () => Promise.resolve(),
  );
  expect(await handOver('ripenum-mine', 'zip', BLOB)).toBe(true);
  phone(
    () => true,
    () => Promise.resolve(),
    false,
  );
  expect(await handOver('ripenum-mine', 'json', BLOB)).toBe(true);
  expect(saved).toEqual(['ripenum-mine.zip', 'ripenum-mine.json']);
  expect(shared).toEqual([]);
});

test('closed without a choice, nothing counts as copied; refused, it is saved', async () => {
  phone(
    () => true,
    () => Promise.reject(new DOMException('', 'AbortError')),
  );
  expect(await handOver('ripenum-mine', 'json', BLOB)).toBe(false);
  expect(saved).toEqual([]);
  phone(
    () => true,
    () => Promise.reject(new DOMException('', 'NotAllowedError')),
  );
  expect(await handOver('ripenum-mine', 'json', BLOB)).toBe(true);
  expect(saved).toEqual(['ripenum-mine.json']);
});
