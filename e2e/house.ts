import { readFile } from 'node:fs/promises';
import {
  test as base,
  expect,
  type Browser,
  type BrowserContext,
  type Page,
} from '@playwright/test';

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

interface Profiles {
  /** a profile that no other test has had: for what outlives the storage, such as a clock or a service worker */
  fresh: boolean;
  quiet: void;
}

interface Kept {
  /** profiles of this worker that tests of like kind take over from each other, by what they are */
  profiles: Map<string, BrowserContext>;
}

/** A profile whose pages say what the policy of the application refuses. */
async function freshProfile(browser: Browser): Promise<BrowserContext> {
  const context = await browser.newContext();
  await context.addInitScript(() =>
    document.addEventListener('securitypolicyviolation', ({ violatedDirective, blockedURI }) =>
      console.error(`the policy refuses ${blockedURI} as ${violatedDirective}`),
    ),
  );
  return context;
}

/** What the tab of a kept profile stands on between tests: of the application, so that its process stays. */
const NOWHERE = '/api/health';

const STORAGE = 'indexeddb,local_storage,cache_storage,service_workers,file_systems';

/** Throws away what a test has left in a profile; its first tab and its compiled scripts stay. */
async function wiped(
  context: BrowserContext,
  viewport: { width: number; height: number } | null,
): Promise<void> {
  const [first, ...others] = context.pages();
  const page = first ?? (await context.newPage());
  for (const other of others) await other.close();
  page.removeAllListeners();
  await page.unrouteAll();
  await page.goto(NOWHERE);
  await page.evaluate(() => sessionStorage.clear());
  await page.emulateMedia({
    colorScheme: 'light',
    forcedColors: 'none',
    media: null,
    reducedMotion: 'no-preference',
  });
  if (viewport) await page.setViewportSize(viewport);
  const session = await context.newCDPSession(page);
  const { origin } = new URL(page.url());
  await session.send('Storage.clearDataForOrigin', { origin, storageTypes: STORAGE });
  await session.detach();
}

/** A test whose pages never ask another host and never complain. */
export const test = base.extend<Profiles, Kept>({
  fresh: [false, { option: true }],
  profiles: [
    // the runner reads from the pattern what is needed: nothing
    // oxlint-disable-next-line no-empty-pattern
    async ({}, use) => {
      const profiles = new Map<string, BrowserContext>();
      await use(profiles);
      for (const context of profiles.values()) await context.close();
    },
    { scope: 'worker' },
  ],
  context: async (
    { browser, profiles, fresh, viewport, hasTouch, isMobile, baseURL, serviceWorkers },
    use,
    info,
  ) => {
    const kind = JSON.stringify([viewport, hasTouch, isMobile, baseURL]);
    const isKept = !fresh && serviceWorkers === 'block';
    const context = (isKept && profiles.get(kind)) || (await freshProfile(browser));
    profiles.delete(kind);
    await use(context);
    if (isKept && info.status === info.expectedStatus) {
      await wiped(context, viewport);
      profiles.set(kind, context);
    } else await context.close();
  },
  page: async ({ context }, use) => use(context.pages()[0] ?? (await context.newPage())),
  quiet: [
    async ({ context }, use) => {
      const all: string[][] = [];
      const hear = (page: Page): void => void all.push(watch(page));
      context.pages().forEach(hear);
      context.on('page', hear);
      await use();
      context.off('page', hear);
      expect(all.flat()).toEqual([]);
    },
    { auto: true },
  ],
});

export { expect };
export { expectAccessible, expectReadable, expectReadableAtNight } from './axe';

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
  if (page.url() === 'about:blank' || page.url().endsWith(NOWHERE)) await page.goto(address);
  else {
    await heading.evaluate((element) => element.setAttribute('data-left', ''));
    await page.evaluate((to) => {
      history.pushState({}, '', to);
      dispatchEvent(new PopStateEvent('popstate', { state: {} }));
    }, address);
  }
  // the first page of the demo makes its season, which a busy machine takes its time for
  await expect(heading.and(page.locator(':not([data-left])'))).toBeVisible({ timeout: 30_000 });
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

/** Says of a meter that is not one's own that it does not correct temperature itself. */
export const withoutAtc = (page: Page): Promise<void> =>
  page
    .getByRole('radiogroup', { name: 'Does the meter correct for temperature itself (ATC)?' })
    .getByRole('radio', { name: 'No', exact: true })
    .click();
