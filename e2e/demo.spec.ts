import {
  expect,
  expectAccessible,
  expectNoSidewaysScroll,
  openDemoLot,
  outcome,
  test,
} from './house';

test('from the door into the demo season to a signed ruling', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('link', { name: /Start with the demo season/ }).click();
  await expect(page.getByRole('heading', { name: 'Waiting for your decision (8)' })).toBeVisible();
  await page.getByRole('link', { name: /Straight from the warm room/ }).click();
  await expect(page.getByText('Read warm: 1.18 lower than the dial.').first()).toBeVisible();
  await page.getByRole('button', { name: 'Sign this ruling' }).click();
  await page.getByLabel('Your initials').fill('DM');
  await page.getByRole('button', { name: 'Sign', exact: true }).click();
  await expect(page.getByText(/Signed by DM/).first()).toBeVisible();
});

test('deciding otherwise than the rules takes a reason, which stays', async ({ page }) => {
  await openDemoLot(page, 'Bean field, first day');
  await expect(outcome(page)).toHaveText('Check the zero of the meter');
  await page.getByRole('button', { name: 'Sign this ruling' }).click();
  await page.getByLabel('Your initials').fill('DM');
  await page.getByRole('dialog').getByRole('radio', { name: 'Accept', exact: true }).click();
  await page.getByRole('button', { name: 'Sign', exact: true }).click();
  await expect(page.getByText('Say why you decide differently from the rules.')).toBeVisible();
  await page.getByLabel('Why you decide differently').fill('For our own kitchen');
  await page.getByRole('button', { name: 'Sign', exact: true }).click();
  await expect(page.getByText(/against the rules: For our own kitchen/)).toBeVisible();
});

test('new evidence makes a signed ruling out of date', async ({ page }) => {
  await openDemoLot(page, 'Borage, east field');
  await expect(page.getByText(/Signed by HH/)).toBeVisible();
  await page.keyboard.type('17.0');
  await page
    .getByLabel('Meter', { exact: true })
    .selectOption({ label: 'House hand refractometer' });
  await page.getByRole('button', { name: 'Save this reading' }).click();
  await expect(
    page.getByText('The evidence has changed since: check it and sign again.'),
  ).toBeVisible();
});

const LOTS = [
  ['Borage, east field', 'Accept'],
  ['Bean field, second day', 'Accept, but'],
  ['Sea lavender, outer marsh', 'Accept on its capping, but look again by'],
  ['Marsh, after the rain', 'Over the limit'],
  ['Last of the extractor', 'Set one vessel aside: over the limit'],
  ['Ling from the moor', 'Measure more'],
  ['Field yard, clover boxes', 'Blocked for every use'],
] as const;

test('each lot of the demo has the decision that it was made for', async ({ page }) => {
  // One season is enough for all lots; to open it anew for each costs seconds.
  for (const [name, decision] of LOTS) {
    await test.step(`${name}: ${decision}`, async () => {
      await openDemoLot(page, name);
      await expect(outcome(page)).toContainText(decision);
    });
  }
});

const PAGES = [
  '/',
  '/demo/today',
  '/demo/lots/new',
  '/demo/comb',
  '/demo/comb/few',
  '/demo/comb/demo-second-1',
  '/demo/comb/demo-second-1/lots',
  '/demo/warm-room',
  '/demo/warm-room/demo-room-1',
  '/mine/warm-room',
  '/mine/warm-room/standing/tray',
  '/demo/bench',
  '/demo/bench/readings',
  '/demo/bench/demo-8-1',
  '/demo/bench/demo-8-1/table',
  '/demo/bench/demo-1-1/quality',
  '/demo/bench/meters/demo-meter-3',
  '/mine/bench',
  '/demo/season',
  '/demo/season/years',
  '/demo/store',
  '/demo/store/blend',
  '/demo/store/trace',
  '/demo/store/trace/lot:demo-3-1',
  '/demo/store/keep/demo-9-1',
  '/demo/store/verify',
  '/mine/store',
  '/mine/season/years',
  '/demo/kit',
  '/mine/comb',
  '/mine/season',
  '/demo/handbook',
  '/mine/today',
  '/nowhere',
];

test('axe finds nothing on any page, and none scrolls sideways', async ({ page }) => {
  // One season is enough for all pages; to open it anew for each costs minutes.
  test.setTimeout(240_000);
  for (const address of PAGES) {
    await test.step(address, async () => {
      await page.goto(address);
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
      await expectAccessible(page);
      await expectNoSidewaysScroll(page);
    });
  }
});

test('axe finds nothing on a lot, its sheets, its dossier and the overlays', async ({ page }) => {
  await openDemoLot(page, 'Last of the extractor');
  await page.getByText(/^History/).click();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Details' }).click();
  await expectAccessible(page);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Add containers' }).click();
  await expectAccessible(page);
  await page.keyboard.press('Escape');
  await page.keyboard.press('Control+k');
  await expect(page.getByPlaceholder('What do you want to do?')).toBeVisible();
  await expectAccessible(page);
  await page.keyboard.press('Escape');
  await page.getByRole('link', { name: 'Dossier' }).click();
  await expect(page.getByRole('heading', { name: 'Signature' })).toBeVisible();
  await expectAccessible(page);
});
