import { expect, expectAccessible, test, type Page } from '../test/walk';

const acts = (page: Page) => page.getByRole('region', { name: 'What to do, by day' });

test('the season of the demo: a day is planned at a tap, and the proposal is gone', async ({
  page,
}) => {
  await page.goto('/demo/season/when');
  await expect(acts(page)).toContainText('Take the Dyke flow honey off at Field yard');
  await expectAccessible(page);
  await acts(page)
    .getByRole('button', { name: /^Plan this day.*Dyke flow/ })
    .click();
  await expect(page.getByRole('heading', { name: 'Dyke flow, Field yard' })).toBeVisible();
  await page.goto('/demo/season/when');
  await expect(page.getByRole('link', { name: /^Planned: Dyke flow, Field yard/ })).toBeVisible();
  await expect(acts(page)).not.toContainText('Take the Dyke flow honey off');
  await page.goto('/demo/today');
  await expect(
    page.getByRole('link', { name: /At the hives: Dyke flow, Field yard/ }),
  ).toBeVisible();
});

test('a flow begins, another is over, each noted at a tap, and the plan follows', async ({
  page,
}) => {
  await page.goto('/demo/season/when');
  const marsh = page.getByRole('region', { name: 'Marsh yard' });
  await expect(marsh).toContainText('Sea lavender on, until about');
  await marsh.getByRole('button', { name: /^It is over/ }).click();
  await expect(marsh).not.toContainText('Sea lavender on, until about');
  const moor = page.getByRole('region', { name: 'Moor yard' });
  await moor.getByRole('button', { name: /^It has begun/ }).click();
  await expect(moor).toContainText('Ling on, until about');
  await expect(acts(page)).toContainText('Take the Ling honey off at Moor yard');
});

test('a forecast is pasted, looked through and kept; days on which nobody can go are passed over', async ({
  page,
}) => {
  await page.goto('/mine/season/when');
  await expect(page.getByText(/^Nothing to plan yet/)).toBeVisible();
  await page.getByRole('button', { name: 'Add a forecast' }).click();
  const sheet = page.getByRole('dialog');
  await expectAccessible(page);
  await sheet.getByRole('button', { name: 'Save the forecast' }).click();
  await expect(sheet.getByText('Type at least one day.')).toBeVisible();
  await sheet.getByText('Paste a forecast, or choose its file').click();
  const lines = ['date,high,low,rain', '2026-08-21,23,12,0', '2026-08-22,18,25,0'];
  await sheet.getByLabel('Or paste its lines').fill(lines.join('\n'));
  await expect(sheet.getByText('2 days read.')).toBeVisible();
  await sheet.getByRole('button', { name: 'Save the forecast' }).click();
  await expect(sheet.getByText('By day it must be at least as warm as by night.')).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'How I go about it' }).click();
  const plan = page.getByRole('dialog');
  await expectAccessible(page);
  await plan.getByRole('checkbox', { name: 'Saturday' }).click();
  await plan.getByLabel('Escape boards go on ahead').fill('0');
  await plan.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(plan.getByText(/between 1 and 14/)).toBeVisible();
  await plan.getByLabel('Escape boards go on ahead').fill('3');
  await plan.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.getByRole('button', { name: 'How I go about it' }).click();
  await expect(page.getByRole('checkbox', { name: 'Saturday' })).toBeChecked();
});
