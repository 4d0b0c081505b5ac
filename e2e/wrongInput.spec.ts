import { expect, startOwnLot, test } from './house';

test('letters, a comma, and a number that belongs to another scale', async ({ page }) => {
  await startOwnLot(page);
  const dial = page.getByLabel('The dial shows');
  await dial.fill('dry');
  await page.getByRole('button', { name: 'Save this reading' }).click();
  await expect(
    page.getByText('“dry” is not a number. Type digits only, such as 17.4.'),
  ).toBeVisible();
  await expect(dial).toHaveValue('dry');

  await dial.fill('17,4');
  await expect(page.getByRole('status', { name: 'What the dial means' })).toContainText('17.4 ±');

  await dial.fill('82.4');
  await expect(page.getByText('82.4 looks like °Brix, not % water.')).toBeVisible();
  await page.getByRole('button', { name: 'Switch to °Brix' }).click();
  await expect(page.getByRole('status', { name: 'What the dial means' })).toContainText(
    '15.8 ± 1.9 % water',
  );
  await expect(page.getByText(/100 − 82.4 would give 17.6 %/)).toBeVisible();
});

test('an index of water, a temperature out of range, and °F typed for °C', async ({ page }) => {
  await startOwnLot(page);
  await page.getByRole('radio', { name: 'nD' }).click();
  await page.getByLabel('The dial shows').fill('1.333');
  await page.getByRole('button', { name: 'Save this reading' }).click();
  await expect(page.getByText(/that of water: wipe prism and lid dry/)).toBeVisible();

  await page.getByLabel('The dial shows').fill('1.492');
  await page.getByLabel('Temperature of meter and honey').fill('77');
  await page.getByRole('button', { name: 'Use 25 °C' }).click();
  await expect(page.getByLabel('Temperature of meter and honey')).toHaveValue('25');
  await page.getByLabel('Temperature of meter and honey').fill('-8');
  await page.getByLabel('Remark').click();
  await expect(page.getByText(/can be corrected between 5 and 45 °C/)).toBeVisible();
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

test("a target of one's own survives another rule set; a taken code is replaced by the button", async ({
  page,
}) => {
  await startOwnLot(page);
  await page.goto('/mine/lots/new');
  const code = await page.getByLabel('Lot code').inputValue();
  await page.getByLabel('Your own target').fill('17.2');
  await page.getByLabel('Rule set').selectOption('us-grade-a-b');
  await expect(page.getByLabel('Your own target')).toHaveValue('17.2');
  const taken = code.replace(/b$/, 'a');
  await page.getByLabel('Lot code').fill(taken);
  await page.getByRole('button', { name: `Use ${code}` }).click();
  await expect(page.getByLabel('Lot code')).toHaveValue(code);
});
