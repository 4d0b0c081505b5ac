import { expect, exportAll, startOwnLot, test } from './house';
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

test('in °F, pounds and inches from the frame to the jar', async ({ page }) => {
  await page.goto('/mine/kit');
  for (const unit of ['°F', 'lb', 'in'])
    await page.getByRole('radio', { name: unit, exact: true }).click();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Your settings are saved.')).toBeVisible();
  await page.goto('/mine/strain');
  await page.getByRole('button', { name: 'Plan a day' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Name', { exact: true }).fill('Imperial');
  await expect(sheet.getByLabel('Honey in a frame')).toHaveValue('3.53');
  await sheet.getByText('Strainer, honey and pails').click();
  await expect(sheet.getByLabel('Honey at the strainer')).toHaveValue('77');
  await sheet.getByLabel('Honey at the strainer').fill('25');
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(sheet.getByText('This must be between 41 and 113 °F.')).toBeVisible();
  await sheet.getByLabel('Honey at the strainer').fill('86');
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByRole('list', { name: /Pails of this day/ })).toContainText('27.6 lb');
  await page.getByRole('link', { name: 'Strainer' }).click();
  await expect(page.getByText(/an hour at 86 °F/)).toBeVisible();
  await expect(page.getByText(/Honey at 95 °F|Not even at 95 °F|Warm enough/)).toBeVisible();

  await startOwnLot(page);
  await page.getByRole('link', { name: /^Extraction / }).click();
  await page.getByRole('link', { name: 'Settling', exact: true }).click();
  await page.getByRole('button', { name: 'A container is settling' }).click();
  await sheet.getByRole('textbox', { name: 'Container' }).fill('Crock');
  await expect(sheet.getByLabel('Honey depth')).toHaveValue('9.8');
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByRole('article', { name: 'Crock' })).toContainText('it is at 77 °F');
  await page.getByRole('link', { name: 'Balance and jars' }).click();
  await page.getByRole('button', { name: 'Record a weight' }).click();
  await sheet.getByLabel('Net weight').fill('2.2');
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByText('2.20 lb')).toBeVisible();
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

test('a day, its ticks and its tank go out as a file and come back in elsewhere', async ({
  page,
}) => {
  const buffer = await exportAll(page);
  await page.goto('/mine/kit');
  const file = { name: 'season.json', mimeType: 'application/json', buffer };
  await page.getByLabel('File to bring in').setInputFiles(file);
  await expect(page.getByText(/Brought in \d+ records from season.json/)).toBeVisible();
  await page.keyboard.press('p');
  await page.getByRole('link', { name: /Field yard, late boxes/ }).click();
  await expect(page.getByRole('button', { name: /Load spun 4 of 7/ })).toBeVisible();
  await page.keyboard.press('p');
  await page.getByRole('link', { name: /Tank of the boathouse/ }).click();
  await expect(page.getByRole('row', { name: /^Overnight/ })).toBeVisible();
});
