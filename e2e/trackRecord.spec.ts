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
