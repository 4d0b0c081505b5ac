import { expect, expectAccessible, test } from '../test/walk';

test('wax is weighed in, melted, and adds up; more out than in is refused', async ({ page }) => {
  await page.goto('/mine/strain/wax');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Weigh wax' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Weight that came of it').fill('3.2');
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  const here = page.getByRole('region', { name: 'What is there' });
  await expect(here).toContainText('3.20 kg');
  await page.getByRole('button', { name: 'Weigh wax' }).click();
  await page.getByRole('radio', { name: 'It was melted' }).click();
  await sheet.getByLabel('Taken', { exact: true }).selectOption('cappings');
  await sheet.getByLabel('Weight taken').fill('3.2');
  await sheet.getByLabel('What came of it').selectOption('block');
  await sheet.getByLabel('Weight that came of it').fill('4');
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(sheet.getByText(/More came out than went in/)).toBeVisible();
  await sheet.getByLabel('Weight that came of it').fill('1.6');
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(here).toContainText('50 % of the cappings became wax, as is usual.');
  await expect(here).toContainText('Clean blocks');
});

test('combs are counted once, and what is missing is shown', async ({ page }) => {
  await page.goto('/mine/strain/wax');
  const combs = page.getByRole('region', { name: 'Combs for next year' });
  for (const [name, count] of [
    ['Drawn combs', '40'],
    ['To melt', '6'],
  ] as const) {
    await combs.getByLabel(name).fill(count);
    await combs.getByLabel(name).press('Enter');
  }
  await expect(combs).toContainText('40 combs stand ready.');
  await expect(combs).toContainText('6 frames need new foundation before the next flow.');
});

test('glass breaks beside open honey: the lot is held wherever it is met, until its page frees it', async ({
  page,
}) => {
  await page.goto('/demo/strain/house');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Write something down' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('What happened').selectOption('glass');
  await expect(sheet.getByText(/Stop the work/)).toBeVisible();
  await sheet.getByLabel('In a few words').fill('A jar fell on the bench');
  await sheet.getByRole('checkbox', { name: 'Bean field, second day' }).click();
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByText(/^Held: Bean field, second day/)).toBeVisible();
  await page.goto('/demo/store/jars');
  const oldest = page.getByRole('region', { name: 'Oldest first' });
  await expect(oldest.getByRole('listitem').first()).toContainText('Held back');
  await expect(page.getByRole('region', { name: 'Occasions' })).toContainText('12 jars short');
  await page.goto('/demo/store');
  await page.getByRole('link', { name: 'Bean field, second day', exact: true }).click();
  await expect(page.getByText(/Glass broke beside it/).first()).toBeVisible();
});

test('stung: nothing is called harmless before somebody looked, and in doubt it says to call', async ({
  page,
}) => {
  await page.goto('/demo/comb/stung');
  await expectAccessible(page);
  const answer = page.getByRole('status').first();
  await expect(answer).toContainText('Look first');
  await page.getByRole('button', { name: 'Only the place itself hurts or swells' }).click();
  await expect(answer).toContainText('Usually harmless');
  await page.getByRole('button', { name: 'Twenty stings or more' }).click();
  await expect(answer).toContainText('Get medical advice now');
  await page.getByRole('button', { name: /^Hard to breathe/ }).click();
  await expect(answer).toContainText('Call the emergency number now.');
});

test('one finish time is enough for a day that nobody ticked off', async ({ page }) => {
  await page.goto('/mine/strain');
  await page.getByRole('button', { name: 'Plan a day' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Starts at').fill('0:10');
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await page.getByLabel('The honey was done at').fill('soon');
  await page.getByRole('button', { name: 'Keep that' }).click();
  await expect(page.getByText('Type a time such as 16:30, after the day began.')).toBeVisible();
  await page.getByLabel('The honey was done at').fill('6:40');
  await page.getByRole('button', { name: 'Keep that' }).click();
  await expect(page.getByText('The day took')).toBeVisible();
  await expect(page.getByText('6 h 30 min')).toBeVisible();
});

test('a scale gains where nobody wrote a flow down: Today asks to look', async ({ page }) => {
  await page.goto('/demo/season/when');
  const yards = page.getByRole('region', { name: 'By yard' });
  await yards.getByRole('button', { name: 'Weigh a hive' }).click();
  const sheet = page.getByRole('dialog');
  await expectAccessible(page);
  await sheet.getByLabel('Whole weight').fill('heavy');
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(sheet.getByText(/^“heavy” is not a number/)).toBeVisible();
  await sheet.getByLabel('Whole weight').fill('48');
  await sheet.getByLabel('Weighed on').fill('2026-08-14');
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await yards.getByRole('button', { name: 'Weigh a hive' }).click();
  await sheet.getByLabel('Whole weight').fill('55');
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(yards).toContainText('gains about 7.0 kg a week by the scale');
});
