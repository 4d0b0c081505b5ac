import { expect, expectNoSidewaysScroll, test, turnTo } from './house';
import { seasonsFile } from './seasonsFile';

const PAGES = [
  'today',
  'lots/new',
  'lots/y0b-demo-8-1',
  'comb',
  'comb/y1a-demo-second-1',
  'season',
  'season/years',
  'season/forecasts',
  'warm-room',
  'warm-room/y1a-demo-room-1',
  'strain',
  'strain/weigh',
  'bench',
  'bench/readings',
  'bench/y0a-demo-8-1',
  'store',
  'store/foam',
  'store/jars',
  'strain/wax',
  'strain/house',
  'store/blend',
  'store/trace',
  'store/keep/y1a-demo-9-1',
  'store/trace/lot:y0c-demo-3-1',
  'kit',
  'handbook',
];

/** Elements of a page that a small phone bears. */
const MOST_ELEMENTS = 4000;

test('after some seasons every page opens, and none grows with the years', async ({
  page,
}, info) => {
  test.slow();
  const file = seasonsFile(4, info.outputPath('seasons.json'));
  await page.goto('/mine/kit');
  await page.getByLabel('File to bring in').setInputFiles(file);
  const brought = `Brought in ${file.records.toLocaleString('en')} records`;
  await expect(page.getByText(brought)).toBeVisible({ timeout: 60_000 });
  for (const address of PAGES) {
    await turnTo(page, `/mine/${address}`);
    const wrong = page.getByText(/There is nothing at this address|could not be/);
    await expect(wrong, address).toBeHidden();
    await expectNoSidewaysScroll(page);
    const elements = await page.evaluate(() => document.querySelectorAll('*').length);
    expect({ address, isLight: elements < MOST_ELEMENTS }).toEqual({ address, isLight: true });
  }
  // what is far down is found by its name
  await page.goto('/mine/store');
  await page.getByRole('searchbox', { name: 'Find a lot' }).fill('moor');
  await expect(page.getByRole('article').first()).toHaveAccessibleName(/moor/);
});
