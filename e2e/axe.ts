import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type axe from 'axe-core';
import type { RunOptions } from 'axe-core';
import { expect, type JSHandle, type Page } from '@playwright/test';

type Axe = typeof axe;

const CONTRAST = 'color-contrast';

/** Of axe's time four fifths are the contrast of every word: it is asked for apart. */
const ALL_BUT_COLOURS: RunOptions = {
  resultTypes: ['violations'],
  rules: { [CONTRAST]: { enabled: false } },
};
const COLOURS: RunOptions = {
  resultTypes: ['violations'],
  runOnly: { type: 'rule', values: [CONTRAST] },
};

const SCRIPT = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

/** What axe finds on the page, or in some elements of it; its own script is read once for each load. */
async function expectNothingOf(
  page: Page,
  asked: RunOptions,
  parts: JSHandle<Element[]> | null = null,
): Promise<void> {
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(SCRIPT);
  const found = await page.evaluate(
    async ([options, include]) => {
      if (include?.length === 0) return [];
      const { axe: inPage } = window as unknown as { axe: Axe };
      const where = include ? { include: include as unknown as NodeList } : document;
      const { violations } = await inPage.run(where, options);
      return violations.map(
        ({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html).join(' | ')}`,
      );
    },
    [asked, parts] as const,
  );
  expect(found).toEqual([]);
}

/** Everything axe knows to be wrong with the page as it stands, colours aside. */
export async function expectAccessible(page: Page): Promise<void> {
  await page.locator('h1').first().waitFor();
  await expectNothingOf(page, ALL_BUT_COLOURS);
}

/**
 * What is written on the page in a way that was not on it before, since it was loaded: of words that are
 * written alike all the way up, by class and state, all have the colours of the first.
 */
const newlyWritten = (page: Page): Promise<JSHandle<Element[]>> =>
  page.evaluateHandle(() => {
    const held = window as unknown as { looks?: Set<string> };
    const looks = (held.looks ??= new Set());
    const STATE =
      /^(class|style|data-.*|disabled|open|type|aria-(checked|current|selected|disabled))$/;
    const lookOf = (element: Element): string => {
      const states = [...element.attributes].filter(({ name }) => STATE.test(name));
      const own = states.map(({ name, value }) => `${name}=${value}`).join(' ');
      const around = element.parentElement ? lookOf(element.parentElement) : '';
      return `${around}>${element.localName} ${own}`;
    };
    const isWritten = (element: Element): boolean =>
      element.matches('input, select, textarea') ||
      [...element.childNodes].some((node) => node.nodeType === 3 && node.nodeValue?.trim());
    return [...document.body.querySelectorAll('*')].filter((element) => {
      if (!isWritten(element) || !element.checkVisibility()) return false;
      const [look, before] = [lookOf(element), looks.size];
      return looks.add(look).size > before;
    });
  });

/** Words stand out from their ground. */
export const expectReadable = async (page: Page): Promise<void> =>
  expectNothingOf(page, COLOURS, await newlyWritten(page));

/** Words stand out from their ground at night as by day. */
export async function expectReadableAtNight(page: Page): Promise<void> {
  await page.emulateMedia({ colorScheme: 'dark' });
  await expect(page.locator('html')).toHaveAttribute('data-scheme', 'night');
  await expectReadable(page);
  await page.emulateMedia({ colorScheme: 'light' });
}
