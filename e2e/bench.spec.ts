import { noticed, openBench, startBuckets } from './benchHouse';
import { expect, expectNoSidewaysScroll, test, withoutAtc } from './house';

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
