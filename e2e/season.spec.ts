import type { Page } from '@playwright/test';
import { expect, expectAccessible, test } from './house';

test.use({ fresh: true });

const acts = (page: Page) => page.getByRole('region', { name: 'What to do, by day' });

/** Opens a page on a day of the calendar: the season goes by between two of them. */
async function on(page: Page, day: string, path: string): Promise<void> {
  await page.clock.setFixedTime(new Date(`${day}T09:00`));
  await page.goto(path);
}

test.describe('a family with two hives, from setting up to winter, on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('the year is played through', async ({ page }) => {
    test.setTimeout(120_000);
    page.setDefaultTimeout(8000);
    await on(page, '2026-05-10', '/mine/season');
    await page.getByRole('button', { name: 'A yard with its hives' }).tap();
    const sheet = page.getByRole('dialog');
    await sheet.getByLabel('Yard', { exact: true }).fill('Garden');
    await sheet.getByLabel('From number').fill('1');
    await sheet.getByLabel('To number').fill('2');
    await sheet.getByLabel('Honey boxes each').fill('1');
    await sheet.getByRole('radio', { name: 'Sound' }).tap();
    await sheet.getByRole('button', { name: 'Add', exact: true }).tap();
    await expect(page.getByRole('dialog')).toHaveCount(0);
    await page.getByRole('button', { name: 'Add a flow' }).tap();
    await page.getByLabel('Name', { exact: true }).fill('Limes');
    await page.getByLabel('Expected from').fill('2026-06-20');
    await page.getByLabel('Expected to').fill('2026-07-05');
    await page.getByRole('checkbox', { name: 'Garden' }).tap();
    await page.getByRole('button', { name: 'Add', exact: true }).tap();
    await expect(page.getByText('plant not known')).toBeVisible();

    // May: how they go about it, at weekends, and when the last boxes come off
    await page.getByRole('link', { name: 'When to go' }).tap();
    await page.getByRole('button', { name: 'How I go about it' }).tap();
    await page.getByRole('checkbox', { name: 'Saturday' }).tap();
    await page.getByRole('checkbox', { name: 'Sunday' }).tap();
    await page.getByLabel('Last boxes off by').fill('2026-10-04');
    await page.getByRole('button', { name: 'Add', exact: true }).tap();
    await expect(page.getByRole('dialog')).toHaveCount(0);
    await expect(acts(page)).toContainText('Put boxes on for Limes at Garden');
    await expectAccessible(page);

    // it is late, then it comes
    await on(page, '2026-06-26', '/mine/today');
    await page.getByRole('link', { name: /Look whether Limes has begun at Garden/ }).tap();
    await acts(page)
      .getByRole('button', { name: /^It has begun/ })
      .tap();
    await expect(acts(page)).toContainText('Sun 12 Jul');
    await expect(acts(page)).toContainText('Take the Limes honey off at Garden');

    // a wet weekend is forecast: the next one that is dry
    await on(page, '2026-07-08', '/mine/season/when');
    await page.getByRole('button', { name: 'Add a forecast' }).tap();
    const days = [3, 4].map((at) => page.locator(`[name="days.${at}.highestC"]`));
    for (const day of days) await day.fill('21');
    for (const at of [3, 4]) {
      await page.locator(`[name="days.${at}.lowestC"]`).fill('12');
      await page.locator(`[name="days.${at}.rainMm"]`).fill('14');
    }
    await page.getByRole('button', { name: 'Save the forecast' }).tap();
    await expect(page.getByRole('region', { name: 'Weather' })).toContainText('not for hives');
    await expect(acts(page)).toContainText('Sat 18 Jul');
    await acts(page)
      .getByRole('button', { name: /^Plan this day/ })
      .tap();
    await expect(page.getByRole('heading', { name: 'Limes, Garden' })).toBeVisible();

    // the day: the order of hives, then robbers; it goes on tomorrow
    await on(page, '2026-07-18', '/mine/comb');
    await page.getByRole('link', { name: /Limes, Garden/ }).tap();
    await page.getByText('How the visit goes').tap();
    await expect(page.getByText('Open the hives in this order')).toBeVisible();
    await page.getByRole('link', { name: 'Bees are robbing' }).tap();
    await expectAccessible(page);
    await page.getByRole('button', { name: /Close every hive that stands open/ }).tap();
    await page.getByRole('button', { name: 'Go on tomorrow with Limes, Garden' }).tap();
    await expect(page.getByRole('button', { name: /^Go on tomorrow with/ })).toHaveCount(0);
    await page.goto('/mine/today');
    await expect(page.getByRole('link', { name: /At the hives: Limes, Garden/ })).toContainText(
      'Sun 19 Jul',
    );

    // the day that was broken off stands as it was, beside the one that goes on
    await page.goto('/mine/comb');
    await expect(page.getByRole('link', { name: /Limes, Garden/ })).toHaveCount(2);

    // the plant gets its name once somebody knows it
    await on(page, '2026-07-20', '/mine/season');
    await page.getByRole('button', { name: 'Change Limes' }).tap();
    await page.getByLabel('Plant').fill('lime');
    await page.getByLabel('Seen to').fill('2026-07-06');
    await page.getByRole('button', { name: 'Save', exact: true }).tap();
    await expect(page.getByText('plant not known')).toHaveCount(0);

    // a treatment: out on its day, and written down
    await page.getByRole('button', { name: 'Add one' }).tap();
    await page.getByLabel('Product or feed').fill('thymol strips');
    await page.getByRole('button', { name: 'All of Garden' }).tap();
    await page.getByLabel('From', { exact: true }).fill('2026-07-25');
    await page.getByRole('radio', { name: 'Off the hive' }).tap();
    await page.getByLabel('Stays on the hive for').fill('21');
    await page.getByLabel('Waiting time on the label').fill('0');
    await page.getByRole('button', { name: 'Add', exact: true }).tap();
    await expect(page.getByRole('dialog')).toHaveCount(0);
    await on(page, '2026-08-16', '/mine/today');
    await page.getByRole('link', { name: /Take thymol strips out/ }).tap();
    await acts(page)
      .getByRole('button', { name: /^It is out/ })
      .tap();
    await expect(acts(page)).toContainText('Honey boxes may go back on');

    // autumn
    await on(page, '2026-09-26', '/mine/today');
    await expect(page.getByRole('link', { name: /Take the honey off at Garden/ })).toContainText(
      'the day you chose for the last boxes',
    );
    await on(page, '2026-11-25', '/mine/season/when');
    await expect(page.getByText(/^Nothing to plan yet/)).toBeVisible();
  });
});

