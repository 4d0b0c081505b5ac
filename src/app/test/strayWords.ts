import { FLOWER_KINDS, FRAME_FORMATS, RULE_SETS, SCHOOLS } from '../../core';
import type { Language } from '../words/language';
import { englishTexts } from '../words/test/catalogue';

/** A made-up language: every text of the catalogue between brackets. */
export const MADE_UP: Language = {
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

/** Units, keys and names of months and days, which the browser knows in every language. */
const NOT_WORDS =
  /\b(kg|mm|cm|min|nD|RH|Bx|Brix|Pfund|kWh|ml|mg|mS|dm|lb|oz|US gal|imp gal|in|kPa|Pa|ATC|HMF|CSV|PDF|JSON|ISO|AOAC|JCGM|CXS|EU|[0-9a-f]{8,}|Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Oct|Nov|Dec|(Mon|Tues|Wednes|Thurs|Fri|Satur|Sun)day|Mon|Tue|Wed|Thu|Fri|Sat|Sun)\b/g;

const WORD = /[A-Za-zÀ-ÿ]{2,}/;

/** What of texts that follow one another stands in no brackets. */
function outsideBrackets(texts: readonly string[]): string[] {
  let depth = 0;
  return texts.map((text) => {
    let outside = '';
    for (const letter of text) {
      if (letter === '⟦') depth += 1;
      else if (letter === '⟧') {
        depth = Math.max(0, depth - 1);
        outside += ' ';
      } else if (depth === 0) outside += letter;
    }
    return outside.trim();
  });
}

function textsIn(body: HTMLElement): string[] {
  const walker = document.createTreeWalker(body, NodeFilter.SHOW_TEXT);
  const texts: string[] = [];
  for (let node = walker.nextNode(); node; node = walker.nextNode()) {
    if (!/^(SCRIPT|STYLE|NOSCRIPT)$/.test(node.parentElement?.tagName ?? ''))
      texts.push(node.textContent ?? '');
  }
  return texts;
}

const NAMING = ['aria-label', 'placeholder', 'title', 'alt'];

const attributesIn = (body: HTMLElement): string[] =>
  NAMING.flatMap((name) =>
    [...body.querySelectorAll(`[${name}]`)].map((element) => element.getAttribute(name) ?? ''),
  );

/**
 * Finds words of a page in the made-up language that are not from the catalogue.
 *
 * @param written - what keepers wrote; names in the data are known besides
 */
export function strayWordsOf(written: unknown): (body: HTMLElement) => string[] {
  const known = [
    ...stringsIn([written, RULE_SETS, SCHOOLS, FRAME_FORMATS, FLOWER_KINDS]),
    'Ripenum',
    'SHA-256',
  ];
  const names = [...new Set(known.filter((text) => WORD.test(text)))].sort(
    (a, b) => b.length - a.length,
  );
  const withoutNames = (text: string): string =>
    names.reduce(
      (rest, name) => rest.replaceAll(name, ' ').replaceAll(name.toLowerCase(), ' '),
      text,
    );
  const isStray = (text: string): boolean =>
    WORD.test(text) && WORD.test(withoutNames(text).replace(NOT_WORDS, ' '));
  return (body) =>
    [
      ...outsideBrackets(textsIn(body)),
      ...attributesIn(body).flatMap((text) => outsideBrackets([text])),
    ].filter(isStray);
}
