import type { Page } from '@playwright/test';
import {
  changedBy,
  expect,
  expectAccessible,
  exportAll,
  jsonFile,
  openDemoLot,
  startOwnLot,
  test,
} from './house';

/** Writes a row straight into the browser's database, as an earlier version might have left it. */
async function putRow(page: Page, table: string, row: object): Promise<void> {
  await page.evaluate(
    async ({ table, row }) => {
      const request = indexedDB.open('ripenum-mine');
      await new Promise((resolve) => (request.onsuccess = resolve));
      const database = request.result;
      const writing = database.transaction([table, 'settings', 'drafts'], 'readwrite');
      writing.objectStore(table).put(row);
      // so that everything is checked anew, as after an update
      writing.objectStore('settings').delete('checked');
      await new Promise((resolve) => (writing.oncomplete = resolve));
      database.close();
    },
    { table, row },
  );
}

const envelope = (id: string, kind: string, ownerId = id) => ({
  id,
  entityId: id,
  ownerId,
  schemaVersion: 5,
  recordedAt: '2026-08-01T08:00:00.000Z',
  author: 'HH',
  supersedes: null,
  reason: null,
  withdrawn: false,
  kind,
});

const ROOM = {
  name: 'Shed',
  volumeM3: 20,
  capacityBoxes: 40,
  heating: 'electric',
  heaterW: 1500,
  setPointC: 31,
  machine: null,
  fanW: 50,
  airChangesPerHour: 0.5,
  wallLossWPerK: 30,
  outside: { meanC: 15, swingC: 8, relativeHumidity: 0.7 },
  pricePerKwh: 0.3,
  remark: '',
};

const BATCH = {
  name: 'Old stack',
  boxes: 8,
  honeyKgPerBox: 14,
  openShare: 0.4,
  openPercent: 20,
  cappedPercent: 17.5,
  plusMinusPercent: 1,
  temperatureC: null,
  layout: 'crossed',
  outAt: null,
  targetPercent: 17,
  remark: '',
};

