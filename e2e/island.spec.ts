import { expect, openDemoLot, startOwnLot, test, withoutAtc } from './house';

test('in °F, pounds and gallons from end to end', async ({ page }) => {
  await page.goto('/mine/kit');
  for (const unit of ['°F', 'lb', 'US gal', 'in'])
    await page.getByRole('radio', { name: unit, exact: true }).click();
  await page.getByLabel('Rule set for new lots').selectOption('us-grade-a-b');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Your settings are saved.')).toBeVisible();
  await page.reload();
  await expect(page.getByRole('radio', { name: '°F' })).toBeChecked();

  await page.getByRole('link', { name: 'Today', exact: true }).click();
  await page.getByRole('link', { name: 'New lot' }).click();
  await expect(page.getByText('Limit 18.6 %.')).toBeVisible();
  await page.getByRole('radio', { name: 'By volume' }).click();
  await page.getByLabel('Honey in each').fill('5');
  await page.getByLabel('Temperature of the store').fill('60');
  await page.getByRole('button', { name: 'Start this lot' }).click();
  // 5 US gallons of honey with about 18.5 % water, ± half a litre
  await expect(page.getByText(/Together 58\.9 ± 1\.9 lb/)).toBeVisible();
  await page.getByLabel('The dial shows').fill('17.8');
  await withoutAtc(page);
  await page.getByLabel('Temperature of meter and honey').fill('77');
  await expect(page.getByText('Read warm: 0.45 lower than the dial.')).toBeVisible();
  await page.getByRole('button', { name: 'Save this reading' }).click();
  await expect(page.getByRole('listitem').filter({ hasText: 'at 77.0 °F' })).toBeVisible();
  await expect(page.getByText(/Stored at 60 °F/)).toBeVisible();
});

test('the demo season can be started anew, and own records are never touched by it', async ({
  page,
}) => {
  await startOwnLot(page);
  await openDemoLot(page, 'Marsh, after the rain');
  await page.getByRole('button', { name: 'Details' }).click();
  await page.getByRole('button', { name: 'Remove this lot' }).click();
  await page.getByRole('link', { name: 'Settings' }).click();
  await page.getByRole('button', { name: 'Reset the demo season' }).click();
  await expect(page.getByText('The demo season is as it was at the start.')).toBeVisible();
  await page.getByRole('link', { name: 'Today' }).click();
  await expect(page.getByRole('heading', { name: 'Waiting for your decision (8)' })).toBeVisible();
  await page.goto('/mine/today');
  await expect(page.getByRole('heading', { name: 'Waiting for your decision (1)' })).toBeVisible();
});
