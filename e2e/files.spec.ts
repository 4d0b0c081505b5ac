import type { Page } from '@playwright/test';
import { expect, exportAll, jsonFile, openDemoLot, test } from './house';
import { pdfText } from './pdfText';

const exportDemo = async (page: Page): Promise<string> => (await exportAll(page)).toString();

test('what is exported is imported elsewhere, once', async ({ page }) => {
  const text = await exportDemo(page);
  await page.goto('/mine/today');
  await page.getByRole('link', { name: 'Bring in a copy' }).click();
  await page.getByLabel('File to bring in').setInputFiles(jsonFile(text));
  await expect(
    page.getByText(/Brought in \d+ records from season.json; 0 were here already/),
  ).toBeVisible();
  await page.getByLabel('File to bring in').setInputFiles(jsonFile(text));
  await expect(page.getByText(/Brought in 0 records/)).toBeVisible();
  await page.getByRole('link', { name: 'Today' }).click();
  await expect(page.getByRole('link', { name: /^Borage, east field/ })).toBeVisible();
  expect(await exportAgain(page)).toEqual(sorted(text));
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save a zip with photographs as files' }).click();
  const zip = await (await saved).path();
  await page.getByLabel('File to bring in').setInputFiles(zip);
  await expect(
    page.getByText(/Brought in 0 records from .+; [\d,]+ were here already/),
  ).toBeVisible();
});

const exportAgain = async (page: Page): Promise<unknown> =>
  sorted((await exportAll(page, 'mine')).toString());

function sorted(text: string): unknown {
  const { records } = JSON.parse(text) as { records: { id: string }[] };
  return records.sort((a, b) => a.id.localeCompare(b.id));
}

test('a damaged or foreign file says what is wrong and where, and nothing of it is imported', async ({
  page,
}) => {
  const text = await exportDemo(page);
  await page.goto('/mine/kit');
  const choose = (content: string) =>
    page.getByLabel('File to bring in').setInputFiles(jsonFile(content));
  await choose(text.slice(0, 4000));
  await expect(page.getByRole('alert')).toContainText('not a JSON file, or it was cut off');
  await choose('{"hives": 4}');
  await expect(page.getByRole('alert')).toContainText('not written by Ripenum');
  const touched = text.replace(/"dialValue": [\d.]+/, '"dialValue": "eighteen"');
  await choose(touched);
  await expect(page.getByRole('alert')).toContainText('does not match its own seal');
  const bare = JSON.parse(touched) as { seal?: object };
  delete bare.seal;
  await choose(JSON.stringify(bare));
  await expect(page.getByRole('heading', { name: /season.json adds \d+/ })).toBeVisible();
  await expect(page.getByText(/Sets aside 1 record to correct/)).toBeVisible();
  await page.getByRole('button', { name: 'Bring in nothing' }).click();
  await page.getByRole('link', { name: 'Today' }).click();
  await expect(page.getByText('No honey here yet')).toBeVisible();
});

test('the JSON Schema ships with the application', async ({ page }) => {
  const response = await page.request.get('/schema/ripenum-record-5.schema.json');
  expect((await response.json()) as object).toMatchObject({ title: 'Ripenum record' });
});

test('the dossier prints: decision, evidence, method, sources, cautions, signature', async ({
  page,
}) => {
  await openDemoLot(page, 'Bean field, second day');
  await page.keyboard.press('d');
  await expect(page.getByRole('heading', { name: 'Signature' })).toBeVisible();
  const { pages, text } = await pdfText(await page.pdf({ preferCSSPageSize: true }));
  expect(pages).toBeLessThanOrEqual(4);
  for (const part of [
    'Bean field, second day',
    'Accept, but',
    '17.1 ± 0.5 % water by refractometry',
    'AOAC 969.38',
    'Zero of the meter',
    'House hand refractometer, zero checked',
    'extra light amber, 47 mm Pfund',
    'Lochhead (1933)',
    'the law and the authorities where you sell decide',
    'No honey for infants under 12 months',
    'Not tested: yeast count',
    'signed HH',
    'everything made up',
  ]) {
    expect(text).toContain(part);
  }
  expect(text).not.toContain('Print or save');
});

test('a lot that was not measured never reads as conforming', async ({ page }) => {
  await openDemoLot(page, 'Sea lavender, outer marsh');
  await page.keyboard.press('d');
  await expect(page.getByText('Moisture not measured; expected')).toBeVisible();
  await expect(page.getByText('Not tested: moisture, yeast count')).toBeVisible();
  await expect(page.getByText('No readings.')).toBeVisible();
});
