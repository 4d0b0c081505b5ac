import { expect, test, type Page } from '@playwright/test';
import { demoSeason } from '../demo/season';
import { FLOWER_KINDS, FRAME_FORMATS, RULE_SETS, SCHOOLS } from '../src/core';
import { englishTexts } from '../src/app/words/test/catalogue';

/** Every text of the catalogue between brackets: what stands outside them is no part of it. */
const PSEUDO = {
  locale: 'en',
  messages: Object.fromEntries([...englishTexts()].map(([id, text]) => [id, `⟦${text}⟧`])),
};

/** Strings that a value holds, however deep. */
const stringsIn = (value: unknown): string[] =>
  typeof value === 'string'
    ? [value]
    : typeof value === 'object' && value !== null
      ? Object.values(value).flatMap(stringsIn)
      : [];

/** What keepers wrote, and names that stand in the data. */
const DATA = [
  ...new Set(
    [
      ...demoSeason('2026-11-26', Date.parse('2026-11-26T12:00:00Z')).flatMap((one) =>
        stringsIn([one.content, one.reason]),
      ),
      ...stringsIn([RULE_SETS, SCHOOLS, FRAME_FORMATS, FLOWER_KINDS]),
      'Ripenum',
      'SHA-256',
    ].filter((text) => /[A-Za-zÀ-ÿ]{2,}/.test(text)),
  ),
].sort((a, b) => b.length - a.length);

/** Units, keys and names of months and days, which the browser knows in every language. */
const NOT_WORDS =
  /\b(kg|mm|cm|min|nD|RH|Bx|Brix|Pfund|kWh|ml|mg|mS|dm|lb|oz|US gal|imp gal|in|kPa|Pa|ATC|HMF|CSV|PDF|JSON|ISO|AOAC|JCGM|CXS|EU|[0-9a-f]{8,}|Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Oct|Nov|Dec|(Mon|Tues|Wednes|Thurs|Fri|Satur|Sun)day|Mon|Tue|Wed|Thu|Fri|Sat|Sun)\b/g;

/** Texts of the page that are seen or read out, as far as they stand in no brackets. */
function outsideBrackets(): string[] {
  const texts: string[] = [];
  let depth = 0;
  const take = (text: string): void => {
    let out = '';
    for (const letter of text) {
      if (letter === '⟦') depth += 1;
      else if (letter === '⟧') depth = Math.max(0, depth - 1);
      else if (depth === 0) out += letter;
      if (letter === '⟧') out += ' ';
    }
    if (out.trim() !== '') texts.push(out.trim());
  };
  const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
  for (let node = walker.nextNode(); node; node = walker.nextNode()) {
    const parent = node.parentElement;
    if (!parent || /^(SCRIPT|STYLE|NOSCRIPT)$/.test(parent.tagName)) continue;
    take(node.textContent ?? '');
  }
  for (const element of document.querySelectorAll('[aria-label],[placeholder],[title],[alt]')) {
    for (const name of ['aria-label', 'placeholder', 'title', 'alt']) {
      depth = 0;
      take(element.getAttribute(name) ?? '');
    }
  }
  return texts;
}

async function strayWords(page: Page): Promise<string[]> {
  const texts = await page.evaluate(outsideBrackets);
  return texts.flatMap((text) => {
    let rest = text;
    for (const known of DATA)
      rest = rest.replaceAll(known, ' ').replaceAll(known.toLowerCase(), ' ');
    return /[A-Za-zÀ-ÿ]{2,}/.test(rest.replace(NOT_WORDS, ' ')) ? [text] : [];
  });
}

/** `/demo/lots/:id`: pages of one kind are looked at once. */
const kindOf = (path: string): string =>
  path
    .replace(/[?#].*/, '')
    .split('/')
    .map((step) => (/\d|%/.test(step) ? ':id' : step))
    .join('/');

test('in a made-up language no word of any page stands outside the catalogue', async ({ page }) => {
  test.setTimeout(240_000);
  await page.route('**/languages/pseudo.json', (route) => route.fulfill({ json: PSEUDO }));
  await page.goto('/demo/today');
  await expect(page.locator('h1').first()).toBeVisible();
  await page.evaluate(() => localStorage.setItem('ripenum.language', 'pseudo'));
  const seen = new Set<string>();
  const waiting = ['/demo/today'];
  const stray = new Map<string, string>();
  while (waiting.length > 0) {
    const path = waiting.shift() ?? '';
    if (seen.has(kindOf(path))) continue;
    seen.add(kindOf(path));
    await page.goto(path);
    await expect(page.locator('h1').first()).toBeVisible();
    await page.evaluate(() =>
      document.querySelectorAll('details').forEach((one) => (one.open = true)),
    );
    for (const text of await strayWords(page)) stray.set(text, kindOf(path));
    const links = await page
      .locator('a[href^="/demo/"]')
      .evaluateAll((all) => all.map((one) => one.getAttribute('href') ?? ''));
    waiting.push(...links.filter((link) => !seen.has(kindOf(link))));
  }
  expect(seen.size).toBeGreaterThan(25);
  expect([...stray].map(([text, path]) => `${path}: ${text}`)).toEqual([]);
});
