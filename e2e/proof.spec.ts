import { expect, expectAccessible, exportAll, openDemoLot, savedBy, test } from './house';
import { pdfText } from './pdfText';

const asFile = (text: string, name = 'colleague.json') => ({
  name,
  mimeType: 'application/json',
  buffer: Buffer.from(text),
});

test('the dossier as PDF: its text read back, and its digest held against the exported file', async ({
  page,
}) => {
  await openDemoLot(page, 'Bean field, second day');
  await page.getByRole('link', { name: 'Dossier' }).click();
  await expect(page.getByRole('heading', { name: 'Signature' })).toBeVisible();
  const button = page.getByRole('button', { name: 'Save as PDF' });
  const { text } = await pdfText(await savedBy(page, () => button.click()));
  for (const said of [
    'Bean field, second day',
    'Accept, but',
    'Evidence',
    'Method and uncertainty',
    'Warmth, drying and straining',
    'No honey for infants under 12 months.',
    'Not tested:',
    'signed HH',
    'Page 1 of',
  ]) {
    expect(text).toContain(said);
  }
  const digest = /SHA-256 ([0-9a-f]{32})/.exec(text)?.[1] ?? '';
  expect(digest).toHaveLength(32);
  const file = (await exportAll(page)).toString();
  for (const name of ['Save a zip with photographs as files', 'All tables']) {
    const zip = await savedBy(page, () => page.getByRole('button', { name }).click());
    expect(zip.subarray(0, 2).toString()).toBe('PK');
  }
  await page.goto('/demo/store/verify');
  await page.getByLabel('File to verify').setInputFiles(asFile(file));
  await expect(page.getByText('Unchanged since it was saved')).toBeVisible();
  await page.getByLabel(/Digest on the dossier/).fill(digest);
  await expect(page.getByText(/records behind that dossier are here, unchanged/)).toBeVisible();
  await expectAccessible(page);
  const touched = file.replace('"author": "HH"', '"author": "XX"');
  await page.getByLabel('File to verify').setInputFiles(asFile(touched));
  await expect(page.getByText('The file was changed')).toBeVisible();
});
