import type { Page } from '@playwright/test';
import { expect, expectAccessible, expectNoSidewaysScroll, savedBy, test } from './house';

/** A room of one's own, with the usual values. */
async function addRoom(page: Page): Promise<void> {
  await page.goto('/mine/warm-room');
  await page.getByRole('button', { name: 'Add a room' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Name').fill('Back room');
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Back room', level: 1 })).toBeVisible();
}

const yesterday = (): string => {
  const date = new Date(Date.now() - 86_400_000);
  const two = (value: number): string => String(value).padStart(2, '0');
  return `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}T${two(date.getHours())}:${two(date.getMinutes())}`;
};

/** Low and high end of what the batch may be at now [%]. */
async function bandNow(page: Page): Promise<number> {
  const text = await page
    .getByText(/now about/)
    .first()
    .innerText();
  const [, low, high] = /\(([\d.]+) to ([\d.]+)\)/.exec(text) ?? [];
  return Number(high) - Number(low);
}

test('a room, a batch in it, and a reading that narrows the forecast', async ({ page }) => {
  await addRoom(page);
  await expect(page.getByText(/The room is empty/)).toBeVisible();
  await page.getByRole('button', { name: 'Load a batch' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Name').fill('Marsh, first load');
  await sheet.getByLabel('Water in open cells').fill('45');
  await sheet.getByLabel('In the room since').fill(yesterday());
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(sheet.getByText('This must be between 12 and 30 %.')).toBeVisible();
  await sheet.getByLabel('Water in open cells').fill('20.5');
  await expectAccessible(page);
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();

  await expect(page.getByText('Forecast complete.')).toBeVisible({ timeout: 60_000 });
  await expect(page.getByText(/Ready|Could be dry already|Not before|Ready by/)).toBeVisible();
  await expect(page.getByText(/Nothing has been measured in this room yet/)).toBeVisible();
  const before = await bandNow(page);

  await page.getByRole('button', { name: /Read or weigh it/ }).click();
  await sheet.getByRole('radio', { name: 'Reading already corrected' }).click();
  await sheet.getByRole('radio', { name: 'All of it, mixed' }).click();
  await sheet.getByLabel('Water, corrected', { exact: true }).fill('17,6');
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByText('Based on 1 measurement.')).toBeVisible({ timeout: 60_000 });
  await expect(page.getByText('Forecast complete.')).toBeVisible({ timeout: 60_000 });
  expect(await bandNow(page)).toBeLessThan(0.8 * before);

  await page.getByRole('button', { name: /^Change what was measured: 17.6/ }).click();
  await sheet.getByLabel('Water, corrected', { exact: true }).fill('17.8');
  await sheet.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('17.8 ± 0.4 %, mixed').first()).toBeVisible();
  await page.keyboard.press('u');
  await expect(page.getByText('17.6 ± 0.4 %, mixed').first()).toBeVisible();
  await page.keyboard.press('u');
  await expect(page.getByText(/Nothing has been measured in this room yet/)).toBeVisible({
    timeout: 60_000,
  });
});

test('the room of the demo: a forecast stopped and gone on with, what is due, a stand-in, what if', async ({
  page,
}) => {
  test.setTimeout(120_000);
  await page.goto('/demo/warm-room');
  await page.getByRole('link', { name: /Boathouse room/ }).click();
  await page.getByRole('button', { name: 'Stop' }).first().click();
  await expect(page.getByText(/Stopped early/)).toBeVisible();
  await page.getByRole('button', { name: 'Forecast again' }).click();
  await expect(page.getByText('Forecast complete.')).toBeVisible({ timeout: 60_000 });

  // what the bees would have done
  await expect(page.getByText(/bees/i).first()).toBeVisible();

  const due = page.getByRole('button', { name: 'Add to my calendar' });
  const calendar = (await savedBy(page, () => due.click())).toString();
  expect(calendar).toContain('BEGIN:VCALENDAR');
  expect(calendar).toContain('SUMMARY:Read or weigh Outer marsh\\, pulled early');

  // sliders by keyboard, the most that can be loaded, and giving up
  const boxes = page.getByRole('slider', { name: 'More boxes' });
  await boxes.focus();
  await page.keyboard.press('Home');
  await expect(boxes).toHaveAttribute('aria-valuenow', '1');
  await page.keyboard.press('PageUp');
  await expect(page.getByText(/In time with \d+ % probability/)).toBeVisible({ timeout: 30_000 });
  await page.getByRole('slider', { name: 'Dry within' }).focus();
  await page.keyboard.press('End');
  const find = page.getByRole('button', { name: /Find the most that will be dry by/ });
  await find.click();
  await page.getByRole('button', { name: 'Stop' }).click();
  await find.click();
  await expect(page.getByText(/At most \d+ box|All \d+ boxes|Not even/)).toBeVisible({
    timeout: 90_000,
  });
  await expectNoSidewaysScroll(page);

  const panel = page.getByRole('group', { name: 'Sample logger data' });
  await panel.getByRole('button', { name: 'Try with sample logger data' }).click();
  await expect(panel.getByText(/Connected; its clock runs fast. [4-9] entries/)).toBeVisible();
  await panel.getByRole('button', { name: 'Save this data' }).click();
  await expect(page.getByText(/of sample data saved|sample data/).first()).toBeVisible();

  await page.keyboard.press('t');
  await page.getByRole('link', { name: /Read or weigh Outer marsh/ }).click();
  await expect(page.getByRole('heading', { name: 'Boathouse room', level: 1 })).toBeVisible();
});

test('on a phone: through the honey house into the room, a box weighed, nothing scrolls sideways', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/demo/today');
  await page.getByRole('link', { name: 'Honey house' }).click();
  await page.getByRole('link', { name: /Boathouse room/ }).click();
  await expect(page.getByText('Forecast complete.')).toBeVisible({ timeout: 60_000 });
  await expectNoSidewaysScroll(page);
  const act = page.getByRole('button', { name: /Read or weigh it ?: Outer marsh/ });
  expect((await act.boundingBox())?.height).toBeGreaterThanOrEqual(56);
  await act.click();
  const sheet = page.getByRole('dialog');
  await sheet.getByRole('radio', { name: 'Same box weighed' }).click();
  await sheet.getByLabel('Box at first').fill('24,6');
  await sheet.getByLabel('Box now').fill('18');
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(sheet.getByText(/is it the same box/)).toBeVisible();
  await sheet.getByLabel('Box now').fill('24,4');
  await expectNoSidewaysScroll(page);
  await expectAccessible(page);
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByText('weighed: 24.60 kg at first, 24.40 kg then').first()).toBeVisible();
  await expect(page.getByText('Based on 6 measurements', { exact: false })).toBeVisible({
    timeout: 60_000,
  });
});
