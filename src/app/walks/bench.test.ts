import { expect, expectAccessible, test } from '../test/walk';
import { openBench, startBuckets, chooseMeter, noticed, withoutAtc } from '../test/houses';

const QUALITY = 'Colour, taste, laboratory';

test('a suspicious bucket is judged by itself', async ({ page }) => {
  await startBuckets(page, 2);
  await page.keyboard.type('17');
  await page.keyboard.press('Enter');
  await page.getByRole('radio', { name: /^Bucket 2,/ }).click();
  await page.getByRole('button', { name: 'Keep this one apart?' }).click();
  await page.getByRole('button', { name: 'Last of the extractor' }).click();
  await expect(
    page.getByRole('radio', { name: /Bucket 2, kept apart: last of the extractor/ }),
  ).toBeVisible();
  await page.getByLabel('The dial shows').fill('22.4');
  await page.getByRole('button', { name: 'Save this reading' }).click();
  await expect(page.getByRole('region', { name: 'Measured', exact: true })).toContainText('17.0');
  await page.getByRole('link', { name: /^Decision/ }).click();
  await expect(page.getByText(/Bucket 2, judged by itself, measures 22.4/)).toBeVisible();
});

test('the parts of the ± are reported one by one', async ({ page }) => {
  await openBench(page, /twenty buckets/);
  const zero = page.getByRole('button', { name: /Zero of the meter/ });
  await zero.click();
  await expect(page.getByText(/averaging does not remove it/)).toBeVisible();
  await zero.press('Enter');
  await expect(page.getByText(/averaging does not remove it/)).toHaveCount(0);
  await chooseMeter(page, 'Another meter');
  await expect(page.getByRole('radiogroup', { name: 'Scale of the dial' })).toBeVisible();
});

test('one by one: replicates apart, top and bottom, crystals, a cold prism each say what to do', async ({
  page,
}) => {
  await startBuckets(page, 2);
  const preview = page.getByRole('status', { name: 'What the dial means' });
  const keep = page.getByRole('button', { name: 'Save this reading' });
  await page.keyboard.type('17.4');
  await page.getByLabel('Temperature of meter and honey').fill('20');
  await keep.click();
  await page.getByRole('radio', { name: 'Bucket 1, 17.4 %' }).click();
  await page.getByLabel('The dial shows').fill('19.2');
  await expect(preview).toContainText('2 readings of this sample are 1.8 apart');
  await page.getByLabel('The dial shows').fill('17.6');
  await expect(preview).not.toContainText('apart');
  await page.getByLabel('Honey, if different from the meter').fill('31');
  await expect(preview).toContainText('Honey and prism are more than 2 °C apart');
  await page.getByLabel('Honey, if different from the meter').fill('');
  await page.getByRole('radio', { name: 'Top' }).click();
  await keep.click();
  await page.getByRole('radio', { name: /^Bucket 1,/ }).click();
  await page.getByRole('radio', { name: 'Bottom' }).click();
  await page.getByLabel('The dial shows').fill('16.6');
  await expect(preview).toContainText('1.0 between top and bottom');
  await page.getByLabel('The honey is').selectOption({ label: 'With crystals' });
  await expect(page.getByText(/Warm a closed jar of it in water of at most 50 °C/)).toBeVisible();
  await keep.click();
  await expect(
    page.getByText(/liquefy it in a closed jar, let it cool, then read again/).first(),
  ).toBeVisible();
  await page.getByRole('link', { name: /^Decision/ }).click();
  await expect(
    page.getByText(/Left out of the figure: 1 reading of honey with crystals/),
  ).toBeVisible();
});

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
  await page.getByRole('link', { name: /^Decision/ }).click();
  await expect(page.getByTestId('outcome')).toContainText('Do not jar or sell');
  await expect(page.getByText(/HMF 52.0 mg\/kg \(Test laboratory/)).toBeVisible();
});

test('a row that is wrong says so beside its dial and keeps nothing back', async ({ page }) => {
  await startBuckets(page, 3, 'All in a table');
  await page.getByLabel(/^The dial shows, Bucket 1$/).fill('17.4');
  await page.getByLabel(/^The dial shows, Bucket 2$/).fill('81');
  await page.getByLabel(/^The dial shows, Bucket 3$/).fill('17.6');
  await expect(page.getByText('81 looks like °Brix, not % water.')).toBeVisible();
  await page.getByRole('button', { name: 'Save 3 readings' }).click();
  await expect(page.getByText(/readings saved/)).toHaveCount(0);
  await page.getByLabel(/^The dial shows, Bucket 2$/).fill('17.2');
  await page.getByRole('button', { name: 'Save 3 readings' }).click();
  await noticed(page, '3 readings saved');
});

test('a pasted table with two bad rows: the good ones are kept, the bad ones stay to be put right', async ({
  page,
}) => {
  await startBuckets(page, 20, 'All in a table');
  const text = [
    'Bucket;Reading;Temp °C',
    '1;17,4;22',
    '2;17,6;22',
    '77;17,2;22',
    '4;wet;22',
    '5;17,0;21,5',
  ].join('\n');
  await withoutAtc(page);
  await page.getByLabel('CSV file').setInputFiles({
    name: 'readings.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(text),
  });
  const preview = page.getByRole('region', { name: 'What will be saved' });
  await expect(page.getByText('3 good lines, 2 lines to correct')).toBeVisible();
  await expect(preview).toContainText(
    'There is no container “77” in this lot; it has Bucket 1 to Bucket 20.',
  );
  await expect(preview).toContainText('“wet” is not a number');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Save the 3 good lines' }).click();
  await noticed(page, '3 readings saved');
  await expect(page.getByText('0 good lines, 2 lines to correct')).toBeVisible();
  const cells = page.getByLabel('Paste the cells here');
  await cells.fill((await cells.value()).replace('77', '7').replace('wet', '17,8'));
  await page.getByRole('button', { name: 'Save the 2 good lines' }).click();
  await noticed(page, '2 readings saved');
  await expect(cells).toHaveValue('');
  await page.getByRole('link', { name: 'One by one' }).click();
  await expect(page.getByRole('radio', { name: 'Bucket 7, 17.0 %' })).toBeVisible();
});

test('a plan is fixed before looking, and says something only when it is complete', async ({
  page,
}) => {
  await startBuckets(page, 12);
  await page.getByRole('button', { name: 'Make a plan' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Random seed').fill('11');
  await expect(sheet.getByRole('status')).toContainText('of 12 vessels');
  const count = Number((await sheet.getByRole('status').innerText()).split(' ')[0]);
  await sheet.getByLabel('Confidence').fill('12');
  await sheet.getByRole('button', { name: 'Add' }).click();
  await expect(sheet.getByText('This must be between 50 and 99.9 %.')).toBeVisible();
  await sheet.getByLabel('Confidence').fill('95');
  await sheet.getByRole('button', { name: 'Add' }).click();
  const plan = page.getByRole('region', { name: 'Which to test' });
  await expect(plan.getByRole('status')).toContainText('Still to read: Bucket');
  for (let at = 0; at < count; at += 1) {
    await page.keyboard.type('17');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: `Readings (${at + 1})` })).toBeVisible();
    await page.keyboard.press('Tab');
    await page.getByRole('heading', { level: 1 }).click();
  }
  await expect(plan.getByRole('status')).toHaveText('Complete: the plan holds.');
  await page.getByRole('link', { name: /^Decision/ }).click();
  await expect(page.getByText(/The plan holds: at least 90 % of the containers/)).toBeVisible();
});
