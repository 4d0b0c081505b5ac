import {
  expect,
  expectAccessible,
  expectNoSidewaysScroll,
  expectReadable,
  expectReadableAtNight,
  openDemoLot,
  test,
  turnTo,
} from './house';

const PAGES = [
  '/',
  '/demo/today',
  '/demo/lots/new',
  '/demo/lots/demo-8-1',
  '/demo/bench/read',
  '/demo/store/foam',
  '/demo/store/jars',
  '/demo/store/white',
  '/demo/store/side-by-side',
  '/demo/strain/wax',
  '/demo/strain/house',
  '/demo/comb/stung',
  '/demo/strain',
  '/demo/strain/weigh',
  '/demo/strain/mass/demo-8-1',
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
  '/demo/store/keep/demo-9-1',
  '/demo/store/trace/lot:demo-3-1',
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

/** Of each kind of page one, with all colours that there are. */
const AT_NIGHT = [
  '/demo/today',
  '/demo/lots/demo-8-1',
  '/demo/comb/demo-second-1',
  '/demo/warm-room/demo-room-1',
  '/demo/bench/demo-8-1',
  '/demo/bench/meters/demo-meter-3',
  '/demo/season',
  '/demo/store',
  '/demo/store/trace/lot:demo-3-1',
  '/demo/kit',
];

test('axe finds nothing on any page by day, nor by night on one of each kind, and none scrolls sideways', async ({
  page,
}) => {
  // One season is enough for all pages; to open it anew for each costs minutes.
  test.setTimeout(240_000);
  for (const address of PAGES) {
    await test.step(address, async () => {
      await turnTo(page, address);
      await expectAccessible(page);
      await expectReadable(page);
      await expectNoSidewaysScroll(page);
      if (AT_NIGHT.includes(address)) await expectReadableAtNight(page);
    });
  }
});

/** Pages that are used at the hives and in the honey house. */
const ON_A_PHONE = [
  'season/when',
  'practice',
  'comb/demo-second-1',
  'comb/few',
  'season/forecasts',
  'season/years',
  'store',
  'store/blend',
  'store/trace',
  'store/keep/demo-1-1',
  'store/verify',
  'store/jars',
  'store/side-by-side',
  'warm-room/demo-room-1',
  'strain',
  'strain/kit-list',
  'strain/house',
  'strain/settle/demo-8-1',
  'strain/heat/demo-9-1',
  'strain/mass/demo-3-1',
];

test('on a phone: places of work stand behind their door, and no page scrolls sideways', async ({
  page,
}) => {
  test.setTimeout(120_000);
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/demo/today');
  await page.getByRole('link', { name: /Under way: Field yard, late boxes/ }).click();
  await expect(page.getByRole('button', { name: /Load spun 4 of 7/ })).toBeVisible();
  await expectNoSidewaysScroll(page);
  await expectAccessible(page);
  await page.getByRole('link', { name: 'Hives' }).click();
  await page.getByRole('link', { name: 'Season' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Season' })).toBeVisible();
  await expectNoSidewaysScroll(page);
  for (const address of ON_A_PHONE) {
    await test.step(address, async () => {
      await turnTo(page, `/demo/${address}`);
      await expectAccessible(page);
      await expectNoSidewaysScroll(page);
    });
  }
});

test('axe finds nothing on a lot, its sheets, its dossier and the overlays', async ({ page }) => {
  await openDemoLot(page, 'Last of the extractor');
  await page.getByText(/^History/).click();
  await expectAccessible(page);
  await expectReadable(page);
  await page.getByRole('button', { name: 'Details' }).click();
  await expectAccessible(page);
  await expectReadable(page);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Add containers' }).click();
  await expectAccessible(page);
  await expectReadable(page);
  await page.keyboard.press('Escape');
  await page.keyboard.press('Control+k');
  await expect(page.getByPlaceholder('What do you want to do?')).toBeVisible();
  await expectAccessible(page);
  await expectReadable(page);
  await page.keyboard.press('Escape');
  await page.getByRole('link', { name: 'Dossier' }).click();
  await expect(page.getByRole('heading', { name: 'Signature' })).toBeVisible();
  await expectAccessible(page);
  await expectReadable(page);
});

test('with colours of the system every button keeps its edge and a choice shows what is chosen', async ({
  page,
}) => {
  await page.emulateMedia({ forcedColors: 'active' });
  await page.goto('/demo/comb/few');
  const frame = page.getByRole('region', { name: 'Frame 1' });
  await expect(frame.getByRole('radio', { name: 'Not done' })).toBeChecked();
  const look = (name: string) =>
    frame.getByRole('radio', { name, exact: true }).evaluate((element) => {
      const { backgroundColor, borderTopWidth, borderTopStyle } = getComputedStyle(element);
      return { backgroundColor, border: `${borderTopStyle} ${borderTopWidth}` };
    });
  const [on, off] = [await look('Not done'), await look('It ran')];
  expect(on.backgroundColor).not.toBe(off.backgroundColor);
  expect(off.border).toBe('solid 2px');
  await expectAccessible(page);
});
