import { expect, expectAccessible, test } from '../test/walk';
import { openBench, startOwnLot, planDay } from '../test/houses';

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

test('two ways to warm are compared by what they cost, and the one done counts', async ({
  page,
}) => {
  await startOwnLot(page);
  await page.getByRole('link', { name: /^Extraction / }).click();
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
  await expect(page.getByText(/honey harms bees/)).toBeVisible();
  expect(Number.parseFloat(await spent.innerText())).toBeGreaterThan(after + 20);
  await expectAccessible(page);
});

test('the containers suggested are those that are made', async ({ page }) => {
  await startOwnLot(page);
  const heading = page.getByRole('heading', { level: 1 });
  await planDay(page, {
    frames: '25',
    lot: await heading.innerText().then((name) => name.replace(/^Lot /, '')),
  });
  const pails = page.getByRole('list', { name: 'Pails of this day' });
  const suggested = pails.getByRole('listitem').allTexts();
  const [, count, kg] = /^(\d+) pails?\s+([\d.]+) kg/.exec(suggested[0]!) ?? [];
  const [, lastKg] = /1 last pail[\s\S]*?([\d.]+) kg/.exec(suggested[1]!) ?? [];
  await page.getByRole('button', { name: /Record them for/ }).click();
  await expect(page.getByText('Recorded with the lot.')).toBeVisible();
  await page.getByRole('link', { name: 'The lot', exact: true }).click();
  const containers = page.getByRole('region', { name: /^Containers/ });
  await expect(containers.getByText(new RegExp(`${count} × Pail`))).toBeVisible();
  await expect(containers.getByText(/Last pail/).first()).toBeVisible();
  const all = await containers.innerText();
  expect(all).toMatch(new RegExp(`${kg} (± [0-9.]+ )?kg`));
  expect(all).toMatch(new RegExp(`${lastKg} (± [0-9.]+ )?kg`));
  await page.keyboard.press('u');
  await expect(containers.getByText(/Last pail/)).toHaveCount(0);
});

