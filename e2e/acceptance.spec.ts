import { expect, startOwnLot, test, withoutAtc } from './house';

test('eight readings typed as fast as keys go are eight readings', async ({ page }) => {
  await startOwnLot(page);
  await withoutAtc(page);
  await page.getByLabel('Temperature of meter and honey').fill('20');
  const dials = ['16.1', '16.2', '16.3', '16.4', '16.5', '16.6', '16.7', '16.8'];
  await page.getByLabel('The dial shows').focus();
  for (const dial of dials) {
    await page.keyboard.type(dial, { delay: 30 });
    await page.keyboard.press('Enter', { delay: 0 });
  }
  for (const dial of dials) {
    await expect(page.getByRole('listitem').filter({ hasText: `dial ${dial} %` })).toHaveCount(1);
  }
});
