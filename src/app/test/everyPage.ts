import { cleanup } from '@testing-library/react';
import { openPage } from './openPage';

/** `/demo/lots/:id`: pages of one kind are looked at once. */
const kindOf = (path: string): string =>
  path
    .replace(/[?#].*/, '')
    .split('/')
    .map((step) => (/\d|%/.test(step) ? ':id' : step))
    .join('/');

const linksIn = (body: HTMLElement): string[] =>
  [...body.querySelectorAll<HTMLAnchorElement>('a[href^="/demo/"]')].map(
    (link) => link.getAttribute('href') ?? '',
  );

/**
 * Opens one page of each kind of the demo season, by following links from Today, with all that is
 * folded opened.
 *
 * @returns the kinds that were found, such as `/demo/lots/:id`
 */
export async function visitEveryPage(
  visit: (path: string, body: HTMLElement) => void,
): Promise<readonly string[]> {
  const seen = new Set<string>();
  const waiting = ['/demo/today'];
  for (let path = waiting.shift(); path !== undefined; path = waiting.shift()) {
    if (seen.has(kindOf(path))) continue;
    seen.add(kindOf(path));
    await openPage(path);
    document.querySelectorAll('details').forEach((details) => (details.open = true));
    visit(path, document.body);
    waiting.push(...linksIn(document.body));
    cleanup();
  }
  return [...seen];
}
