import { noticed, openBench, startBuckets } from './benchHouse';
import { expect, expectAccessible, test } from './house';

const QUALITY = 'Colour, taste, laboratory';

test('colour in glass stands beside what was guessed in the comb', async ({ page }) => {
  await openBench(page, /Bean field, second day/, QUALITY);
  await expect(page.getByText('extra light amber, 47 mm Pfund')).toBeVisible();
  await expect(page.getByRole('region', { name: /Colour guessed in the comb/ })).toContainText(
    'lighter in glass: old wax misled the eye',
  );
  await page.getByRole('button', { name: 'Read the colour' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByRole('radio', { name: 'Photometer' }).click();
  await sheet.getByLabel('Absorbance').fill('3');
  await sheet.getByRole('button', { name: 'Add' }).click();
  await expect(sheet.getByText(/dilute it further, and note the dilution/)).toBeVisible();
  await sheet.getByLabel('Absorbance').fill('0,3');
  await expect(sheet.getByText('That is 73 mm Pfund.')).toBeVisible();
  await expectAccessible(page);
  await sheet.getByRole('button', { name: 'Add' }).click();
  await expect(page.getByText('light amber, 73 mm Pfund')).toBeVisible();
});

test('a sour smell at the bench diverts the lot; taking it back brings it home', async ({
  page,
}) => {
  await startBuckets(page, 2, QUALITY);
  await page.getByRole('button', { name: 'Taste it' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByRole('button', { name: 'malt', exact: true }).click();
  await sheet.getByRole('button', { name: 'malt, faint' }).click();
  await sheet.getByRole('checkbox', { name: 'Sour' }).click();
  await expectAccessible(page);
  await sheet.getByRole('button', { name: 'Add' }).click();
  await expect(page.getByText('malt (plain); faults: sour; no foam; clean')).toBeVisible();
  await page.keyboard.press('l');
  await expect(page.getByTestId('outcome')).toContainText('Do not jar or sell');
  await page.keyboard.press('u');
  await expect(page.getByTestId('outcome')).not.toContainText('Do not jar or sell');
});

test('a laboratory’s report: wrong input, then it enters the ruling, and a flower’s name is judged', async ({
  page,
}) => {
  await openBench(page, /twenty buckets/, QUALITY);
  await page.getByRole('button', { name: 'Add a report' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Laboratory').fill('Test laboratory');
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(sheet.getByText('Type at least one value from the report.')).toBeVisible();
  await sheet.getByLabel('HMF', { exact: true }).fill('-3');
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(sheet.getByText('This must be between 0 and 2,000 mg/kg.')).toBeVisible();
  await sheet.getByLabel('HMF', { exact: true }).fill('52');
  await sheet.getByLabel('Electrical conductivity', { exact: true }).fill('0.45');
  await sheet.getByRole('button', { name: 'Add a plant' }).click();
  await sheet.getByLabel('Plant').fill('sea lavender');
  await sheet.getByLabel('Share').fill('6');
  await expectAccessible(page);
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await noticed(page, 'Added the report');
  await expect(page.getByText('“sea lavender” is supported')).toBeVisible();
  await page.getByRole('link', { name: 'The lot' }).click();
  await expect(page.getByTestId('outcome')).toContainText('Do not jar or sell');
  await expect(page.getByText(/HMF 52.0 mg\/kg \(Test laboratory/)).toBeVisible();
});

test('a photograph proves a reading', async ({ page }) => {
  await startBuckets(page, 2);
  await page.keyboard.type('17.4');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: /^Proof of reading/ }).click();
  const picture = await page.screenshot({ clip: { x: 0, y: 0, width: 300, height: 200 } });
  const sheet = page.getByRole('dialog');
  await sheet
    .getByLabel('Photograph of the scale', { exact: true })
    .setInputFiles({ name: 'scale.png', mimeType: 'image/png', buffer: picture });
  await expect(sheet.getByRole('img', { name: 'The scale or display as read' })).toBeVisible();
});

test('all readings: searched, sorted, and in doubt where they are', async ({ page }) => {
  await page.goto('/demo/bench/readings');
  await expect(page.getByText('29 readings')).toBeVisible();
  await page.getByRole('button', { name: 'Water' }).click();
  await page.getByRole('button', { name: 'Water' }).click();
  await expect(page.getByRole('columnheader', { name: 'Water' })).toHaveAttribute(
    'aria-sort',
    'ascending',
  );
  await page.getByLabel('Search lots, vessels, meters, readers').fill('ling');
  await expect(page.getByText('2 readings')).toBeVisible();
  await expect(page.getByText('(in doubt)').first()).toBeVisible();
});
