import { expect, startOwnLot, test } from './house';

test('a half-typed new lot survives leaving and closing the tab', async ({ page, context }) => {
  await page.goto('/mine/lots/new');
  await page.getByRole('radio', { name: '7', exact: true }).click();
  await page.getByLabel('Name').fill('Orchard');
  await page.getByRole('link', { name: 'Settings' }).click();
  await page.getByRole('link', { name: 'Today', exact: true }).click();
  await page.getByRole('link', { name: 'New lot' }).click();
  await expect(page.getByLabel('Name')).toHaveValue('Orchard');
  await page.close();
  const later = await context.newPage();
  await later.goto('/mine/lots/new');
  await expect(later.getByLabel('Name')).toHaveValue('Orchard');
  await expect(later.getByRole('radio', { name: '7', exact: true })).toBeChecked();
});

test('two tabs: each keeps its own half-typed reading, both see what is kept', async ({
  page,
  context,
}) => {
  await startOwnLot(page);
  const other = await context.newPage();
  await other.goto(page.url());
  await page.getByLabel('The dial shows').fill('17.1');
  await other.getByLabel('The dial shows').fill('18.3');
  await other.getByLabel('Temperature of meter and honey').fill('20');
  await other.getByRole('button', { name: 'Save this reading' }).click();
  await expect(page.getByRole('listitem').filter({ hasText: 'dial 18.3 %' })).toBeVisible();
  await expect(page.getByLabel('The dial shows')).toHaveValue('17.1');
  await page.reload();
  await expect(page.getByLabel('The dial shows')).toHaveValue('17.1');
  await page.getByRole('button', { name: 'Save this reading' }).click();
  await expect(other.getByRole('listitem').filter({ hasText: 'dial 17.1 %' })).toBeVisible();
  await expect(other.getByRole('listitem').filter({ hasText: 'dial 18.3 %' })).toBeVisible();
});
