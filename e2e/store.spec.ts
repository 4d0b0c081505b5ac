import type { Page } from '@playwright/test';
import {
  expect,
  expectAccessible,
  expectNoSidewaysScroll,
  openDemoLot,
  outcome,
  savedBy,
  test,
} from './house';
import { pdfText } from './pdfText';

async function openStore(page: Page): Promise<void> {
  await page.goto('/demo/store');
  await expect(page.getByRole('heading', { level: 1, name: 'Store' })).toBeVisible();
}

test('a jar code leads back to the frames of its hive, and to who has the jars', async ({
  page,
}) => {
  await openStore(page);
  const beans = page.getByRole('article', { name: 'Bean field, second day' });
  const code = (await beans.getByText(/^Jars \d/).innerText()).replace('Jars ', '');
  await page.getByLabel('Code on the jar').fill('no such code');
  await page.getByRole('button', { name: 'Trace' }).click();
  await expect(page.getByRole('alert')).toContainText('No jar or lot has that code');
  await page.getByLabel('Code on the jar').fill(`${code}-07`);
  await page.getByRole('button', { name: 'Trace' }).click();
  await expect(page.getByRole('heading', { level: 1, name: `${code}-7` })).toBeVisible();
  await expect(page.getByText('It leads back to 8 frames.')).toBeVisible();
  const drawing = page.getByRole('region', { name: 'The trace, drawn' });
  for (const card of ['Hive 7', 'Frame, place 1', 'Bucket', 'ferry landing stall']) {
    await expect(drawing.getByRole('link', { name: card }).first()).toBeVisible();
  }
  await expectAccessible(page);
  await expectNoSidewaysScroll(page);
});

test('a hive is called back: every jar of it, with who has it', async ({ page }) => {
  await page.goto('/demo/store/trace');
  await page
    .getByRole('region', { name: 'Hives' })
    .getByRole('link', { name: /Hive 7/ })
    .click();
  const recall = page.getByRole('region', { name: 'Recall sheet' });
  await expect(recall).toContainText(/18 jars sold or given away/);
  await expect(recall.getByRole('row', { name: /ferry landing stall/ })).toContainText('1 to 18');
  const button = recall.getByRole('button', { name: 'Save as PDF' });
  const { text } = await pdfText(await savedBy(page, () => button.click()));
  expect(text).toContain('18 jars sold or given away');
  expect(text).toContain('ferry landing stall: 18 jars');
  expect(text).toContain('What it passed through');
  expect(text).toContain('Bean field, second day, ');
});

test('a treatment found out later blocks the lot made of that hive’s frames', async ({ page }) => {
  await openDemoLot(page, 'Bean field, second day');
  await expect(outcome(page)).toContainText('Accept, but');
  await page.goto('/demo/season');
  await page
    .getByRole('region', { name: 'Treatments and feeds' })
    .getByRole('button', { name: 'Add one' })
    .click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Product or feed').fill('strips');
  await sheet.getByRole('checkbox', { name: /^Hive 7/ }).click();
  const past = new Date(Date.now() - 50 * 86_400_000).toISOString().slice(0, 10);
  await sheet.getByLabel('From', { exact: true }).fill(past);
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  // nothing is taken for granted where a wrong guess harms
  await expect(sheet.getByText('Choose whether honey boxes were on the hive')).toBeVisible();
  await expect(sheet.getByText('Type the days from the label; 0 only if')).toBeVisible();
  await sheet.getByRole('radio', { name: 'On the hive' }).click();
  await sheet.getByLabel('Waiting time on the label').fill('0');
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByText(/^strips/).first()).toBeVisible();
  await openDemoLot(page, 'Bean field, second day');
  await expect(outcome(page)).toHaveText('Blocked for every use');
  await expect(page.getByText(/evidence has changed since/)).toBeVisible();
});

test('what else bears on a lot: doubtful nectar blocks it, and says what would clear it', async ({
  page,
}) => {
  await openDemoLot(page, 'Straight from the warm room');
  await page.getByRole('button', { name: 'Add a note', exact: true }).click();
  await page.getByLabel('Nectar').selectOption('doubtful');
  await page.getByLabel('Treated with').fill('strips');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByText('Choose a day.')).toBeVisible();
  await page.getByLabel('Treated with').fill('');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(outcome(page)).toHaveText('Blocked for every use');
  await expect(page.getByText(/The nectar being cleared by a laboratory/)).toBeVisible();
  const ways = page.getByRole('region', { name: 'What can be done with it' });
  await expect(ways.getByText(/, closed/)).toHaveCount(6);
  await page.getByRole('button', { name: 'Sign this ruling' }).click();
  await page.getByLabel('Your initials').fill('AB');
  await page.getByRole('radio', { name: 'Accept', exact: true }).click();
  await page.getByLabel('Why you decide differently').fill('I think it is fine');
  await page.getByRole('button', { name: 'Sign', exact: true }).click();
  await expect(page.getByText(/A blocked lot cannot be signed off/)).toBeVisible();
});

