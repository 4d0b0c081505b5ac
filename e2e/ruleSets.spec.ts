import { expect, expectAccessible, test } from './house';

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
  const lot = page.url();

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
