import { expect, test } from '../test/walk';

test('keys are listed on ?, acts are found by name, and single keys can be switched off', async ({
  page,
}) => {
  await page.goto('/mine/today');
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toContainText('Undo the last act');
  await page.keyboard.press('Escape');
  await page.keyboard.press('Control+k');
  await expect(page.getByPlaceholder('What do you want to do?')).toBeFocused();
  await page.keyboard.type('handb');
  await expect(page.getByRole('option')).toHaveCount(1);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1, name: 'Handbook' })).toBeVisible();

  await page.keyboard.press('k');
  await page
    .getByRole('radiogroup', { name: 'Single-key shortcuts' })
    .getByRole('radio', { name: 'Off' })
    .click();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await page.getByRole('heading', { level: 1, name: 'Settings' }).click();
  await page.keyboard.press('t');
  await expect(page.getByRole('heading', { level: 1, name: 'Settings' })).toBeVisible();
});

test('lots, hives and meters are found by name, by keyboard alone', async ({ page }) => {
  await page.goto('/demo/today');
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
  const find = async (text: string): Promise<void> => {
    await page.keyboard.press('Control+k');
    await expect(page.getByPlaceholder('What do you want to do?')).toBeFocused();
    await page.keyboard.type(text);
    await expect(page.getByRole('option').first()).toContainText(new RegExp(text, 'i'));
    await page.keyboard.press('Enter');
  };
  await find('Ling from the moor');
  await expect(page.getByRole('heading', { level: 1, name: 'Ling from the moor' })).toBeVisible();
  await find('Hive 6');
  await expect(page.getByRole('searchbox')).toHaveValue('Hive 6 Field yard');
  await expect(page.getByText('Hive 4', { exact: true })).toHaveCount(0);
  await find('Wide-range');
  await expect(page.getByRole('heading', { level: 1, name: /Wide-range/ })).toBeVisible();
});