test('a signed ruling is opened again with initials and reason, and stays in the history', async ({
  page,
}) => {
  await openDemoLot(page, 'Borage, east field');
  await page.getByRole('button', { name: 'Reopen' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByRole('button', { name: 'Reopen' }).click();
  await expect(sheet.getByText('Say why you reopen it.')).toBeVisible();
  await sheet.getByLabel('Your initials').fill('AB');
  await sheet.getByLabel('Why you reopen it').fill('A second taste is wanted');
  await sheet.getByRole('button', { name: 'Reopen' }).click();
  await expect(page.getByRole('button', { name: 'Sign this ruling' })).toBeVisible();
  await page.getByText(/^History/).click();
  await expect(page.getByText(/A second taste is wanted/)).toBeVisible();
});

test('comb honey is ruled piece by piece', async ({ page }) => {
  await openDemoLot(page, 'Sea lavender, outer marsh');
  const pieces = page.getByRole('region', { name: 'Comb honey, piece by piece' });
  await expect(pieces.getByText('Used up')).toBeVisible();
  await expect(pieces.getByText(/a sacrificed piece says 17.2 %/)).toBeVisible();
  await expect(pieces.getByText(/Only 80 % capped/)).toBeVisible();
  await pieces.getByRole('button', { name: 'Check a piece' }).click();
  await page.getByRole('checkbox', { name: /It weeps/ }).click();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(pieces.getByText(/It weeps: not for sale as comb/)).toBeVisible();
});

test('how a lot keeps: creamed is riskier than liquid, and the freezer holds it', async ({
  page,
}) => {
  await page.goto('/demo/store/keep/demo-6-1');
  const answer = page.getByRole('region', { name: 'The answer' });
  await expect(answer).toContainText(/Check it again by/);
  await page.getByRole('radio', { name: 'Freezer' }).click();
  await expect(answer).toContainText('too cold to ferment');
  await page.getByRole('radio', { name: 'Shelf, room temperature' }).click();
  await page.getByRole('radio', { name: 'Creamed' }).click();
  await expect(answer).toContainText(/could ferment|likely to ferment/);
  await expect(page.getByRole('row', { name: /Fridge/ })).toBeVisible();
  await expectAccessible(page);
  await expectNoSidewaysScroll(page);
});

test('a blend is planned in a worker, poured from its list, and becomes a lot with parents', async ({
  page,
}) => {
  await page.goto('/demo/store/blend');
  await page.getByLabel('Target, with guard band').fill('9');
  await page.getByRole('button', { name: 'Find the best blend' }).click();
  await expect(page.getByText('This must be between 14 and 25 %.')).toBeVisible();
  await page.getByLabel('Target, with guard band').fill('18');
  for (const lot of await page.getByRole('checkbox', { name: /kg,/ }).all()) {
    const name = await lot.evaluate(
      (one) => document.querySelector(`label[for="${one.id}"]`)?.textContent ?? '',
    );
    if (!/Marsh, after the rain|Borage/.test(name)) await lot.click();
  }
  await page.getByRole('button', { name: 'Find the best blend' }).click();
  await expect(page.getByText('Nothing can be used up within these limits.')).toBeVisible({
    timeout: 20_000,
  });
  await expect(page.getByText(/Letting flows mix|No single limit does/)).toBeVisible({
    timeout: 20_000,
  });
  await page.getByRole('checkbox', { name: 'Flows may mix' }).click();
  await page.getByRole('checkbox', { name: 'Colours may mix' }).click();
  await page.getByRole('button', { name: 'Find the best blend' }).click();
  const answer = page.getByRole('region', { name: 'The answer' });
  await expect(answer.getByText('Saves')).toBeVisible({ timeout: 20_000 });
  await expect(answer.getByText(/^Proven:|No other blend/)).toBeVisible();
  await expect(page.getByRole('region', { name: 'The second best' })).toContainText(
    /Saves|No other set/,
    { timeout: 20_000 },
  );
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Save it and pour' }).click();
  await expect(page.getByText('Store: pouring list')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Record this tank as a lot' })).toBeDisabled();
  await expectAccessible(page);
  for (
    let left = await page.getByRole('button', { name: /^Poured/ }).count();
    left > 0;
    left -= 1
  ) {
    await page
      .getByRole('button', { name: /^Poured/ })
      .first()
      .click();
    await expect(page.getByRole('button', { name: /^Poured/ })).toHaveCount(left - 1);
  }
  await page.getByRole('button', { name: 'Record this tank as a lot' }).click();
  await expect(page.getByRole('heading', { level: 1, name: /Blend, Tank 1/ })).toBeVisible();
  await expect(page.getByText(/Calculated .* from the measured containers/)).toBeVisible();
  await page.keyboard.press('d');
  await expect(page.getByRole('heading', { name: 'What it was blended from' })).toBeVisible();
  await expect(page.getByText(/^Lot .*, Borage, east field: /)).toBeVisible();
  await expect(page.getByText(/^Lot .*, Marsh, after the rain: /)).toBeVisible();
  await page.goBack();
  const lotId = page.url().split('/').at(-1) ?? '';
  await page.goto(`/demo/store/trace/lot:${lotId}`);
  const drawing = page.getByRole('region', { name: 'The trace, drawn' });
  await expect(drawing.getByText('Borage, east field')).toBeVisible();
  await expect(drawing.getByText('Marsh, after the rain')).toBeVisible();
});

test('jars are filled, set aside and given out; no more than there are', async ({ page }) => {
  await openStore(page);
  const marsh = page.getByRole('article', { name: 'Straight from the warm room' });
  await marsh.getByRole('button', { name: 'Fill jars' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Filled from').selectOption({ index: 1 });
  await expect(sheet.getByRole('note')).toContainText('has not been signed yet');
  await sheet.getByLabel('Jars', { exact: true }).fill('40');
  await sheet.getByLabel('Net weight of each').fill('500');
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(sheet.getByText(/That is 20.0 kg, but only 13.9 kg are left in it/)).toBeVisible();
  await sheet.getByLabel('Jars', { exact: true }).fill('20');
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(sheet.getByText('What is it for?')).toBeVisible();
  await sheet.getByRole('radio', { name: 'For our own table' }).click();
  await sheet.getByLabel('Why', { exact: true }).fill('For the crew’s table');
  await expectAccessible(page);
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(marsh.getByText('20 × 500 g')).toBeVisible();
  await expect(marsh.getByText(/For our own table: For the crew’s table/)).toBeVisible();
  await marsh.getByRole('button', { name: /Set aside or give out/ }).click();
  await page.getByRole('dialog').getByLabel('Jars', { exact: true }).fill('21');
  await page.getByRole('dialog').getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByText('Only 20 of these jars are not set aside yet.')).toBeVisible();
  await page.getByRole('dialog').getByLabel('Jars', { exact: true }).fill('12');
  await page.getByRole('dialog').getByRole('button', { name: 'Add', exact: true }).click();
  await expect(marsh.getByText(/12 for sale, 8 free/)).toBeVisible();
});

test('containers move: a place, an opening, honey taken, and undo', async ({ page }) => {
  await openStore(page);
  const lot = page.getByRole('article', { name: 'Straight from the warm room' });
  await lot.getByRole('button', { name: 'Move or take Bucket 1' }).click();
  await page.getByRole('radio', { name: 'Honey was taken' }).click();
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByText('Say how much was taken.')).toBeVisible();
  await page.getByRole('radio', { name: 'For our own table' }).click();
  await page.getByLabel('Why', { exact: true }).fill('For breakfast');
  await page.getByLabel('Taken').fill('1.9');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(lot.getByText('12.0 kg').first()).toBeVisible();
  await page.keyboard.press('u');
  await expect(lot.getByText('12.0 kg')).toHaveCount(0);
});

test('labels: words, a sheet of my own that does not fit, and a PDF', async ({ page }) => {
  await openStore(page);
  await page
    .getByRole('article', { name: 'Borage, east field' })
    .getByRole('link', { name: /^Labels/ })
    .click();
  await page.getByLabel('Title').fill('Island honey');
  await page.getByRole('radio', { name: 'US and metric' }).click();
  await page.getByLabel('Sheet', { exact: true }).selectOption('own');
  await page.getByLabel('Columns').fill('9');
  await page.getByRole('button', { name: /labels as PDF/ }).click();
  await expect(page.getByText(/wider than the page/)).toBeVisible();
  await page.getByLabel('Sheet', { exact: true }).selectOption('a4-8');
  await expectAccessible(page);
  await expectNoSidewaysScroll(page);
  const button = page.getByRole('button', { name: /labels as PDF/ });
  const bytes = await savedBy(page, () => button.click());
  expect(bytes.subarray(0, 5).toString()).toBe('%PDF-');
});

test('years compared, and a note that comes back on its planning day', async ({ page }) => {
  await page.goto('/demo/season/years');
  await expect(page.getByRole('row', { name: /Bean field, second day/ })).toContainText('8');
  await page.getByRole('button', { name: 'Enter by hand' }).click();
  const tomorrow = new Date(Date.now() + 86_400_000).toISOString().slice(0, 10);
  await page.getByLabel('What to do differently').fill('Take the marsh boxes a day earlier');
  await page.getByLabel('Comes back on').fill(tomorrow);
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expectAccessible(page);
  await expectNoSidewaysScroll(page);
  await page.getByRole('link', { name: 'Today' }).click();
  const due = page.getByRole('region', { name: /To do, most urgent first/ });
  await expect(due.getByRole('link', { name: /Take the marsh boxes a day earlier/ })).toBeVisible();
});

test('the store on a phone: targets, nothing sideways', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  for (const address of [
    'store',
    'store/blend',
    'store/trace',
    'store/keep/demo-1-1',
    'season/years',
    'verify',
  ]) {
    await page.goto(`/demo/${address}`);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await expectAccessible(page);
    await expectNoSidewaysScroll(page);
  }
});
