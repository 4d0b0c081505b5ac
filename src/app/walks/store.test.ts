import { clockNow } from '../../store';
import { expect, expectAccessible, test, type Page } from '../test/walk';
import { outcome, openDemoLot } from '../test/houses';

async function openStore(page: Page): Promise<void> {
  await page.goto('/demo/store');
  await expect(page.getByRole('heading', { level: 1, name: 'Store' })).toBeVisible();
}

test('a rule set of my own: wrong input, then a lot is ruled by it, also once it is removed', async ({
  page,
}) => {
  await page.goto('/mine/kit');
  const own = page.getByRole('region', { name: 'Rule sets of your own' });
  await own.getByRole('button', { name: 'Add one' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Name', { exact: true }).fill('Ferry label');
  await sheet.getByLabel('Highest moisture').fill('30');
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(sheet.getByText('This must be between 13 and 25 %.')).toBeVisible();
  await expect(sheet.getByLabel('Highest moisture')).toHaveValue('30');
  await sheet.getByLabel('Edition').fill('letter of May 2026');
  await sheet.getByLabel('Highest moisture').fill('17,2');
  await sheet.getByLabel('Of heather (ling) honey').fill('21');
  await expectAccessible(page);
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(own.getByText(/letter of May 2026 · 17.2 %, heather 21.0 %/)).toBeVisible();

  await page.goto('/mine/lots/new');
  await page.getByRole('radio', { name: '9', exact: true }).click();
  await page.getByLabel('Rule set').selectOption({ label: 'Ferry label, letter of May 2026' });
  await expect(page.getByText(/^Limit 17.2 %/)).toBeVisible();
  await expect(page.getByLabel('Your own target')).toHaveValue('17.2');
  await page.getByRole('button', { name: 'Start this lot' }).click();
  await page.getByLabel('The dial shows').fill('18.2');
  await page.getByLabel('Temperature of meter and honey').fill('20');
  await page.getByRole('button', { name: 'Save this reading' }).click();
  await expect(page.getByTestId('outcome')).not.toHaveText(/^Accept/);
  await expect(page.getByText(/Ferry label/).first()).toBeVisible();
  const lot = page.path();

  await page.goto('/mine/kit');
  await own.getByRole('button', { name: 'Change Ferry label' }).click();
  await sheet.getByRole('button', { name: 'Remove the rule set' }).click();
  // the page behind an open sheet is hidden from the test as from a screen reader
  await expect(sheet).toBeHidden();
  await expect(own.getByText('Ferry label')).toBeHidden();
  await page.goto(lot);
  await expect(page.getByText(/Ferry label/).first()).toBeVisible();
  await page.goto('/mine/lots/new');
  await expect(page.getByLabel('Rule set')).not.toContainText('Ferry label');
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
  const past = new Date(clockNow().getTime() - 50 * 86_400_000).toISOString().slice(0, 10);
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

test('years compared, and a note that comes back on its planning day', async ({ page }) => {
  await page.goto('/demo/season/years');
  await expect(page.getByRole('row', { name: /Bean field, second day/ })).toContainText('8');
  await page.getByRole('button', { name: 'Enter by hand' }).click();
  const tomorrow = new Date(clockNow().getTime() + 86_400_000).toISOString().slice(0, 10);
  await page.getByLabel('What to do differently').fill('Take the marsh boxes a day earlier');
  await page.getByLabel('Comes back on').fill(tomorrow);
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expectAccessible(page);
  await page.getByRole('link', { name: 'Today' }).click();
  const due = page.getByRole('region', { name: /To do, most urgent first/ });
  await expect(due.getByRole('link', { name: /Take the marsh boxes a day earlier/ })).toBeVisible();
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
});
