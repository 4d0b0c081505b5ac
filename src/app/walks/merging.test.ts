import { demoNow, openDemoLot } from '../test/houses';
import { changedBy, exportAll, jsonFile, recordsIn } from '../test/recordFiles';
import { expect, expectAccessible, testWithWorkers as test } from '../test/walk';

test('a colleague’s file is merged without doubles; what differs is shown side by side', async ({
  page,
}) => {
  const text = await exportAll(page);
  const lotOf = (records: Record<string, unknown>[]) =>
    records.find((record) => record['entityId'] === 'demo-5-1' && record['kind'] === 'lot')!;
  const clash = changedBy(text, (records) => {
    const lot = lotOf(records);
    lot['content'] = { ...(lot['content'] as object), name: 'Marsh, as they call it' };
  });
  await page.getByLabel('File to bring in').setInputFiles(jsonFile(clash, 'colleague.json'));
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
  const text = await exportAll(page);
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
  await page.getByLabel('File to bring in').setInputFiles(jsonFile(twoTruths, 'colleague.json'));
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

test('a file says what it would replace and remove before it does, and one undo takes it all back', async ({
  page,
}) => {
  const text = await exportAll(page);
  const theirs = changedBy(text, (records) => {
    const next = (record: Record<string, unknown>, id: string, more: object) =>
      records.push({ ...record, id, supersedes: record['id'], reason: 'Theirs', ...more });
    const held = (kind: string, entityId?: string) =>
      records.find(
        (record) => record['kind'] === kind && (!entityId || record['entityId'] === entityId),
      )!;
    const lot = held('lot', 'demo-5-1');
    next(lot, 'theirs-1', { content: { ...(lot['content'] as object), name: 'Renamed by them' } });
    next(held('yard'), 'theirs-2', { withdrawn: true });
  });
  await page.getByLabel('File to bring in').setInputFiles(jsonFile(theirs));
  const asked = page.getByRole('region', {
    name: 'season.json replaces 1 record, removes 1 record',
  });
  await expect(asked.getByText('Removes 1 record', { exact: true })).toBeVisible();
  await expect(asked.getByRole('listitem').filter({ hasText: 'Yards: ' })).toBeVisible();
  await expectAccessible(page);
  await asked.getByRole('button', { name: 'Bring it in' }).click();
  await expect(page.getByText(/Brought in 2 records/)).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByText(/^Undone: Brought in/)).toBeVisible();
  await page.goto('/demo/today');
  await expect(page.getByRole('link', { name: /Renamed by them/ })).toHaveCount(0);
});

test('rows that an earlier version took are set aside by the importer, listed, and everything else comes in', async ({
  page,
}) => {
  const text = await exportAll(page);
  const older = changedBy(text, (records) => {
    const reading = records.find((record) => record['kind'] === 'reading')!;
    reading['content'] = { ...(reading['content'] as object), takenAt: '9999-08-01T10:00:00.000Z' };
  });
  await page.goto('/mine/kit');
  await page.getByLabel('File to bring in').setInputFiles(jsonFile(older));
  await expect(page.getByText(/Sets aside 1 record to correct/)).toBeVisible();
  await page.getByRole('button', { name: 'Bring it in, set those aside' }).click();
  await expect(page.getByText(/Brought in \d+ records/)).toBeVisible();
  await page.goto('/mine/today');
  await expect(page.getByRole('region', { name: 'Correct 1 record' })).toContainText(
    'Reading: dial',
  );
  // and a copy of it all is read back by the application itself
  const copy = await exportAll(page, 'mine');
  expect(recordsIn(copy)).toHaveLength(recordsIn(older).length);
});

test('the digest of a dossier covers its meter', async ({ page }) => {
  await openDemoLot(page, 'Bean field, second day');
  await page.keyboard.press('d');
  const digest = page.getByText(/SHA-256 [0-9a-f]{64}/);
  await expect(digest).toBeVisible();
  const printed = /SHA-256 ([0-9a-f]{64})/.exec(await digest.innerText())![1]!;
  const text = await exportAll(page);
  const meddled = changedBy(text, (records) => {
    records
      .filter((record) => record['kind'] === 'zero-check')
      .forEach((record) => (record['author'] = 'ZZ'));
  });
  await page.goto('/demo/store/verify');
  await page.getByLabel('File to verify').setInputFiles(jsonFile(meddled));
  await page.getByLabel(/Digest on the dossier/).fill(printed);
  await expect(page.getByText('No lot in this file gives that digest')).toBeVisible();
  await page.getByLabel('File to verify').setInputFiles(jsonFile(text, 'as-it-was.json'));
  await page.getByLabel(/Digest on the dossier/).fill(printed);
  await expect(page.getByText(/records behind that dossier are here, unchanged/)).toBeVisible();
});
