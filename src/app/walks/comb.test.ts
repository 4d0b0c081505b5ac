import { expect, expectAccessible, test } from '../test/walk';
import { verdict, openDay, openBox, tenths, nextFrame, mark } from '../test/houses';

test('a treatment with the boxes on blocks, and only a reason after reading the label clears', async ({
  page,
}) => {
  await openBox(page, 'Hive 22');
  await mark(page, 1).click();
  await expect(verdict(page)).toContainText('Leave');
  await expect(verdict(page)).toContainText('On the hive during treatment with thymol strips');
  const choices = page.getByRole('radiogroup', { name: 'What you do with it' });
  await expect(choices.getByRole('radio', { name: 'Put back' })).toBeVisible();
  await expect(choices.getByRole('radio', { name: 'Take', exact: true })).toHaveCount(0);
  await expectAccessible(page);
  await page
    .getByLabel('I have read the label; it may be taken, because')
    .fill('Label: no waiting time');
  await expect(verdict(page)).toContainText('Take');
  await nextFrame(page).click();
  await expect(mark(page, 1)).toHaveAccessibleName('Frame 1, Take');

  await page.goto('/demo/comb');
  await page.getByRole('link', { name: /Marsh, second visit/ }).click();
  await page.getByRole('link', { name: 'Make lots' }).click();
  await page.getByRole('button', { name: 'Make 2 lots' }).click();
  await page
    .getByRole('link', { name: /Sea lavender 26/ })
    .first()
    .click();
  await expect(
    page.getByText(/were taken on the keeper’s word \(“Label: no waiting time”\)/).first(),
  ).toBeVisible();
});

test('syrup with the boxes on blocks; frames out before a treatment goes in are free', async ({
  page,
}) => {
  await openBox(page, 'Hive 24');
  await mark(page, 1).click();
  await expect(verdict(page)).toContainText('it may contain syrup');
  await expect(page.getByText(/feed its honey and wet combs to no other colony/)).toBeVisible();
  await openBox(page, 'Hive 6');
  await page.keyboard.press('9');
  await page.keyboard.press('9');
  await expect(verdict(page)).toContainText('Take');
});

test('the queen, brood hemmed in, beetles: what is urgent is said', async ({ page }) => {
  await openBox(page, 'Hive 23', 'Brood box');
  await mark(page, 4).click();
  await expect(page.getByRole('alert')).toContainText('Put this frame back gently, now.');
  await expect(page.getByText('The brood is hemmed in by honey')).toBeVisible();
  await expect(page.getByText(/2 drawn, empty frames beside the nest/)).toBeVisible();
  await expect(page.getByText('Left for the colony')).toBeVisible();
  await page.goto('/demo/today');
  await expect(page.getByRole('link', { name: /Extract Hive 24, Box 1/ })).toContainText(
    'within 48 hours',
  );
  await expect(
    page.getByRole('button', { name: /Look again at 2 frames in Hive 21, Box 2/ }),
  ).toBeVisible();
});

test('put back or take: a chance, a day, the alternatives, and one’s own choice', async ({
  page,
}) => {
  await openBox(page, 'Hive 21', 'Box 2');
  await mark(page, 5).click();
  await page.keyboard.press('7');
  await page.keyboard.press('7');
  await expect(verdict(page)).toContainText('Put back');
  await expect(page.getByText('Bees finish it before nectar ends')).toBeVisible();
  await expect(page.getByText(/as this frame has shown\. Look again on/)).toBeVisible();
  await expect(page.getByText(/such frames fit before the limit is in doubt/)).toBeVisible();
  await page
    .getByRole('radiogroup', { name: 'What you do with it' })
    .getByRole('radio', { name: 'Take', exact: true })
    .click();
  await expect(verdict(page)).toContainText('Take · your choice');
  await nextFrame(page).click();
  await mark(page, 5).click();
  await expect(verdict(page)).toContainText('Take · your choice');
});

test('schools side by side disagree on the same frames; another one can judge; own ones are saved', async ({
  page,
}) => {
  await openDay(page);
  const schools = page.getByRole('region', { name: 'Other rules on the same frames' });
  const row = (name: string) =>
    schools.getByRole('listitem').filter({ has: page.getByRole('heading', { name, exact: true }) });
  await expect(row('Full capping')).toContainText('4 frames');
  await expect(row('Four fifths')).toContainText('15 frames');
  await expect(row('Early and dry')).toContainText('to dry');
  await row('Full capping').getByRole('button', { name: 'Use this rule' }).click();
  await expect(row('Full capping')).toContainText('In use today');
  await expect(page.getByText('frames taken, of 30 judged')).toBeVisible();
  await row('Four fifths').getByRole('button', { name: 'Own version' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Ours, nine tenths');
  await page.getByLabel('Capped share asked for').fill('90');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(row('Ours, nine tenths')).toBeVisible();
  await page.keyboard.press('u');
  await expect(row('Ours, nine tenths')).toHaveCount(0);
});

test('frames move into a tote and keep their hive', async ({ page }) => {
  await openBox(page, 'Hive 21');
  await page.getByText('Move to a tote or another box').click();
  await page.getByRole('button', { name: 'Move all 8 you are taking' }).click();
  await expect(verdict(page).around('.verdict-bar')).toContainText('8 frames moved to Tote A');
  await expect(mark(page, 3)).toHaveAccessibleName('Frame 3, not judged');
  await page.getByRole('link', { name: /Back to Marsh/ }).click();
  await page.getByRole('link', { name: 'Make lots' }).click();
  await expect(page.getByText('Hive 21, Box 1, frame 3')).toBeVisible();
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
  await page.getByRole('button', { name: 'Comb honey', exact: true }).click();
  await page.getByRole('button', { name: 'Piece 1', exact: true }).click();
  await page.getByRole('button', { name: 'Piece 2', exact: true }).click();
  await expect(verdict(page)).toContainText('2 of 8 pieces are fully capped on both sides.');
  await page.getByRole('button', { name: 'Comb honey', exact: true }).click();
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
