import { expect, openDemoLot, test } from './house';
import { pdfText } from './pdfText';

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
