import { readFile } from 'node:fs/promises';
import AxeBuilder from '@axe-core/playwright';
import { test as base, expect, type Page } from '@playwright/test';

/** What is said of our blocked service worker in ordinary specs, and of a newer version taking over. */
const EXPECTED =
  /Service Worker registration blocked by Playwright|Another connection wants to upgrade database/;

/** Watches a page: no request may leave this host, nothing may be refused or fail. */
function watch(page: Page): string[] {
  const complaints: string[] = [];
  page.on('request', (request) => {
    const { protocol, hostname } = new URL(request.url());
    const local = hostname === 'localhost' || ['blob:', 'data:'].includes(protocol);
    if (!local) complaints.push(`request to ${request.url()}`);
  });
  page.on('console', (message) => {
    const isComplaint = ['error', 'warning'].includes(message.type());
    if (isComplaint && !EXPECTED.test(message.text())) complaints.push(message.text());
  });
  page.on('pageerror', (error) => complaints.push(error.message));
  return complaints;
}

/** A test whose pages never ask another host and never complain. */
export const test = base.extend<{ quiet: void }>({
  quiet: [
    async ({ context }, use) => {
      const all: string[][] = [];
      context.on('page', (page) => all.push(watch(page)));
      await context.addInitScript(() =>
        document.addEventListener('securitypolicyviolation', ({ violatedDirective, blockedURI }) =>
          console.error(`the policy refuses ${blockedURI} as ${violatedDirective}`),
        ),
      );
      await use();
      expect(all.flat()).toEqual([]);
    },
    { auto: true },
  ],
});

export { expect };

/** What the clock of a fresh demo season says: the last 21 August, at this time of day. */
export function demoNow(): Date {
  const now = new Date();
  const demo = new Date(now);
  demo.setMonth(7, 21);
  if (demo > now) demo.setFullYear(now.getFullYear() - 1);
  return demo;
}

/** Everything axe knows to be wrong with the page as it stands. */
export async function expectAccessible(page: Page): Promise<void> {
  const { violations } = await new AxeBuilder({ page })
    // one frame, one page: to sum up in a page of its own costs a second each time
    .setLegacyMode()
    .options({ resultTypes: ['violations'] })
    .analyze();
  expect(
    violations.map(
      (violation) => `${violation.id}: ${violation.nodes.map((node) => node.html).join(' | ')}`,
    ),
  ).toEqual([]);
}

/** Words stand out from their ground at night as by day. */
export async function expectReadableAtNight(page: Page): Promise<void> {
  await page.emulateMedia({ colorScheme: 'dark' });
  await expect(page.locator('html')).toHaveAttribute('data-scheme', 'night');
  const { violations } = await new AxeBuilder({ page })
    .setLegacyMode()
    .withRules(['color-contrast'])
    .analyze();
  await page.emulateMedia({ colorScheme: 'light' });
  expect(violations.flatMap(({ nodes }) => nodes.map((node) => node.html))).toEqual([]);
}

/** The page must not scroll sideways. */
export async function expectNoSidewaysScroll(page: Page): Promise<void> {
  const [content, window] = await page.evaluate(() => [
    document.documentElement.scrollWidth,
    document.documentElement.clientWidth,
  ]);
  expect(content).toBeLessThanOrEqual(window ?? 0);
}

/**
 * Turns to another page as a link does, without loading everything anew. The pages before and after must be
 * of different kinds.
 */
export async function turnTo(page: Page, address: string): Promise<void> {
  const heading = page.getByRole('heading', { level: 1 });
  if (!page.url().startsWith('http')) await page.goto(address);
  else {
    await heading.evaluate((element) => element.setAttribute('data-left', ''));
    await page.evaluate((to) => {
      history.pushState({}, '', to);
      dispatchEvent(new PopStateEvent('popstate', { state: {} }));
    }, address);
  }
  await expect(heading.and(page.locator(':not([data-left])'))).toBeVisible();
}

/** The decision of the answer on the page. */
export const outcome = (page: Page) => page.getByTestId('outcome');

/** Opens the demo season and one of its lots. */
export async function openDemoLot(page: Page, name: string): Promise<void> {
  await page.goto('/demo/today');
  const lots = page.getByRole('region', { name: /^(Waiting for your decision|Signed)/ });
  await lots.getByRole('link', { name: new RegExp(name) }).click();
  await expect(page.getByRole('heading', { level: 1, name: new RegExp(name) })).toBeVisible();
}

/** A lot of one's own with eight tenths capped, ready for readings. */
export async function startOwnLot(page: Page): Promise<void> {
  await page.goto('/mine/lots/new');
  await page.getByRole('radio', { name: '8', exact: true }).click();
  await page.getByRole('button', { name: 'Start this lot' }).click();
  await expect(page.getByRole('heading', { name: 'Readings' })).toBeVisible();
}

/** The file that an act hands to the browser to be saved. */
export async function savedBy(page: Page, act: () => Promise<void>): Promise<Buffer> {
  const download = page.waitForEvent('download');
  await act();
  return readFile(await (await download).path());
}

/** All records of a workspace, as the button of Kit gives them out. */
export async function exportAll(page: Page, workspace = 'demo'): Promise<Buffer> {
  await page.goto(`/${workspace}/kit`);
  return savedBy(page, () =>
    page.getByRole('button', { name: 'Save all records to a file' }).click(),
  );
}

/** A text as a file that is chosen. */
export const jsonFile = (text: string, name = 'season.json') => ({
  name,
  mimeType: 'application/json',
  buffer: Buffer.from(text),
});

/** An exported file with its seal taken off and its records changed by hand. */
export function changedBy(
  text: string,
  change: (records: Record<string, unknown>[]) => void,
): string {
  const file = JSON.parse(text) as { seal?: object; records: Record<string, unknown>[] };
  delete file.seal;
  change(file.records);
  return JSON.stringify(file);
}

/** Says of a meter that is not one's own that it does not correct temperature itself. */
export const withoutAtc = (page: Page): Promise<void> =>
  page
    .getByRole('radiogroup', { name: 'Does the meter correct for temperature itself (ATC)?' })
    .getByRole('radio', { name: 'No', exact: true })
    .click();