test('the strainer: faster by what, warm enough by when, and ling goes another way', async ({
  page,
}) => {
  await planDay(page, { frames: '120' });
  await page.getByRole('link', { name: 'Strainer' }).click();
  await expect(page.getByText(/kg through 600 µm, then 200 µm/)).toBeVisible();
  await expect(page.getByText(/Nearly all pollen is smaller than 100 µm/)).toBeVisible();
  const within = page.getByRole('slider', { name: 'Through within' });
  await within.focus();
  await page.keyboard.press('Home');
  await expect(page.getByText(/Not even at 35 °C/)).toBeVisible();
  await page.keyboard.press('End');
  await expect(page.getByText('Warm enough as it is.')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('link', { name: 'The day' }).click();
  await page.getByRole('button', { name: 'Change the plan' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByText('Strainer, honey and pails').click();
  await sheet.getByLabel('Honey at the strainer').fill('37');
  await sheet.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText(/Above 35 °C wax softens/)).toBeVisible();
  await page.getByRole('link', { name: 'Strainer' }).click();
  await expect(page.getByText(/Wax is soft at this temperature/)).toBeVisible();
  await expect(page.getByText(/Warm the honey by/)).toHaveCount(0);
  await page.getByRole('link', { name: 'The day' }).click();
  await page.getByRole('button', { name: 'Change the plan' }).click();
  await sheet.getByRole('radio', { name: /Ling/ }).click();
  await sheet.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText(/Ling honey is a gel/)).toBeVisible();
  await page.getByRole('link', { name: 'Strainer' }).click();
  await expect(page.getByText('Ling honey is not strained like other honey.')).toBeVisible();
});

test('a day with an end says how many frames fit; typed as people type times', async ({ page }) => {
  await planDay(page, { frames: '60' });
  await expect(page.getByText(/Each of you works about \d+ h/)).toBeVisible();
  await page.getByRole('button', { name: 'Change the plan' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Starts').fill('8.30am');
  await sheet.getByLabel('Home by').fill('soon');
  await sheet.getByRole('button', { name: 'Save' }).click();
  await expect(sheet.getByText('Type a time such as 9:00.')).toBeVisible();
  await sheet.getByLabel('Home by').fill('10am');
  await sheet.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText(/Not done by 10:00: only \d+ of 60 frames/)).toBeVisible();
});

test('tools, a frame weighed twice, and the clean-up with its cautions', async ({ page }) => {
  await planDay(page);
  await page.getByRole('link', { name: 'Combs and tools' }).click();
  await page.getByRole('button', { name: 'A tool of your own' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Name', { exact: true }).fill('Wide fork');
  await sheet.getByLabel('Time for a frame').fill('20');
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByRole('row', { name: /Wide fork suits 16 min/ })).toBeVisible();
  await page.getByRole('button', { name: 'Weigh a frame' }).click();
  await sheet.getByLabel('Before').fill('2.1');
  await sheet.getByLabel('After').fill('2.4');
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(sheet.getByText('It cannot weigh more after spinning than before.')).toBeVisible();
  await sheet.getByLabel('After').fill('0.8');
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByText(/spin longer: more is left than need be/)).toBeVisible();
  await expectAccessible(page);

  await page.getByRole('link', { name: 'Clean up' }).click();
  await page.getByRole('radio', { name: 'One may be sick' }).click();
  await expect(page.getByRole('heading', { name: /Give wet combs to no colony/ })).toBeVisible();
  await page.getByRole('radio', { name: 'All looked healthy' }).click();
  await expect(page.getByRole('heading', { name: /Give wet combs back/ })).toBeVisible();
  await page.getByRole('button', { name: /Bees find nectar now: no/ }).click();
  await expect(page.getByRole('heading', { name: /Give wet combs back/ })).toBeHidden();
  await page.keyboard.press('u');
  await page.getByRole('button', { name: /Other options ?: Give wet combs back/ }).click();
  await page.getByLabel('How, and why').fill('To the strongest hive, its own is dead');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByText(/Differently: To the strongest hive/)).toBeVisible();
  await page.getByRole('button', { name: /Done ?: Wash with cold water/ }).click();
  await expect(page.getByRole('heading', { name: /To do \(3\)/ })).toBeVisible();
  await expectAccessible(page);
});

test('kit weeks ahead: what is there is taken off, nonsense is reported', async ({ page }) => {
  await page.goto('/mine/strain/kit-list');
  await page.getByRole('textbox', { name: 'Honey expected' }).fill('200');
  await page.getByLabel('Give or take').fill('0');
  const pails = page.getByRole('listitem').filter({ hasText: 'Pails' }).first();
  await expect(pails.getByText('+ 16')).toBeVisible();
  await pails.getByLabel(/There/).fill('many');
  await pails.getByLabel(/There/).press('Enter');
  await expect(pails.getByText('Type a whole number, 0 or more.')).toBeVisible();
  await pails.getByLabel(/There/).fill('10');
  await pails.getByLabel(/There/).press('Enter');
  await expect(pails.getByText('+ 6')).toBeVisible();
  await page.reload();
  await expect(pails.getByText('+ 6')).toBeVisible();
  await expectAccessible(page);
});

test('where it was drawn is never chosen beforehand, and the gate of a tank costs certainty', async ({
  page,
}) => {
  await openBench(page, /Straight from the warm room/);
  const spots = page.getByRole('radiogroup', { name: /Where in the container/ });
  await page.getByLabel('The dial shows').fill('18.4');
  await page.getByLabel('Temperature of meter and honey').fill('22');
  await page.getByRole('radio', { name: /^Bucket 2/ }).click();
  await expect(spots.getByRole('radio', { checked: true })).toHaveCount(0);
  await spots.getByRole('radio', { name: 'At the gate' }).click();
  await expect(page.getByText(/Largest part of the ±/)).toBeVisible();
  await page.getByRole('radio', { name: /^Bucket 3/ }).click();
  await expect(spots.getByRole('radio', { checked: true })).toHaveCount(0);
});

test('the hemisphere is asked once', async ({ page }) => {
  await page.goto('/demo/kit');
  const half = page.getByRole('radiogroup', { name: /Hemisphere/ });
  await expect(half.getByRole('radio', { checked: true })).toHaveCount(0);
  await half.getByRole('radio', { name: 'Southern' }).click();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await page.reload();
  await expect(half.getByRole('radio', { name: 'Southern' })).toBeChecked();
});

test('combs that wait: wrong numbers say so, each kind keeps what was typed', async ({ page }) => {
  await page.goto('/mine/warm-room/standing');
  await expect(page.getByText(/It takes up \d+ g of water/)).toBeVisible();
  await page.getByLabel('Humidity').fill('180');
  await expect(page.getByText('This must be between 0 and 100 % RH.')).toBeVisible();
  await page.getByLabel('Humidity').fill('30');
  await expect(page.getByText(/It loses \d+ g of water/)).toBeVisible();
  await page.getByRole('link', { name: 'Spread out to dry' }).click();
  await expect(page.getByText(/It stands \d+\.\d cm deep/)).toBeVisible();
  await page.getByRole('link', { name: 'Combs in a shed' }).click();
  await expect(page.getByLabel('Humidity')).toHaveValue('30');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Usual values' }).click();
  await expect(page.getByLabel('Humidity')).toHaveValue('80');
});

test('a burner without a flue is warned of where it is chosen', async ({ page }) => {
  await page.goto('/mine/warm-room');
  await page.keyboard.press('w');
  await page.getByRole('button', { name: 'Add a room' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByRole('radio', { name: 'Burner without a flue' }).click();
  await expect(sheet.getByRole('alert')).toContainText('carbon monoxide kills');
  await sheet.getByLabel('Name', { exact: true }).fill('');
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(sheet.getByText('Give it a name.')).toBeVisible();
  await sheet.getByLabel('Set to', { exact: true }).fill('60');
  await expect(sheet.getByText(/This must be between 5 and 45 °C/)).toBeVisible();
});

test('by hand brings a small line, but not over the names that were typed', async ({ page }) => {
  await page.goto('/mine/strain');
  await page.getByRole('button', { name: 'Plan a day' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Who works').fill('Ada, Bo');
  await sheet.getByRole('radio', { name: 'By hand' }).click();
  await expect(sheet.getByLabel('Who works')).toHaveValue('Ada, Bo');
  await expect(sheet.getByLabel('Time for a frame')).toHaveValue('150');
  await sheet.getByRole('radio', { name: 'By a motor' }).click();
  await expect(sheet.getByLabel('Time for a frame')).toHaveValue('45');
});
