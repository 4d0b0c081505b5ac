import { expect, expectAccessible, test, type Page } from '../test/walk';

const FRAME = '/demo/comb/demo-second-1/box/demo-place-43';

async function tellInitials(page: Page, initials: string): Promise<void> {
  await page.goto('/demo/kit');
  await page.getByLabel('Your initials').fill(initials);
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Your settings are saved.')).toBeVisible();
}

async function answerOne(page: Page, tenths: number): Promise<void> {
  await page.getByRole('button', { name: String(tenths), exact: true }).click();
  await expect(page.getByText(/^It was \d+ %\.$/)).toBeVisible();
}

test('a look at a comb: answered, its truth, what the rules do with it, and the next', async ({
  page,
}) => {
  await page.goto('/mine/practice');
  await expect(page.getByText('You have not looked at a comb yet.')).toBeVisible();
  await page.getByRole('link', { name: 'Look at combs' }).click();
  await page.getByRole('button', { name: /^Look/ }).click();
  await answerOne(page, 6);
  await expect(page.getByText(/^You said 6 tenths: /)).toBeVisible();
  await expect(page.getByText(/rules take it|No rule takes it/)).toHaveCount(0);
  await page.getByRole('button', { name: 'Take it' }).click();
  await expect(page.getByText(/rules take it: |No rule takes it\./)).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Next' }).click();
  await answerOne(page, 2);
  await page.getByRole('link', { name: 'Practice' }).last().click();
  await expect(page.getByText(/^18 more combs, then/)).toBeVisible();
});

test('the practised reader of the demo: what the eye sees, a certificate; a beginner has none yet', async ({
  page,
}) => {
  await page.goto('/demo/practice?who=KT');
  await expect(page.getByText(/^You see \d+ tenths where there/)).toBeVisible();
  await expect(page.getByText(/^Your glance is good to ± \d+ points/)).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('link', { name: 'Certificate' }).click();
  await expect(page.getByText(/^KT judged the capping of \d+ drawn sides/)).toBeVisible();
  await page.goto('/demo/practice/certificate?who=RO');
  await expect(page.getByText('You get a certificate after 20 combs.')).toBeVisible();
});

test('a scale is read: nonsense and numbers off the scale are refused beside the field', async ({
  page,
}) => {
  await page.goto('/mine/practice/scales');
  const field = page.getByLabel('Where is the line?');
  const check = page.getByRole('button', { name: 'Check' });
  await field.fill('much');
  await check.click();
  await expect(page.getByText(/^Type the value at the line/)).toBeVisible();
  await field.fill('900');
  await check.click();
  await expect(page.getByText(/^This scale goes from/)).toBeVisible();
  const range = /from ([\d.]+) to/.exec(page.getByText(/^This scale goes from/).one().textContent);
  await field.fill(range?.[1] ?? '');
  await check.click();
  await expect(page.getByText(/^The line was at/)).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Next' }).click();
  await expect(page.getByText(/^The line was at/)).toHaveCount(0);
});

test('cases: one decision each, its reason after, and the next', async ({ page }) => {
  await page.goto('/mine/practice/cases');
  for (let at = 0; at < 3; at += 1) {
    await page.getByRole('group', { name: 'Decide' }).getByRole('button').first().click();
    await expect(page.getByText(/^(Yes\.|No: )/)).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Next' }).click();
    await expect(page.getByText(/^(Yes\.|No: )/)).toHaveCount(0);
  }
  await page.getByRole('link', { name: 'Practice' }).last().click();
  await expect(page.getByText(/^Cases: \d of 3 right\./)).toBeVisible();
});

test('a club evening: a number, ten sides, lines of the others, and who came nearest', async ({
  page,
}) => {
  await page.goto('/mine/practice');
  const number = page.getByLabel('Number of the evening');
  await number.fill('0');
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(page.getByText('A whole number from 1 to 9999.')).toBeVisible();
  await number.fill('12');
  await page.getByRole('button', { name: 'Begin' }).click();
  await page.getByRole('button', { name: /^Look/ }).click();
  for (let at = 0; at < 10; at += 1) {
    await answerOne(page, at);
    await page.getByRole('button', { name: 'Next' }).click();
  }
  await expect(page.getByText('All ten sides answered.')).toBeVisible();
  await page
    .getByLabel('Lines of the others, one on each line')
    .fill('AM 4 7 10 0 5 5 5 5 5 5\nno line at all');
  await expect(page.getByText('Not read: no line at all.')).toBeVisible();
  await expect(page.getByRole('region', { name: 'Who came nearest' })).toContainText('AM');
});

test('a drill of ten changes the ± of the next glance', async ({ page }) => {
  await tellInitials(page, 'RO');
  await page.goto(FRAME);
  const tenths = page.getByRole('radiogroup', { name: /^Side A/ });
  const figure = page.getByRole('region', { name: 'Side A' });
  await tenths.getByRole('radio', { name: '7 tenths' }).click();
  const before = await figure.getByText(/% capped/).innerText();
  await expect(page.getByText('Corrected for your eye.')).toHaveCount(0);
  await page.goto('/demo/today');
  await page.getByRole('link', { name: 'Practise', exact: true }).click();
  await expect(page.getByText(/^6 more combs/)).toBeVisible();
  await page.getByRole('link', { name: 'Look at combs' }).click();
  for (let at = 0; at < 10; at += 1) {
    await page.getByRole('button', { name: at === 0 ? /^Look/ : 'Next' }).click();
    await page.getByRole('button', { name: String(at), exact: true }).click();
    await expect(page.getByText(/^It was \d+ %/)).toBeVisible();
  }
  await page.getByRole('link', { name: 'Practice' }).last().click();
  await expect(page.getByText(/Your glance is good to/)).toBeVisible();
  await expectAccessible(page);
  await page.goto(FRAME);
  await expect(page.getByText('Corrected for your eye.')).toBeVisible();
  expect(await figure.getByText(/% capped/).innerText()).not.toBe(before);
  // switched off, it is as any eye's
  await page.goto('/demo/practice');
  await page.getByRole('button', { name: 'Do not use it' }).click();
  await expect(page.getByText(/^Switched off: your glances/)).toBeVisible();
});
