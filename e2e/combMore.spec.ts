import { mark, nextFrame, openBox, tenths, verdict } from './combHouse';
import { expect, expectAccessible, expectNoSidewaysScroll, exportAll, test } from './house';

test('two tabs on one box: each keeps its own half-tapped frame, both see what is kept', async ({
  page,
  context,
}) => {
  await openBox(page, 'Hive 4');
  await mark(page, 2).click();
  await tenths(page, 'A', 6).click();
  const other = await context.newPage();
  await openBox(other, 'Hive 4');
  await mark(other, 1).click();
  await tenths(other, 'A', 9).click();
  await tenths(other, 'B', 9).click();
  await nextFrame(other).click();
  await expect(mark(page, 1)).toHaveAccessibleName('Frame 1, Take');
  await expect(tenths(page, 'A', 6)).toBeChecked();
  await expect(verdict(page)).toContainText('Side B is not judged yet.');
});

test('what was judged goes out as a file and comes back in elsewhere', async ({ page }) => {
  await openBox(page, 'Hive 4');
  await tenths(page, 'A', 9).click();
  await tenths(page, 'B', 9).click();
  await nextFrame(page).click();
  await expect(mark(page, 1)).toHaveAccessibleName('Frame 1, Take');
  const buffer = await exportAll(page);
  const kinds = new Set(
    (JSON.parse(buffer.toString()) as { records: { kind: string }[] }).records.map(
      (record) => record.kind,
    ),
  );
  for (const kind of [
    'yard',
    'colony',
    'box',
    'frame',
    'frame-check',
    'harvest',
    'given',
    'lot-frames',
  ]) {
    expect(kinds).toContain(kind);
  }
  await page.goto('/mine/kit');
  await page
    .getByLabel('File to bring in')
    .setInputFiles({ name: 'season.json', mimeType: 'application/json', buffer });
  await expect(page.getByText(/Brought in \d+ records/)).toBeVisible();
  await page.goto('/mine/comb');
  await page.getByRole('link', { name: /Marsh, second visit/ }).click();
  await expect(page.getByText('frames taken, of 31 judged')).toBeVisible();
});

test('places of work stand behind their door on a phone', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/demo/today');
  await page.getByRole('link', { name: 'Hives' }).click();
  await expectAccessible(page);
  await page.getByRole('link', { name: 'Season' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Season' })).toBeVisible();
  await expectNoSidewaysScroll(page);
});
