import { demoNow, startOwnLot } from '../test/houses';
import { expect, expectAccessible, test } from '../test/walk';

test('a tank stands to clear: when to skim, for the calendar, skimmed twice', async ({ page }) => {
  await startOwnLot(page);
  await page.getByRole('link', { name: /^Extraction / }).click();
  await page.getByRole('link', { name: 'Settling', exact: true }).click();
  await page.getByRole('button', { name: 'A container is settling' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByRole('textbox', { name: 'Container' }).fill('Tank');
  await sheet.getByLabel('Honey depth').fill('0');
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(sheet.getByText('This must be between 1 and 400 cm.')).toBeVisible();
  await sheet.getByLabel('Honey depth').fill('30');
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  const tank = page.getByRole('article', { name: 'Tank' });
  await expect(tank.getByText('Skim it', { exact: true })).toBeVisible();
  await expect(tank.getByRole('row', { name: /^Overnight/ })).toContainText('all over');
  await expectAccessible(page);
  const calendar = tank.getByRole('button', { name: 'Add to my calendar' });
  const { text } = await page.savedBy(() => calendar.click());
  expect(text).toContain('SUMMARY:Skim Tank');
  await tank.getByLabel(/Came off/).fill('0.3');
  await tank.getByRole('button', { name: 'Skimmed now' }).click();
  await expect(tank.getByText('Skim it again')).toBeVisible();
  await expect(tank.getByText(/: 0.30 kg/)).toBeVisible();
  await tank.getByRole('button', { name: 'Skimmed now' }).click();
  await expect(tank.getByText('Skimmed twice: bottle it')).toBeVisible();
  await tank.getByRole('button', { name: 'No longer settling' }).click();
  await expect(tank.getByText(/^It stood until/)).toBeVisible();
});

test('warmth from a logger is taken hour by hour, and a removed spell comes back', async ({
  page,
}) => {
  await page.goto('/demo/strain/heat/demo-5-1');
  await expect(page.getByText(/Nothing recorded/)).toBeVisible();
  await page.getByRole('button', { name: 'From a logger' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('To', { exact: true }).fill('2020-01-01T10:00');
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(sheet.getByText('It cannot end before it began.')).toBeVisible();
  await sheet.getByLabel('From', { exact: true }).fill('2020-01-01T08:00');
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(sheet.getByText('The logger of this room recorded nothing then.')).toBeVisible();
  await expectAccessible(page);
  const local = (daysAgo: number): string => {
    const date = new Date(demoNow().getTime() - daysAgo * 86_400_000);
    const two = (value: number): string => String(value).padStart(2, '0');
    return `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}T${two(date.getHours())}:00`;
  };
  await sheet.getByLabel('From', { exact: true }).fill(local(1));
  await sheet.getByLabel('To', { exact: true }).fill(local(0));
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  const row = page.getByRole('row', { name: /Warming Boathouse room 24 hours, up to 3\d °C/ });
  await expect(row).toBeVisible();
  await row.getByRole('button', { name: 'Remove Warming' }).click();
  await expect(row).toBeHidden();
  await page.keyboard.press('u');
  await expect(row).toBeVisible();
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
