import {
  expect,
  expectAccessible,
  expectNoSidewaysScroll,
  savedBy,
  startOwnLot,
  test,
  demoNow,
} from './house';

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
  const text = (await savedBy(page, () => calendar.click())).toString();
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

test('days at the line stand on Today, and a phone shows them without scrolling sideways', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/demo/today');
  await page.getByRole('link', { name: /Under way: Field yard, late boxes/ }).click();
  await expect(page.getByRole('button', { name: /Load spun 4 of 7/ })).toBeVisible();
  await expectNoSidewaysScroll(page);
  await expectAccessible(page);
  for (const path of [
    'strain',
    'strain/kit-list',
    'strain/settle/demo-8-1',
    'strain/heat/demo-9-1',
    'strain/mass/demo-3-1',
  ]) {
    await page.goto(`/demo/${path}`);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await expectNoSidewaysScroll(page);
    await expectAccessible(page);
  }
});
