import { openBox, openDay, tenths, nextFrame } from './combHouse';
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

test('two taps make one lot, and what is put back makes none', async ({ page }) => {
  await page.goto('/mine/lots/new');
  await page.getByRole('radio', { name: '8', exact: true }).click();
  await page.getByRole('button', { name: 'Start this lot' }).dblclick();
  await expect(page.getByRole('heading', { name: 'Readings' })).toBeVisible();
  await page.goto('/mine/today');
  await expect(page.getByRole('heading', { name: 'Waiting for your decision (1)' })).toBeVisible();

  await page.goto('/mine/comb/few');
  for (const side of ['side a', 'side b']) {
    await page
      .getByRole('radiogroup', { name: `Frame 1, ${side}: tenths of the honey that are capped` })
      .getByRole('radio', { name: '2 tenths', exact: true })
      .click();
  }
  await page.getByRole('button', { name: 'Save what I saw (nothing taken)' }).dblclick();
  await expect(page.getByText('1 frame judged, none taken: no lot').first()).toBeVisible();
  await page.goto('/mine/today');
  await expect(page.getByRole('heading', { name: 'Waiting for your decision (1)' })).toBeVisible();
});

test('undo on a frame takes back frames and never the day', async ({ page }) => {
  await openDay(page);
  await openBox(page, 'Hive 4');
  await tenths(page, 'A', 9).click();
  await tenths(page, 'B', 9).click();
  await nextFrame(page).click();
  await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
  await page.keyboard.press('u');
  await page.keyboard.press('u');
  await page.keyboard.press('u');
  await page.keyboard.press('u');
  await page.getByRole('link', { name: /Back to Marsh/ }).click();
  await expect(page.getByRole('heading', { level: 1, name: /Marsh, second visit/ })).toBeVisible();
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
