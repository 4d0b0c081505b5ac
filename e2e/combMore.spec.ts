import { mark, nextFrame, openBox, openDay, tenths, verdict } from './combHouse';
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

test('in °F and pounds: a heft, the warmth of the comb, and a cold shake that is not counted', async ({
  page,
}) => {
  await page.goto('/demo/kit');
  for (const unit of ['°F', 'lb'])
    await page.getByRole('radio', { name: unit, exact: true }).click();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await openBox(page, 'Hive 4');
  await tenths(page, 'A', 6).click();
  await tenths(page, 'B', 6).click();
  await page
    .getByRole('radiogroup', { name: 'Shake test, both sides' })
    .getByRole('radio', { name: 'Nothing fell' })
    .click();
  await expect(verdict(page)).toContainText('Take');
  await page.getByText('Weight and temperature').click();
  await page.getByLabel('Temperature of the comb').fill('54');
  await expect(page.getByText(/colder than 68 °F/)).toBeVisible();
  await expect(verdict(page)).toContainText('Put back');
  await page.getByLabel('Weight of the frame').fill('heavy');
  await page.getByLabel('Temperature of the comb').focus();
  await expect(page.getByText(/“heavy” is not a number/).first()).toBeVisible();
  await page.getByLabel('Weight of the frame').fill('4,8');
  await expect(verdict(page)).toContainText('Put back');
  await expectAccessible(page);
});

test('brood: a few cells can be looked past with a reason, a nest cannot', async ({ page }) => {
  await openBox(page, 'Hive 4');
  await tenths(page, 'A', 10).click();
  await tenths(page, 'B', 10).click();
  await page.getByText('Brood and queen').click();
  await page.getByRole('radio', { name: 'A few cells' }).click();
  await expect(verdict(page)).toContainText('put it back until they have hatched');
  await page.getByLabel('Take it anyway, because').fill('two drone cells');
  await expect(verdict(page)).toContainText('Take');
  await page.getByRole('radio', { name: 'A nest' }).click();
  await expect(verdict(page)).toContainText('A nest of brood belongs to the colony.');
});

test('sections are judged piece by piece, open cells by the meter', async ({ page }) => {
  await openBox(page, 'Hive 4');
  await tenths(page, 'A', 7).click();
  await tenths(page, 'B', 7).click();
  await page.getByText('Comb honey, piece by piece').click();
  await page.getByRole('button', { name: 'This is a section frame' }).click();
  await page.getByRole('button', { name: 'Piece 1', exact: true }).click();
  await page.getByRole('button', { name: 'Piece 2', exact: true }).click();
  await expect(verdict(page)).toContainText('2 of 8 pieces are fully capped on both sides.');
  await page.getByRole('button', { name: 'Not a section frame' }).click();
  await page.getByText('Open cells read with a meter').click();
  await page.getByLabel('The dial shows').fill('18,4');
  await page.getByLabel('Temperature of the meter').fill('28');
  await page
    .getByRole('radiogroup', { name: 'Has ATC' })
    .getByRole('radio', { name: 'No', exact: true })
    .click();
  await expect(page.getByText('Read warm: 0.72 lower than the dial.')).toBeVisible();
  await page.getByRole('link', { name: /Back to Marsh/ }).click();
  const schools = page.getByRole('region', { name: 'Other rules on the same frames' });
  await schools
    .getByRole('listitem')
    .filter({ has: page.getByRole('heading', { name: 'Meter first' }) })
    .getByRole('button', { name: 'Use this rule' })
    .click();
  await page.getByRole('link', { name: 'Judge the next frame' }).click();
  await expect(verdict(page)).toContainText('Its open cells read 17.7 %.');
});

test('the pooled school judges a frame beside all others of the day', async ({ page }) => {
  await openDay(page);
  const schools = page.getByRole('region', { name: 'Other rules on the same frames' });
  await schools
    .getByRole('listitem')
    .filter({ has: page.getByRole('heading', { name: 'Whole lot' }) })
    .getByRole('button', { name: 'Use this rule' })
    .click();
  // kept before the page is left
  await expect(
    schools
      .getByRole('listitem')
      .filter({ has: page.getByRole('heading', { name: 'Whole lot' }) })
      .getByText('In use today'),
  ).toBeVisible();
  await openBox(page, 'Hive 4');
  await tenths(page, 'A', 6).click();
  await tenths(page, 'B', 6).click();
  // the other boxes of the day are read after this one is drawn: alone it would not reach the share
  await expect(verdict(page)).toContainText('but the whole stays at 80 % or more');
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

test('guesses before the weigh-in, and who came closest after it', async ({ page }) => {
  await openDay(page);
  const guesses = page.getByRole('region', { name: 'Guesses' });
  await expect(guesses.getByRole('listitem')).toHaveCount(3);
  await guesses.getByRole('button', { name: 'Guess the crop' }).click();
  await page.getByLabel('Who guesses').fill('visitor');
  await page.getByLabel('Honey of this day').fill('29');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(guesses.getByRole('listitem')).toHaveCount(4);
  await page.getByRole('link', { name: 'Make lots' }).click();
  await page.getByRole('button', { name: 'By flow' }).click();
  await page.getByRole('button', { name: /^Make \d lots?$/ }).click();
  await expect(page.getByText(/lots? made/).first()).toBeVisible();
  for (const [name, kg] of [
    ['Marsh, second visit', '28'],
    ['Comb honey', '4'],
  ] as const) {
    await page.goto('/demo/today');
    await page
      .getByRole('link', { name: new RegExp(`^${name}`) })
      .first()
      .click();
    await page.getByRole('button', { name: 'Add containers' }).click();
    await page.getByRole('radio', { name: 'Weighed' }).click();
    await page.getByLabel('Honey in each').fill(kg);
    await page.getByRole('button', { name: 'Add', exact: true }).click();
    await expect(page.getByText(`Together ${kg}.0 ± 0.1 kg`)).toBeVisible();
  }
  await openDay(page);
  await expect(guesses).toContainText('Weighed: 32 kg.');
  await expect(guesses.getByRole('listitem').filter({ hasText: 'honey house' })).toContainText(
    'closest',
  );
  await expect(guesses.getByRole('listitem').filter({ hasText: 'visitor' })).toContainText(
    'closest without going over',
  );
});

test('stations beyond the row are under More on a phone', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/demo/today');
  await page.getByRole('button', { name: 'More' }).click();
  await expectAccessible(page);
  await page.getByRole('link', { name: 'Season' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Season' })).toBeVisible();
  await expectNoSidewaysScroll(page);
});
