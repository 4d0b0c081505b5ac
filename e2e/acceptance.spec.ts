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

test.describe('half a year on', () => {
  test.use({ fresh: true });

  test('a look that is due ends with one tap', async ({ page }) => {
    await page.goto('/demo/store');
    await expect(page.getByRole('heading', { level: 1, name: 'Store' })).toBeVisible();
    // half a year on, something is due
    await page.clock.setFixedTime(new Date(Date.now() + 180 * 86_400_000));
    await page.goto('/demo/store');
    await expect(page.getByRole('heading', { name: /^Check these/ })).toBeVisible();
    const due = page.getByRole('button', { name: /^Checked: all well/ });
    const before = await due.count();
    expect(before).toBeGreaterThan(0);
    await due.first().click();
    await expect(due).toHaveCount(before - 1);
  });
});
