import { expect, test } from '../test/walk';
import { openDemoLot } from '../test/houses';

test('a lot leads to each place on its way, and each place back to the decision', async ({
  page,
}) => {
  await openDemoLot(page, 'Sea lavender, twenty buckets');
  const way = page.getByRole('navigation', { name: 'The way of this honey' });
  const here = way.getByRole('link', { name: /^Decision/ });
  await expect(here).toHaveAttribute('aria-current', 'page');
  for (const place of [
    /^Extraction Settling since/,
    /^Readings 6 readings/,
    /^Store 20 containers/,
  ]) {
    await way.getByRole('link', { name: place }).click();
    await expect(way.getByRole('link', { name: place })).toHaveAttribute('aria-current', 'page');
    await way.getByRole('link', { name: /^Decision Not signed yet/ }).click();
    await expect(here).toHaveAttribute('aria-current', 'page');
  }
  await way.getByRole('link', { name: /^Warm room Not dried here/ }).click();
  await expect(page.getByRole('dialog')).toBeVisible();
});

test('five doors, and behind each what stands beside each other', async ({ page }) => {
  await page.goto('/demo/today');
  const doors = page.getByRole('navigation', { name: 'Main' });
  await expect(doors.getByRole('link')).toHaveCount(5);
  await doors.getByRole('link', { name: 'Honey house' }).click();
  const house = page.getByRole('navigation', { name: 'Honey house' });
  await house.getByRole('link', { name: 'Extraction' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Extraction' })).toBeVisible();
  await house.getByRole('link', { name: 'Meters and readings' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Meters and readings' })).toBeVisible();
});
