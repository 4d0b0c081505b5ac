import { expect, test } from './house';
import { planDay } from './lineHouse';

test('planned, begun and ticked off with the keyboard alone', async ({ page }) => {
  const { keyboard } = page;
  await page.goto('/mine/today');
  await expect(page.getByText('No honey here yet')).toBeVisible();
  await keyboard.press('p');
  await expect(page.getByRole('heading', { name: 'Extraction' })).toBeVisible();
  await page.getByRole('button', { name: 'Plan a day' }).focus();
  await keyboard.press('Enter');
  const sheet = page.getByRole('dialog');
  await expect(sheet.getByLabel('Name', { exact: true })).toBeFocused();
  await keyboard.type('By hand');
  await keyboard.press('Tab');
  await expect(sheet.getByLabel('Frames', { exact: true })).toBeFocused();
  await keyboard.press('ControlOrMeta+a');
  await keyboard.type('24');
  await keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'By hand', level: 1 })).toBeVisible();
  await page.getByRole('button', { name: 'Start the day' }).focus();
  await keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /Load spun 0 of 2/ })).toBeVisible();
  await keyboard.press('1');
  await keyboard.press('2');
  await keyboard.press('3');
  await expect(page.getByRole('button', { name: /Load spun 1 of 2/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /Pail full 1 of/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /Strainer scraped 1/ })).toBeVisible();
  await keyboard.press('g');
  await expect(page.getByText(/^Full in/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Open the gate on Pail 2' })).toBeVisible();
  await keyboard.press('u');
  await expect(page.getByRole('button', { name: 'Open the gate on Pail 1' })).toBeVisible();
  await keyboard.press('?');
  await expect(page.getByRole('dialog').getByText('Open the gate on a pail')).toBeVisible();
});

test('what is half typed survives a reload, and a tick in one tab stands in the other', async ({
  page,
  context,
}) => {
  await page.goto('/mine/strain');
  await page.getByRole('button', { name: 'Plan a day' }).click();
  await page.getByRole('dialog').getByLabel('Name', { exact: true }).fill('Interrupted by the ph');
  // what is older than this is kept
  await page.waitForTimeout(300);
  await page.reload();
  await page.getByRole('button', { name: 'Plan a day' }).click();
  await expect(page.getByRole('dialog').getByLabel('Name', { exact: true })).toHaveValue(
    'Interrupted by the ph',
  );
  await page.keyboard.press('Escape');
  await planDay(page);
  await page.getByRole('button', { name: 'Start the day' }).click();
  await expect(page.getByRole('button', { name: /Load spun 0 of 4/ })).toBeVisible();
  const other = await context.newPage();
  await other.goto(page.url());
  await expect(other.getByRole('button', { name: /Load spun 0 of 4/ })).toBeVisible();
  await page.keyboard.press('1');
  await expect(other.getByRole('button', { name: /Load spun 1 of 4/ })).toBeVisible();
});
