import type { Page } from '@playwright/test';
import {
  changedBy,
  expect,
  expectAccessible,
  exportAll,
  openDemoLot,
  savedBy,
  test,
  demoNow,
} from './house';
import { pdfText } from './pdfText';

const asFile = (text: string, name = 'colleague.json') => ({
  name,
  mimeType: 'application/json',
  buffer: Buffer.from(text),
});

const exported = async (page: Page, workspace = 'demo'): Promise<string> =>
  (await exportAll(page, workspace)).toString();

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
  const file = await exported(page);
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

test('a colleague’s file is merged without doubles; what differs is shown side by side', async ({
  page,
}) => {
  const text = await exported(page);
  const lotOf = (records: Record<string, unknown>[]) =>
    records.find((record) => record['entityId'] === 'demo-5-1' && record['kind'] === 'lot')!;
  const clash = changedBy(text, (records) => {
    const lot = lotOf(records);
    lot['content'] = { ...(lot['content'] as object), name: 'Marsh, as they call it' };
  });
  await page.getByLabel('File to bring in').setInputFiles(asFile(clash));
  const section = page.getByRole('region', { name: /colleague.json/ });
  await expect(section.getByRole('heading', { name: '1 record differs from yours' })).toBeVisible();
  await expect(section.getByRole('row', { name: /^Name/ })).toContainText('Marsh, as they call it');
  await expectAccessible(page);
  await section.getByRole('button', { name: 'Take theirs' }).click();
  await section.getByRole('button', { name: 'Bring it in' }).click();
  await expect(page.getByText(/Brought in 1 record /)).toBeVisible();
  await page.goto('/demo/today');
  await expect(page.getByRole('link', { name: /Marsh, as they call it/ }).first()).toBeVisible();
});

test('changed in two places: both are shown, one is chosen, the other stays in the history', async ({
  page,
}) => {
  const text = await exported(page);
  const twoTruths = changedBy(text, (records) => {
    const lot = records.find(
      (record) => record['entityId'] === 'demo-5-1' && record['kind'] === 'lot',
    )!;
    const hoursAgo = (hours: number): string =>
      new Date(demoNow().getTime() - hours * 3_600_000).toISOString();
    const next = (id: string, name: string, at: string) => ({
      ...lot,
      id,
      supersedes: lot['id'],
      reason: 'Renamed',
      author: id.slice(-2).toUpperCase(),
      recordedAt: at,
      content: { ...(lot['content'] as object), name },
    });
    records.push(
      next('rival-aa', 'Marsh by AA', hoursAgo(2)),
      next('rival-bb', 'Marsh by BB', hoursAgo(1)),
    );
  });
  await page.getByLabel('File to bring in').setInputFiles(asFile(twoTruths));
  const asked = page.getByRole('region', { name: 'colleague.json replaces 1 record' });
  await expect(asked.getByRole('listitem')).toContainText('Lot ');
  await expectAccessible(page);
  await asked.getByRole('button', { name: 'Bring it in' }).click();
  const rivals = page.getByRole('region', { name: /Changed in two places/ });
  await expect(rivals.getByRole('row', { name: /^Name/ })).toContainText('Marsh by AA');
  await expectAccessible(page);
  await rivals.getByRole('button', { name: 'AA holds' }).click();
  await expect(rivals).toHaveCount(0);
  await page.goto('/demo/lots/demo-5-1');
  await expect(page.getByRole('heading', { level: 1, name: 'Marsh by AA' })).toBeVisible();
  await page.getByText(/^History/).click();
  await expect(page.getByText(/Chosen of several after merging/)).toBeVisible();
});

test('any table leaves as CSV', async ({ page }) => {
  await page.goto('/demo/kit');
  await page.getByLabel('One table, for a spreadsheet').selectOption('packing');
  const button = page.getByRole('button', { name: 'Save as CSV' });
  const csv = (await savedBy(page, () => button.click())).toString();
  const [head, ...rows] = csv.trim().split('\r\n');
  expect(head?.split(',')).toEqual(
    expect.arrayContaining(['id', 'recordedAt', 'code', 'jarG', 'bestBefore']),
  );
  expect(rows).toHaveLength(3);
});
