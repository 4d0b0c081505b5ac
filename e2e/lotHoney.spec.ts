import {
  expect,
  expectAccessible,
  expectNoSidewaysScroll,
  savedBy,
  startOwnLot,
  test,
} from './house';

test('a tank stands to clear: when to skim, for the calendar, skimmed twice', async ({ page }) => {
  await startOwnLot(page);
  await page.getByRole('link', { name: 'Balance, warmth, settling' }).click();
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

test('two ways to warm are compared by what they cost, and the one done counts', async ({
  page,
}) => {
  await startOwnLot(page);
  await page.getByRole('link', { name: 'Balance, warmth, settling' }).click();
  await page.getByRole('link', { name: 'Warmth', exact: true }).click();
  await page.getByLabel('What is warmed').selectOption({ label: 'Jars of 500 g' });
  const first = page.getByRole('region', { name: 'First way' });
  const second = page.getByRole('region', { name: 'Second way' });
  await expect(second.getByRole('heading', { name: /costs less/ })).toBeVisible();
  const left = async (way: typeof first): Promise<number> =>
    Number.parseFloat(await way.getByText(/of the diastase left/).innerText());
  // jars follow within hours: near the closed forms of two days at 40 °C and four at 35 °C
  expect(await left(first)).toBeGreaterThan(95.6);
  expect(await left(first)).toBeLessThan(96.4);
  expect(await left(second)).toBeGreaterThan(96.4);
  expect(await left(second)).toBeLessThan(97);
  await second.getByRole('slider', { name: 'for' }).focus();
  await page.keyboard.press('End');
  await expect(first.getByRole('heading', { name: /costs less/ })).toBeVisible();
  await first.getByRole('slider', { name: 'Cabinet at' }).focus();
  for (let times = 0; times < 10; times += 1) await page.keyboard.press('ArrowRight');
  await expect(first.getByText(/Above 45 °C quality goes within hours/)).toBeVisible();
  await first.getByRole('button', { name: /^Do this/ }).click();
  await expect(page.getByRole('row', { name: /Liquefying.*2 days, up to 50 °C/ })).toBeVisible();
  const spent = page.getByRole('region', { name: 'The answer' }).getByRole('status');
  const after = Number.parseFloat(await spent.innerText());
  expect(after).toBeGreaterThan(10);
  await page.getByRole('button', { name: 'Record a spell' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Temperature of the honey').fill('120');
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(sheet.getByText('This must be between −20 and 85 °C.')).toBeVisible();
  await sheet.getByLabel('Temperature of the honey').fill('40');
  await sheet.getByLabel('for', { exact: true }).fill('30');
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await expect
    .poll(async () => Number.parseFloat(await spent.innerText()))
    .toBeGreaterThan(after + 20);
  await expect(page.getByText(/honey harms bees/)).toBeVisible();
  await expectAccessible(page);
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
    const date = new Date(Date.now() - daysAgo * 86_400_000);
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

test('frames whose honey is known are paired to run even in the extractor', async ({ page }) => {
  await page.goto('/demo/strain');
  await page.getByRole('link', { name: /Beans, second day/ }).click();
  await expect(page.getByRole('heading', { name: 'What would have helped' })).toBeVisible();
  await page.getByRole('link', { name: 'Combs and tools' }).click();
  const pairs = page.getByRole('region', { name: 'Balanced pairs' });
  await expect(pairs.getByRole('row')).toHaveCount(5);
  const kgs = (await pairs.innerText()).match(/[\d.]+(?= kg)/g)?.map(Number) ?? [];
  expect(kgs).toEqual([...kgs].sort((a, b) => b - a));
  await expectAccessible(page);
});

test('a balance that does not add up, and jars with their labels', async ({ page }) => {
  await page.goto('/demo/strain/mass/demo-3-1');
  await expect(page.getByText('It adds up, within what is known.')).toBeVisible();
  await page.getByRole('button', { name: 'Record a weight' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Honey', { exact: true }).selectOption({ label: 'in the combs' });
  await sheet.getByLabel('Net weight').fill('30');
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByText(/More is missing than the uncertainty explains/)).toBeVisible();
  await page.keyboard.press('u');
  await expect(page.getByText('It adds up, within what is known.')).toBeVisible();
  const sizes = page.getByLabel('Sizes, with how many at most');
  await sizes.fill('half a pound');
  await expect(page.getByText(/“half a pound” is not a size/)).toBeVisible();
  await sizes.fill('1 lb, 250 g × 3');
  await expect(page.getByText(/30 jars of 454 g, 3 jars of 250 g/)).toBeVisible();
  await expect(page.getByRole('cell', { name: '454 g · 16 oz (1 lb)' })).toBeVisible();
  await expect(page.getByRole('row', { name: /Hive 7 8 14.8 kg/ })).toBeVisible();
  await expectAccessible(page);
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