test('a house of three yards, from August to winter, at the desk', async ({ page }) => {
  await page.goto('/demo/season/when');
  await expect(acts(page)).toContainText('Put in formic pads: Hive 6');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Try a sample forecast' }).click();
  const sample = page.getByRole('region', { name: 'Try a sample forecast' });
  await expect(sample.getByRole('listitem')).toHaveCount(10);
  const start = Date.now();
  const later = async (days: number): Promise<void> => {
    await page.clock.setFixedTime(new Date(start + days * 86_400_000));
    await page.goto('/demo/season/when');
  };
  await later(8);
  await acts(page)
    .getByRole('button', { name: /^It is out.*formic pads/ })
    .click();
  await expect(acts(page)).toContainText('Honey boxes may go back on: Hive 6');
  await page
    .getByRole('region', { name: 'Marsh yard' })
    .getByRole('button', { name: /^It is over/ })
    .click();
  await later(14);
  await acts(page)
    .getByRole('button', { name: /^It failed/ })
    .click();
  await expect(page.getByRole('region', { name: 'Moor yard' })).toContainText('Ling failed');
  await later(35);
  await expect(acts(page)).toContainText(/Off by \w+ 4 Oct, the day you chose for the last boxes/);
  await later(100);
  await expect(acts(page)).toHaveCount(0);
  await expect(page.getByText(/^Nothing to plan yet/)).toBeVisible();
});
