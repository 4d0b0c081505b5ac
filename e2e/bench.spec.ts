import { noticed, openBench, startBuckets } from './benchHouse';
import { expect, expectAccessible, expectNoSidewaysScroll, test, withoutAtc } from './house';

test('twenty buckets by keyboard in one go', async ({ page }) => {
  await startBuckets(page, 20);
  await page.keyboard.press('a');
  await page.getByLabel('Temperature, for all').fill('22');
  await withoutAtc(page);
  await page.getByLabel(/^The dial shows, Bucket 1$/).focus();
  for (let bucket = 1; bucket <= 20; bucket += 1) {
    await page.keyboard.type((17 + bucket / 20).toFixed(1));
    if (bucket < 20) await page.keyboard.press('Enter');
  }
  await expect(page.getByRole('button', { name: 'Save 20 readings' })).toBeVisible();
  await page.keyboard.press('Enter');
  await noticed(page, '20 readings saved');
  await page.keyboard.press('Escape');
  await page.getByRole('link', { name: 'One by one' }).click();
  await expect(page.getByRole('radio', { name: 'Bucket 20, 17.8 %' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Readings (20)' })).toBeVisible();
  await page.keyboard.press('u');
  await expect(page.getByRole('heading', { name: 'Readings (0)' })).toBeVisible();
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
  await page.getByLabel('Choose a CSV file').or(page.getByLabel('CSV file')).first().waitFor();
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
  await cells.fill((await cells.inputValue()).replace('77', '7').replace('wet', '17,8'));
  await page.getByRole('button', { name: 'Save the 2 good lines' }).click();
  await noticed(page, '2 readings saved');
  await expect(cells).toHaveValue('');
  await page.getByRole('link', { name: 'One by one' }).click();
  await expect(page.getByRole('radio', { name: 'Bucket 7, 17.0 %' })).toBeVisible();
});

test('a table pasted into a cell opens the preview; wrong columns can be matched by hand', async ({
  page,
}) => {
  await startBuckets(page, 3, 'All in a table');
  await page.getByLabel(/^The dial shows, Bucket 1$/).focus();
  await page.evaluate(() => {
    const data = new DataTransfer();
    data.setData('text/plain', 'a\t17.4\n2\t17.6');
    document.activeElement?.dispatchEvent(
      new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }),
    );
  });
  await expect(page.getByText('1 good line, 1 line to correct')).toBeVisible();
  await page.getByLabel('Container', { exact: true }).selectOption({ label: 'not there' });
  await expect(page.getByText('2 good lines', { exact: true })).toBeVisible();
  await page
    .getByRole('radiogroup', { name: 'The first line is a heading' })
    .getByRole('radio', { name: 'Yes' })
    .click();
  await expect(page.getByText('1 good line', { exact: true })).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Paste the cells here')).toHaveValue('a\t17.4\n2\t17.6');
});

test('on a phone, with a thumb: choose the bucket, type, keep', async ({ browser }) => {
  const phone = await browser.newContext({
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    isMobile: true,
    serviceWorkers: 'block',
  });
  const page = await phone.newPage();
  await openBench(page, /twenty buckets/);
  await expectNoSidewaysScroll(page);
  await page.getByRole('radio', { name: 'Bucket 13, in the plan, not read' }).tap();
  await page.getByLabel('The dial shows').fill('17.2');
  await page.getByRole('button', { name: 'Save this reading' }).tap();
  await expect(page.getByRole('radio', { name: 'Bucket 13, in the plan, 16.9 %' })).toBeVisible();
  await expect(page.getByRole('heading', { name: /^Bucket (?!13$)\d+$/ })).toBeVisible();
  const heights = await page
    .getByRole('radiogroup', { name: 'Taken from' })
    .getByRole('radio')
    .evaluateAll((cells) => cells.map((cell) => cell.getBoundingClientRect().height));
  expect(Math.min(...heights)).toBeGreaterThanOrEqual(56);
  await phone.close();
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
    await page.locator('h1').click();
  }
  await expect(plan.getByRole('status')).toHaveText('Complete: the plan holds.');
  await page.getByRole('link', { name: /^Decision/ }).click();
  await expect(page.getByText(/The plan holds: at least 90 % of the containers/)).toBeVisible();
});
