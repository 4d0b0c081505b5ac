import { startBuckets } from './benchHouse';
import { expect, test } from './house';

test('a photograph proves a reading', async ({ page }) => {
  await startBuckets(page, 2);
  await page.keyboard.type('17.4');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: /^Proof of reading/ }).click();
  const picture = await page.screenshot({ clip: { x: 0, y: 0, width: 300, height: 200 } });
  const sheet = page.getByRole('dialog');
  await sheet
    .getByLabel('Photograph of the scale', { exact: true })
    .setInputFiles({ name: 'scale.png', mimeType: 'image/png', buffer: picture });
  await expect(sheet.getByRole('img', { name: 'The scale or display as read' })).toBeVisible();
});

test('all readings: searched, sorted, and in doubt where they are', async ({ page }) => {
  await page.goto('/demo/bench/readings');
  await expect(page.getByText('29 readings')).toBeVisible();
  await page.getByRole('button', { name: 'Water' }).click();
  await page.getByRole('button', { name: 'Water' }).click();
  await expect(page.getByRole('columnheader', { name: 'Water' })).toHaveAttribute(
    'aria-sort',
    'ascending',
  );
  await page.getByLabel('Search lots, vessels, meters, readers').fill('ling');
  await expect(page.getByText('2 readings')).toBeVisible();
  await expect(page.getByText('(in doubt)').first()).toBeVisible();
});
