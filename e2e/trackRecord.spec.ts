import { openBench } from './benchHouse';
import { expect, expectAccessible, expectNoSidewaysScroll, test } from './house';

test('what was forecast stands against what was found, with what own records taught', async ({
  page,
}) => {
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
  await page.setViewportSize({ width: 390, height: 844 });
  await expectNoSidewaysScroll(page);
});

test('where it was drawn is never chosen beforehand, and the gate of a tank costs certainty', async ({
  page,
}) => {
  await openBench(page, /Straight from the warm room/);
  const spots = page.getByRole('radiogroup', { name: /Where in the container/ });
  await page.getByLabel('The dial shows').fill('18.4');
  await page.getByLabel('Temperature of meter and honey').fill('22');
  await page.getByRole('radio', { name: /^Bucket 2/ }).click();
  await expect(spots.getByRole('radio', { checked: true })).toHaveCount(0);
  await spots.getByRole('radio', { name: 'At the gate' }).click();
  await expect(page.getByText(/Largest part of the ±/)).toBeVisible();
  await page.getByRole('radio', { name: /^Bucket 3/ }).click();
  await expect(spots.getByRole('radio', { checked: true })).toHaveCount(0);
});

test('the hemisphere is asked once', async ({ page }) => {
  await page.goto('/demo/kit');
  const half = page.getByRole('radiogroup', { name: /Hemisphere/ });
  await expect(half.getByRole('radio', { checked: true })).toHaveCount(0);
  await half.getByRole('radio', { name: 'Southern' }).click();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await page.reload();
  await expect(half.getByRole('radio', { name: 'Southern' })).toBeChecked();
});
