import { expect, expectNoSidewaysScroll, test } from './house';

test.describe('on a phone, by taps', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('jars for an occasion, a sample, the white stuff, a sting, wax', async ({ page }) => {
    await page.goto('/demo/store/jars');
    await page.getByRole('button', { name: /^Set 12 aside/ }).tap();
    await expect(page.getByText('All set aside.')).toBeVisible();
    await page.getByRole('button', { name: 'Keep one back 260717-a.1' }).tap();
    await expect(page.getByRole('button', { name: 'Keep one back 260717-a.1' })).toHaveCount(0);
    await expectNoSidewaysScroll(page);
    await page.getByRole('link', { name: 'What is the white stuff?' }).tap();
    await page.getByRole('radio', { name: 'Yes', exact: true }).tap();
    await expect(page.getByText('It ferments')).toBeVisible();
    await page.goto('/demo/comb/stung');
    await page.getByRole('button', { name: /^Hard to breathe/ }).tap();
    await expect(page.getByText('Call the emergency number now.')).toBeInViewport();
    await expectNoSidewaysScroll(page);
    await page.goto('/demo/strain/wax');
    await page.getByRole('button', { name: 'Weigh wax' }).tap();
    await page.getByLabel('Weight that came of it').fill('0.4');
    await page.getByRole('button', { name: 'Add', exact: true }).tap();
    await expect(
      page.getByRole('listitem').filter({ hasText: '0.40 kg of cappings came in' }),
    ).toBeVisible();
    await expectNoSidewaysScroll(page);
  });
});

test('at the desk, by keyboard alone: an occasion is added and its jars set aside', async ({
  page,
}) => {
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto('/demo/store/jars');
  const add = page.getByRole('button', { name: 'Add an occasion' });
  for (let presses = 0; presses < 30; presses += 1) {
    await page.keyboard.press('Tab');
    if (await add.evaluate((button) => button === document.activeElement)) break;
  }
  await expect(add).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog')).toBeVisible();
  const type = async (label: string, text: string): Promise<void> => {
    const field = page.getByLabel(label, { exact: true });
    for (let presses = 0; presses < 20; presses += 1) {
      if (await field.evaluate((input) => input === document.activeElement)) break;
      await page.keyboard.press('Tab');
    }
    await page.keyboard.type(text);
  };
  await type('Occasion', 'Choir');
  await type('Jars', '2');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(page.getByRole('heading', { name: 'Choir' })).toBeVisible();
});
