import type { Page } from '@playwright/test';
import { expect, expectNoSidewaysScroll, test } from './house';

const region = (page: Page, name: string) => page.getByRole('region', { name });

test.describe('the rest of the season of a house with three yards, on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('boxes, robbers, combs, kit, wax, jars, glass, a second phone, a warm room', async ({
    page,
  }) => {
    test.setTimeout(120_000);
    page.setDefaultTimeout(8000);

    // a hive on the scale
    await page.goto('/demo/season/when');
    await region(page, 'By yard').getByRole('button', { name: 'Weigh a hive' }).tap();
    await page.getByLabel('Whole weight').fill('52');
    await page.getByRole('button', { name: 'Add', exact: true }).tap();
    await expect(page.getByRole('dialog')).toHaveCount(0);
    await expectNoSidewaysScroll(page);

    // at the hives: in which order, what is left, who does what
    await page.goto('/demo/comb');
    await page.getByRole('link', { name: /Marsh, second visit/ }).tap();
    await page.getByText('How the visit goes').tap();
    await expect(page.getByText('Open the hives in this order')).toBeVisible();
    const leave = region(page, 'Left for the colonies');
    await leave.getByRole('button', { name: /^Done/ }).first().tap();
    await expect(leave.getByRole('button', { name: /^Done/ }).first()).toHaveAttribute(
      'aria-pressed',
      'true',
    );
    const count = region(page, 'Count');
    await count.getByText('Two or more at work').tap();
    await count.getByRole('radio', { name: 'Carries', exact: true }).tap();
    await expect(count.getByRole('radio', { name: 'Carries', exact: true })).toBeChecked();
    await expectNoSidewaysScroll(page);

    // in the house: without an extractor, washing up, what to order
    await page.goto('/demo/strain');
    await page.getByRole('link', { name: /Field yard, late boxes/ }).tap();
    await page.getByRole('link', { name: 'Combs and tools' }).tap();
    await page.getByText('Without an extractor').tap();
    await expect(page.getByRole('row', { name: /Crush and strain/ })).toBeVisible();
    await page.getByRole('link', { name: 'Clean up' }).tap();
    await page.getByRole('radio', { name: 'One may be sick' }).tap();
    await page.goto('/demo/strain/kit-list');
    await page.getByRole('textbox', { name: 'Honey expected' }).fill('200');
    await expect(page.getByRole('listitem').filter({ hasText: 'Pails' }).first()).toContainText(
      '+',
    );
    await expectNoSidewaysScroll(page);

    // glass beside open honey holds the lot, for jars as well
    await page.goto('/demo/strain/house');
    await page.getByRole('button', { name: 'Write something down' }).tap();
    await page.getByLabel('What happened').selectOption('glass');
    await page.getByRole('checkbox', { name: 'Bean field, second day' }).tap();
    await page.getByLabel('In a few words').fill('A jar fell');
    await page.getByRole('button', { name: 'Add', exact: true }).tap();
    await expect(page.getByText(/^Held: Bean field, second day/)).toBeVisible();
    await page.goto('/demo/store/jars');
    await expect(region(page, 'Oldest first').getByRole('listitem').first()).toContainText(
      'Held back',
    );
    await page.goto('/demo/store/side-by-side');
    await expectNoSidewaysScroll(page);

    // the room, with the air outside, and what the bees would have done
    await page.goto('/demo/warm-room');
    await page.getByRole('link', { name: /Boathouse room/ }).tap();
    await expect(page.getByText(/bees/i).first()).toBeVisible();
    await expectNoSidewaysScroll(page);
  });
});