test('a year that was mistyped long ago takes no page down, is named, and is corrected by hand', async ({
  page,
}) => {
  await startOwnLot(page);
  const lotId = /lots\/([^/]+)/.exec(page.url())![1]!;
  await putRow(page, 'warmRooms', { ...envelope('room-1', 'warm-room'), content: ROOM });
  await putRow(page, 'batches', {
    ...envelope('batch-1', 'batch', 'room-1'),
    content: { ...BATCH, lotIds: [lotId], inAt: '0026-08-01T10:00:00.000Z' },
  });
  await page.goto('/mine/today');
  const toCorrect = page.getByRole('region', { name: 'Correct 1 record' });
  await expect(toCorrect).toContainText('Batches: Old stack');
  await expect(toCorrect).toContainText('it must lie between 2000 and 2099');
  await expectAccessible(page);
  for (const address of ['bench', 'store', 'strain', 'season/years', 'lots/new', 'warm-room']) {
    await page.goto(`/mine/${address}`);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await expect(page.getByText('This page could not be shown')).toHaveCount(0);
  }
  await page.goto('/mine/today');
  await toCorrect.getByRole('button', { name: /^Correct/ }).click();
  await page.getByRole('button', { name: 'Save the correction' }).click();
  await expect(page.getByRole('dialog')).toContainText('it must lie between 2000 and 2099');
  const now = new Date(Date.now() - 86_400_000).toISOString().slice(0, 16);
  await page.getByLabel('In the room since').fill(now);
  await page.getByRole('button', { name: 'Save the correction' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(toCorrect).toHaveCount(0);
  await page.goto('/mine/warm-room/room-1');
  await expect(page.getByText('Old stack').first()).toBeVisible();
  await page.goto('/mine/today');
  await expect(page.getByText('Read or weigh Old stack')).toBeVisible();
  await page.keyboard.press('u');
  await expect(page.getByText('cannot be right, so it is not restored')).toBeVisible();
  await expect(toCorrect).toHaveCount(0);
});

test('a file says what it would replace and remove before it does, and one undo takes it all back', async ({
  page,
}) => {
  const text = (await exportAll(page)).toString();
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
  const text = (await exportAll(page)).toString();
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
  const copy = (await exportAll(page, 'mine')).toString();
  expect((JSON.parse(copy) as { records: unknown[] }).records).toHaveLength(
    (JSON.parse(older) as { records: unknown[] }).records.length,
  );
});

test('a draft of an older shape neither hides nor breaks its form, and can be thrown away', async ({
  page,
}) => {
  await startOwnLot(page);
  const lotId = /lots\/([^/]+)/.exec(page.url())![1]!;
  const row = {
    key: `gone|reading:${lotId}`,
    tabId: 'gone',
    formKey: `reading:${lotId}`,
    savedAt: '2026-08-01T10:00:00.000Z',
  };
  // of a version whose forms had other names for their fields: dropped once, with a word
  await putRow(page, 'drafts', { ...row, values: { dial: '17.9' } });
  await page.reload();
  await expect(page.getByText(/in one of them and not saved is gone/)).toBeVisible();
  await expect(page.getByLabel('The dial shows')).toHaveValue('');
  const values = { dialValue: '17.9', spot: { of: 'an older shape' }, nowhere: 1 };
  await putRow(page, 'drafts', { ...row, values, shape: 2 });
  await page.reload();
  await expect(page.getByLabel('The dial shows')).toHaveValue('17.9');
  await page.getByRole('button', { name: 'Clear the form' }).click();
  await expect(page.getByLabel('The dial shows')).toHaveValue('');
});

test('choices are drafts too: a reload loses none of them', async ({ page }) => {
  await page.goto('/mine/kit');
  await page.getByLabel('Your initials').fill('QX');
  await page.getByRole('radio', { name: 'lb' }).click();
  await page.reload();
  await expect(page.getByLabel('Your initials')).toHaveValue('QX');
  await expect(page.getByRole('radio', { name: 'lb' })).toBeChecked();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Your settings are saved.')).toBeVisible();
});

test.describe('a disk that fails', () => {
  test.use({ fresh: true });

  test('records that cannot be read say so, judge nothing, and are read again', async ({
    page,
  }) => {
    await startOwnLot(page);
    await page.addInitScript(() => {
      const { prototype } = IDBObjectStore;
      const read = Object.getOwnPropertyDescriptor(prototype, 'getAll')!;
      Object.assign(window, { heal: () => Object.defineProperty(prototype, 'getAll', read) });
      prototype.getAll = function (...asked) {
        if (this.name === 'lots') throw new DOMException('The disk is gone.', 'UnknownError');
        return (read.value as typeof prototype.getAll).apply(this, asked);
      };
    });
    await page.goto('/mine/today');
    await expect(
      page.getByRole('heading', { name: 'The records could not be read' }),
    ).toBeVisible();
    await expectAccessible(page);
    await page.keyboard.press('k');
    await expect(page.getByRole('button', { name: 'Save all records to a file' })).toBeVisible();
    await page.keyboard.press('t');
    await page.evaluate(() => (window as unknown as { heal: () => void }).heal());
    await page.getByRole('button', { name: 'Try again' }).click();
    await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
    await expect(page.getByText('Waiting for your decision (1)')).toBeVisible();
  });
});

test('a solver that cannot be loaded says so, and is tried again', async ({ page }) => {
  await page.route('**/*.wasm', (route) => route.abort());
  await page.goto('/demo/store/blend');
  await page.getByRole('button', { name: 'Find the best blend' }).click();
  await expect(page.getByRole('alert')).toContainText('could not be loaded');
  await page.unroute('**/*.wasm');
  await page.getByRole('button', { name: 'Find the best blend' }).click();
  await expect(page.getByRole('button', { name: 'Save it and pour' })).toBeVisible({
    timeout: 30_000,
  });
});

test('a worker that cannot be loaded says so, and is tried again', async ({ page }) => {
  await page.goto('/demo/kit');
  await page.route('**/recordFile.worker*', (route) => route.abort());
  await page.getByRole('button', { name: 'Save all records to a file' }).click();
  await expect(page.getByRole('alert')).toContainText('could not be loaded');
  await page.unroute('**/recordFile.worker*');
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save all records to a file' }).click();
  await saved;
  await expect(page.getByText(/Saved \d+ records to a file/)).toBeVisible();
});

test('the digest of a dossier covers its meter', async ({ page }) => {
  await openDemoLot(page, 'Bean field, second day');
  await page.keyboard.press('d');
  const digest = page.getByText(/SHA-256 [0-9a-f]{64}/);
  await expect(digest).toBeVisible();
  const printed = /SHA-256 ([0-9a-f]{64})/.exec((await digest.textContent()) ?? '')![1]!;
  const text = (await exportAll(page)).toString();
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
