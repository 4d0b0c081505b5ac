import { expect, test } from './house';

test('the stand-in weather station is asked, and what it says is shown', async ({ page }) => {
  await page.goto('/demo/season/when');
  await page.getByRole('button', { name: 'Try a sample forecast' }).click();
  const sample = page.getByRole('region', { name: 'Try a sample forecast' });
  await expect(sample.getByRole('listitem')).toHaveCount(10);
});
