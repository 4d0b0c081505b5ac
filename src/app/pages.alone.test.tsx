/** @jest-environment <rootDir>/scripts/jest/pageEnvironment.mjs */
import { expect, jest, test } from '@jest/globals';
import { within } from '@testing-library/react';
import { MADE_UP, strayWordsOf } from './test/strayWords';

/** What no sentence says: a figure that is none, or a value that nobody put into words. */
const SLIPS = /\bNaN\b|\bundefined\b|\[object|\bInfinity\b|\bnull\b|\{[a-z]\w*\}/;

/** Slips of a page: figures that are none, buttons without a name, no or two headings of the first rank. */
function slipsOf(body: HTMLElement): string[] {
  const text = body.textContent;
  const found = SLIPS.exec(text);
  const nameless = within(body)
    .queryAllByRole('button', { hidden: true })
    .filter((button) => !button.textContent.trim() && !button.hasAttribute('aria-label'));
  return [
    ...(found ? [text.slice(Math.max(0, found.index - 40), found.index + 40)] : []),
    ...nameless.map((button) => `a button without a name: ${button.outerHTML.slice(0, 80)}`),
    ...(body.querySelectorAll('h1').length === 1 ? [] : ['not one heading of the first rank']),
  ];
}

/** The language is chosen as the application loads: nothing of it may be loaded before. */
async function inMadeUpLanguage() {
  localStorage.setItem('ripenum.language', 'made-up');
  globalThis.fetch = () => Promise.resolve(Response.json(MADE_UP));
  const { visitEveryPage } = await import('./test/everyPage');
  const { demoSeason } = await import('../../demo/season');
  const records = demoSeason('2026-11-26', Date.parse('2026-11-26T12:00:00Z'));
  const written = records.flatMap(({ content, reason }) => [content, reason]);
  return { visitEveryPage, strayWords: strayWordsOf(written) };
}

test('every kind of page of the demo season stands, without a slip, and all it says is from the catalogue', async () => {
  const errors = jest.spyOn(console, 'error').mockImplementation(() => undefined);
  const { visitEveryPage, strayWords } = await inMadeUpLanguage();
  const slips: string[] = [];
  const kinds = await visitEveryPage((path, body) => {
    const found = [...slipsOf(body), ...strayWords(body)];
    slips.push(...found.map((slip) => `${path}: ${slip}`));
    expect(body.textContent).toContain('⟦');
  });
  expect([...new Set(slips)]).toEqual([]);
  expect(errors.mock.calls.map(([first]) => String(first).slice(0, 200))).toEqual([]);
  expect(kinds.length).toBeGreaterThan(40);
}, 180_000);
