import { expect, expectAccessible, test, testWithWorkers } from '../test/walk';

test('hives out of a spreadsheet: good lines are added, a bad one stays until it is put right', async ({
  page,
}) => {
  await page.goto('/mine/season');
  await page.getByRole('button', { name: 'A yard with its hives' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByText('Or paste a list from a spreadsheet').click();
  const form = sheet.getByRole('form', { name: 'Or paste a list' });
  const list = form.getByLabel('Paste the cells here');
  await list.fill('Yard\tHive\tBoxes\nMarsh\t1\t2\n\t2\tmany\nMoor\tTall one\t1');
  await expect(form.getByText('2 hives in 2 yards')).toBeVisible();
  await expect(form.getByRole('alert')).toContainText('Line 3: “many” is no number of boxes');
  await expectAccessible(page);
  await form.getByRole('button', { name: 'Add 2 hives' }).click();
  await expect(form.getByText('Say how healthy the colony is')).toBeVisible();
  await form.getByRole('radio', { name: 'Sound' }).click();
  await form.getByRole('button', { name: 'Add 2 hives' }).click();
  await expect(list).toHaveValue('Yard\tHive\tBoxes\nMarsh\t2\tmany');
  await list.fill('Yard\tHive\tBoxes\nMarsh\t2\t1');
  await form.getByRole('button', { name: 'Add 1 hive' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(page.getByRole('region', { name: 'Marsh' })).toContainText('Hive 2');
});

test('a treatment is given again: its label stays, hives are chosen anew', async ({ page }) => {
  await page.goto('/demo/season');
  const given = page.getByRole('region', { name: 'Treatments and feeds' });
  await given.getByRole('button', { name: 'Add one' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByRole('button', { name: 'As last time: formic pads' }).click();
  await expect(sheet.getByLabel('Product or feed')).toHaveValue('formic pads');
  await sheet.getByRole('button', { name: 'Add' }).last().click();
  await expect(sheet.getByText(/Choose the hives|hive/).first()).toBeVisible();
  await sheet.getByRole('button', { name: /All of Moor yard/ }).click();
  await sheet.getByRole('button', { name: 'Add' }).last().click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
});

test('rain is expected about the room, and taken out again', async ({ page }) => {
  await page.goto('/demo/warm-room/demo-room-1');
  await page.getByRole('button', { name: 'Rain is coming' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('To', { exact: true }).fill('2020-01-01');
  await sheet.getByRole('button', { name: 'Add' }).click();
  await expect(sheet.getByText('The rain cannot end before it begins.')).toBeVisible();
  const from = await sheet.getByLabel('From', { exact: true }).value();
  await sheet.getByLabel('To', { exact: true }).fill(from);
  await sheet.getByRole('button', { name: 'Add' }).click();
  await expect(page.getByText(/^Rain on/)).toBeVisible();
  await page.getByRole('button', { name: /Remove the rain of/ }).click();
  await expect(page.getByText(/^Rain on/)).toHaveCount(0);
});

testWithWorkers(
  'what was forecast stands against what was found, with what own records taught',
  async ({ page }) => {
    await page.goto('/demo/season');
    await page.getByRole('link', { name: 'How good were the forecasts?' }).click();
    const said = page.getByRole('region', { name: 'Forecasts, and how often they came true' });
    await expect(said.getByRole('row', { name: /Water content, from the comb/ })).toContainText(
      /\d of \d/,
    );
    await expect(said.getByRole('row', { name: /When an extraction day ends/ })).toBeVisible({
      timeout: 20_000,
    });
    await expect(said.getByRole('row', { name: /Moisture while drying/ })).toBeVisible();
    await expect(page.getByText('Calculating drying and extraction days')).toHaveCount(0);
    const learned = page.getByRole('region', { name: 'Learned in place of guesses' });
    await expect(learned.getByRole('row', { name: /Vessels of a lot differ by/ })).toContainText(
      /from|lot/,
    );
    await expectAccessible(page);
  },
);
