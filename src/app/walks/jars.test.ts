import { expect, expectAccessible, test } from '../test/walk';

test('an occasion: the oldest jars are set aside at a tap, what is short stands beside it, and they go out', async ({
  page,
}) => {
  await page.goto('/demo/store/jars');
  const occasions = page.getByRole('region', { name: 'Occasions' });
  await expectAccessible(page);
  await expect(occasions).toContainText('Enough: 12 of 260717-a.1.');
  await expect(occasions).toContainText(/26 jars short: fill 13\.0 kg before/);
  await occasions.getByRole('button', { name: /^Set 12 aside/ }).click();
  await expect(occasions).toContainText('All set aside.');
  await occasions.getByRole('button', { name: /^They are gone \(Supper/ }).click();
  await expect(occasions).not.toContainText('All set aside.');
  await occasions.getByText('1 occasion over').click();
  await expect(occasions).toContainText('Supper at the boat shed');
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(occasions).toContainText('All set aside.');
});

test('an occasion is typed, with what no occasion can be refused beside its field', async ({
  page,
}) => {
  await page.goto('/demo/store/jars');
  await page.getByRole('button', { name: 'Add an occasion' }).click();
  const sheet = page.getByRole('dialog');
  await expectAccessible(page);
  await sheet.getByLabel('Jars', { exact: true }).fill('few');
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(sheet.getByText(/^“few” is not a number/)).toBeVisible();
  await sheet.getByLabel('Occasion', { exact: true }).fill('Birthday');
  await sheet.getByLabel('Jars', { exact: true }).fill('3');
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Birthday' })).toBeVisible();
});

test('a sealed jar is kept back, and Today asks for the other lot only', async ({ page }) => {
  await page.goto('/demo/today');
  await expect(page.getByText('Keep a jar of each of 2 lots back')).toBeVisible();
  await page.goto('/demo/store/jars');
  await page.getByRole('button', { name: 'Keep one back 260717-a.1' }).click();
  await expect(page.getByRole('button', { name: 'Keep one back 260717-a.1' })).toHaveCount(0);
  await page.goto('/demo/today');
  await expect(page.getByText('Keep a jar of 260727-b.1 back')).toBeVisible();
});

test('the fill is checked: answered while it is typed, and shown in the row once it is kept', async ({
  page,
}) => {
  await page.goto('/demo/store');
  await page.getByRole('button', { name: 'Check the fill 260717-a.1' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Weights, one after another').fill('452 455 nine');
  await sheet.getByLabel('Empty jar with its lid').fill('200');
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(sheet.getByText(/^“nine” is not a number/)).toBeVisible();
  await sheet.getByLabel('Weights, one after another').fill('452 455 454 453');
  await expect(sheet.getByText(/^Full: at least 251/)).toBeVisible();
  await sheet.getByLabel('Weights, one after another').fill('452 455 430 431');
  await expect(sheet.getByText(/in 2 jars/)).toBeVisible();
  await sheet.getByLabel('Specks or threads').click();
  await expect(sheet.getByText(/Strain it finer/)).toBeVisible();
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByText(/^Checked .*Too little in 2 jars/)).toBeVisible();
});

test('what the white stuff is: fermentation goes before all else and leads on', async ({
  page,
}) => {
  await page.goto('/demo/store/white');
  await expect(page.getByText('Smell it first')).toBeVisible();
  await page.getByRole('radio', { name: 'No', exact: true }).click();
  await expect(page.getByText('Foam: air, with specks of wax')).toBeVisible();
  await page.getByRole('radio', { name: 'At the glass' }).click();
  await page.getByRole('radio', { name: 'Streaks, like frost' }).click();
  await expect(page.getByText('Bloom: sugar at the glass')).toBeVisible();
  await page.getByRole('radio', { name: 'Yes', exact: true }).click();
  await expect(page.getByText('It ferments')).toBeVisible();
  await page.getByRole('link', { name: 'Note foam on a lot' }).click();
  await expect(page.getByRole('heading', { name: 'It foams' })).toBeVisible();
});

test('two honeys side by side, and a tasting of three glasses', async ({ page }) => {
  await page.goto('/demo/store/side-by-side');
  await expect(page.getByText('Smell and taste')).toBeVisible();
  await page.getByLabel('People', { exact: true }).fill('12');
  await page.getByLabel('Named the odd one').fill('13');
  await expect(page.getByText('Type a whole number up to the number of people.')).toBeVisible();
  await page.getByLabel('Named the odd one').fill('8');
  await expect(page.getByText('Yes, they can tell them apart.')).toBeVisible();
  await page.getByLabel('Named the odd one').fill('7');
  await expect(page.getByText('Not shown: 8 of 12 would have to be right.')).toBeVisible();
});
