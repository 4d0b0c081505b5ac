import {
  nextFrame,
  openBox,
  openDay,
  openDemoLot,
  outcome,
  startOwnLot,
  tenths,
  withoutAtc,
} from '../test/houses';
import { expect, expectAccessible, test, type Page } from '../test/walk';

const BLOCKED = 'Field yard, clover boxes';

async function openBlocked(page: Page) {
  await page.goto('/demo/store');
  return page.getByRole('article', { name: BLOCKED });
}

test('jars that left before their lot was blocked are called back, and ticked off one by one', async ({
  page,
}) => {
  await page.goto('/demo/today');
  const first = page
    .getByRole('region', { name: /^To do/ })
    .getByRole('listitem')
    .first();
  await expect(first).toContainText('Call back 20 jars from 2 places');
  await first.getByRole('link').click();
  await expect(page.getByRole('region', { name: 'Recall sheet' })).toBeVisible();
  const back = page.getByRole('region', { name: 'Call back (2)' });
  await expect(back).toContainText('ferry landing stall');
  await expectAccessible(page);
  await back.getByRole('button', { name: /^Came back.*12 jars/ }).click();
  await expect(page.getByRole('region', { name: 'Call back (1)' })).toBeVisible();
  await page.goto('/demo/today');
  await expect(first).toContainText('Call back 8 jars from 1 place');
  await first.getByRole('link').click();
  await page.getByRole('button', { name: /^Told not to eat it.*8 jars/ }).click();
  await expect(page.getByRole('region', { name: /^Call back/ })).toHaveCount(0);
  await page.goto('/demo/today');
  await expect(page.getByText(/^Call back/)).toHaveCount(0);
});

test('of a blocked lot nothing is filled, labelled, set aside, given out or taken', async ({
  page,
}) => {
  const lot = await openBlocked(page);
  await lot.getByRole('button', { name: 'Fill jars' }).click();
  const sheet = page.getByRole('dialog');
  await expect(sheet.getByRole('note')).toContainText(`${BLOCKED} is blocked for every use`);
  await sheet.getByLabel('Filled from').selectOption({ index: 1 });
  await sheet.getByLabel('Jars', { exact: true }).fill('2');
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(sheet.getByText(/is blocked for every use.*Keep it apart/).last()).toBeVisible();
  await expectAccessible(page);
  await page.keyboard.press('Escape');
  await lot.getByRole('button', { name: /Set aside or give out/ }).click();
  await sheet.getByLabel('Jars', { exact: true }).fill('2');
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(sheet.getByText(/is blocked for every use.*Keep it apart/).last()).toBeVisible();
  await page.keyboard.press('Escape');
  await lot.getByRole('link', { name: /^Labels/ }).click();
  await expect(page.getByRole('note')).toContainText('is blocked for every use');
  await expect(page.getByRole('button', { name: /labels as PDF/ })).toHaveCount(0);
});

test('a hidden wet bucket is named, and without it the lot is another', async ({ page }) => {
  await openDemoLot(page, 'Last of the extractor');
  await expect(outcome(page)).toHaveText('Set one vessel aside: over the limit');
  await expect(
    page.getByText(/Bucket 3 \(2\d\.\d ± 0\.\d %\) by itself is over 20\.0 %/),
  ).toBeVisible();
  await expect(page.getByText(/^Without Bucket 3: /)).toBeVisible();
  await expect(page.getByText(/that any one container is/)).toBeVisible();
  await page.getByRole('button', { name: 'Keep Bucket 3 apart' }).click();
  await expect(outcome(page)).toContainText('Accept, but');
  await expect(page.getByText(/Bucket 3, judged by itself, measures 2/)).toBeVisible();
});

test('a meter whose ATC nobody knows: both figures, and nothing is chosen beforehand', async ({
  page,
}) => {
  await startOwnLot(page);
  const atc = page.getByRole('radiogroup', { name: /ATC/ });
  await expect(atc.getByRole('radio', { checked: true })).toHaveCount(0);
  await page.getByLabel('The dial shows').fill('18.0');
  await page.getByLabel('Temperature of meter and honey').fill('30');
  const said = page.getByRole('status', { name: 'What the dial means' });
  await expect(said).toContainText('With ATC it means 18.0 %, without 17.1 %.');
  await withoutAtc(page);
  await expect(said).not.toContainText('With ATC');
  await expect(said).toContainText('17.1');
});

test('a mistyped year is asked about beside its field, and nothing is kept', async ({ page }) => {
  await page.goto('/demo/warm-room');
  await page.getByRole('main').getByRole('listitem').first().getByRole('link').click();
  await page.getByRole('button', { name: 'Load a batch' }).click();
  await page.getByLabel('Name').fill('Slip');
  await page.getByLabel('In the room since').fill('0026-08-01T10:00');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByText(/Is .* the right year\?/)).toBeVisible();
});

test('a new lot says beside each field what to do, and loses nothing', async ({ page }) => {
  await page.goto('/mine/lots/new');
  await page.getByRole('radio', { name: 'Drops' }).click();
  await page.getByLabel('Your own target').fill('26');
  await page.getByLabel('How many').fill('some');
  await page.getByLabel('Name').fill('Ling hill');
  await page.getByLabel('Flow or plant').fill('ling heather');
  await expect(page.getByText('This sounds like ling heather')).toBeVisible();
  await page.getByRole('button', { name: 'Start this lot' }).click();
  await expect(page.getByText('Note how much was capped too')).toBeVisible();
  await expect(
    page.getByText('“some” is not a number. Type digits only, such as 17.4.'),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Use 20', exact: true }).click();
  await expect(page.getByLabel('Your own target')).toHaveValue('20');
  await expect(page.getByLabel('Name')).toHaveValue('Ling hill');
});

test('two taps make one lot, and what is put back makes none', async ({ page }) => {
  await page.goto('/mine/lots/new');
  await page.getByRole('radio', { name: '8', exact: true }).click();
  await page.getByRole('button', { name: 'Start this lot' }).dblclick();
  await expect(page.getByRole('heading', { name: 'Readings' })).toBeVisible();
  await page.goto('/mine/today');
  await expect(page.getByRole('heading', { name: 'Waiting for your decision (1)' })).toBeVisible();

  await page.goto('/mine/comb/few');
  for (const side of ['side a', 'side b']) {
    await page
      .getByRole('radiogroup', { name: `Frame 1, ${side}: tenths of the honey that are capped` })
      .getByRole('radio', { name: '2 tenths', exact: true })
      .click();
  }
  await page.getByRole('button', { name: 'Save what I saw (nothing taken)' }).dblclick();
  await expect(page.getByText('1 frame judged, none taken: no lot').first()).toBeVisible();
  await page.goto('/mine/today');
  await expect(page.getByRole('heading', { name: 'Waiting for your decision (1)' })).toBeVisible();
});

test('undo on a frame takes back frames and never the day', async ({ page }) => {
  await openDay(page);
  await openBox(page, 'Hive 4');
  await tenths(page, 'A', 9).click();
  await tenths(page, 'B', 9).click();
  await nextFrame(page).click();
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('u');
  await page.keyboard.press('u');
  await page.keyboard.press('u');
  await page.keyboard.press('u');
  await page.getByRole('link', { name: /Back to Marsh/ }).click();
  await expect(page.getByRole('heading', { level: 1, name: /Marsh, second visit/ })).toBeVisible();
});
