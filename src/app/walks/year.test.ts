import { expect, expectAccessible, test, type Page } from '../test/walk';

const acts = (page: Page) => page.getByRole('region', { name: 'What to do, by day' });

const region = (page: Page, name: string) => page.getByRole('region', { name });

/** Opens a page on a day of the calendar: the season goes by between two of them. */
async function on(page: Page, day: string, path: string): Promise<void> {
  page.clock.setFixedTime(new Date(`${day}T09:00`));
  await page.goto(path);
}

test('a family with two hives, from setting up to winter', async ({ page }) => {
  await on(page, '2026-05-10', '/mine/season');
  await page.getByRole('button', { name: 'A yard with its hives' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Yard', { exact: true }).fill('Garden');
  await sheet.getByLabel('From number').fill('1');
  await sheet.getByLabel('To number').fill('2');
  await sheet.getByLabel('Honey boxes each').fill('1');
  await sheet.getByRole('radio', { name: 'Sound' }).click();
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.getByRole('button', { name: 'Add a flow' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Limes');
  await page.getByLabel('Expected from').fill('2026-06-20');
  await page.getByLabel('Expected to').fill('2026-07-05');
  await page.getByRole('checkbox', { name: 'Garden' }).click();
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByText('plant not known')).toBeVisible();

  // May: how they go about it, at weekends, and when the last boxes come off
  await page.getByRole('link', { name: 'When to go' }).click();
  await page.getByRole('button', { name: 'How I go about it' }).click();
  await page.getByRole('checkbox', { name: 'Saturday' }).click();
  await page.getByRole('checkbox', { name: 'Sunday' }).click();
  await page.getByLabel('Last boxes off by').fill('2026-10-04');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(acts(page)).toContainText('Put boxes on for Limes at Garden');
  await expectAccessible(page);

  // it is late, then it comes
  await on(page, '2026-06-26', '/mine/today');
  await page.getByRole('link', { name: /Look whether Limes has begun at Garden/ }).click();
  await acts(page)
    .getByRole('button', { name: /^It has begun/ })
    .click();
  await expect(acts(page)).toContainText('Sun 12 Jul');
  await expect(acts(page)).toContainText('Take the Limes honey off at Garden');

  // a wet weekend is forecast: the next one that is dry
  await on(page, '2026-07-08', '/mine/season/when');
  await page.getByRole('button', { name: 'Add a forecast' }).click();
  const days = [3, 4].map((at) => page.locator(`[name="days.${at}.highestC"]`));
  for (const day of days) await day.fill('21');
  for (const at of [3, 4]) {
    await page.locator(`[name="days.${at}.lowestC"]`).fill('12');
    await page.locator(`[name="days.${at}.rainMm"]`).fill('14');
  }
  await page.getByRole('button', { name: 'Save the forecast' }).click();
  await expect(page.getByRole('region', { name: 'Weather' })).toContainText('not for hives');
  await expect(acts(page)).toContainText('Sat 18 Jul');
  await acts(page)
    .getByRole('button', { name: /^Plan this day/ })
    .click();
  await expect(page.getByRole('heading', { name: 'Limes, Garden' })).toBeVisible();

  // the day: the order of hives, then robbers; it goes on tomorrow
  await on(page, '2026-07-18', '/mine/comb');
  await page.getByRole('link', { name: /Limes, Garden/ }).click();
  await page.getByText('How the visit goes').click();
  await expect(page.getByText('Open the hives in this order')).toBeVisible();
  await page.getByRole('link', { name: 'Bees are robbing' }).click();
  await expectAccessible(page);
  await page.getByRole('button', { name: /Close every hive that stands open/ }).click();
  await page.getByRole('button', { name: 'Go on tomorrow with Limes, Garden' }).click();
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
  await page.getByRole('button', { name: 'Change Limes' }).click();
  await page.getByLabel('Plant').fill('lime');
  await page.getByLabel('Seen to').fill('2026-07-06');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('plant not known')).toHaveCount(0);

  // a treatment: out on its day, and written down
  await page.getByRole('button', { name: 'Add one' }).click();
  await page.getByLabel('Product or feed').fill('thymol strips');
  await page.getByRole('button', { name: 'All of Garden' }).click();
  await page.getByLabel('From', { exact: true }).fill('2026-07-25');
  await page.getByRole('radio', { name: 'Off the hive' }).click();
  await page.getByLabel('Stays on the hive for').fill('21');
  await page.getByLabel('Waiting time on the label').fill('0');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await on(page, '2026-08-16', '/mine/today');
  await page.getByRole('link', { name: /Take thymol strips out/ }).click();
  await acts(page)
    .getByRole('button', { name: /^It is out/ })
    .click();
  await expect(acts(page)).toContainText('Honey boxes may go back on');

  // autumn
  await on(page, '2026-09-26', '/mine/today');
  await expect(page.getByRole('link', { name: /Take the honey off at Garden/ })).toContainText(
    'the day you chose for the last boxes',
  );
  await on(page, '2026-11-25', '/mine/season/when');
  await expect(page.getByText(/^Nothing to plan yet/)).toBeVisible();
});

test('a house of three yards, from August to winter, at the desk', async ({ page }) => {
  await page.goto('/demo/season/when');
  await expect(acts(page)).toContainText('Put in formic pads: Hive 6');
  await expectAccessible(page);
  const start = Date.now();
  const later = async (days: number): Promise<void> => {
    page.clock.setFixedTime(new Date(start + days * 86_400_000));
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

test('the rest of the season: boxes, robbers, combs, kit, jars, glass', async ({ page }) => {
  // a hive on the scale
  await page.goto('/demo/season/when');
  await region(page, 'By yard').getByRole('button', { name: 'Weigh a hive' }).click();
  await page.getByLabel('Whole weight').fill('52');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);

  // at the hives: in which order, what is left, who does what
  await page.goto('/demo/comb');
  await page.getByRole('link', { name: /Marsh, second visit/ }).click();
  await page.getByText('How the visit goes').click();
  await expect(page.getByText('Open the hives in this order')).toBeVisible();
  const leave = region(page, 'Left for the colonies');
  await leave.getByRole('button', { name: /^Done/ }).first().click();
  await expect(leave.getByRole('button', { name: /^Done/ }).first()).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  const count = region(page, 'Count');
  await count.getByText('Two or more at work').click();
  await count.getByRole('radio', { name: 'Carries', exact: true }).click();
  await expect(count.getByRole('radio', { name: 'Carries', exact: true })).toBeChecked();

  // in the house: without an extractor, washing up, what to order
  await page.goto('/demo/strain');
  await page.getByRole('link', { name: /Field yard, late boxes/ }).click();
  await page.getByRole('link', { name: 'Combs and tools' }).click();
  await page.getByText('Without an extractor').click();
  await expect(page.getByRole('row', { name: /Crush and strain/ })).toBeVisible();
  await page.getByRole('link', { name: 'Clean up' }).click();
  await page.getByRole('radio', { name: 'One may be sick' }).click();
  await page.goto('/demo/strain/kit-list');
  await page.getByRole('textbox', { name: 'Honey expected' }).fill('200');
  await expect(page.getByRole('listitem').filter({ hasText: 'Pails' }).first()).toContainText('+');

  // glass beside open honey holds the lot, for jars as well
  await page.goto('/demo/strain/house');
  await page.getByRole('button', { name: 'Write something down' }).click();
  await page.getByLabel('What happened').selectOption('glass');
  await page.getByRole('checkbox', { name: 'Bean field, second day' }).click();
  await page.getByLabel('In a few words').fill('A jar fell');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByText(/^Held: Bean field, second day/)).toBeVisible();
  await page.goto('/demo/store/jars');
  await expect(region(page, 'Oldest first').getByRole('listitem').first()).toContainText(
    'Held back',
  );
  await page.goto('/demo/store/side-by-side');
});

test('a look that is due ends with one tap', async ({ page }) => {
  await page.goto('/demo/store');
  await expect(page.getByRole('heading', { level: 1, name: 'Store' })).toBeVisible();
  // half a year on, something is due
  page.clock.setFixedTime(new Date(Date.now() + 180 * 86_400_000));
  await page.goto('/demo/store');
  await expect(page.getByRole('heading', { name: /^Check these/ })).toBeVisible();
  const due = page.getByRole('button', { name: /^Checked: all well/ });
  const before = due.count();
  expect(before).toBeGreaterThan(0);
  await due.first().click();
  await expect(due).toHaveCount(before - 1);
});
