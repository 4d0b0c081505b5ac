import { expect, test } from './house';

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
