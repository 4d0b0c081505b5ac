import { databaseOf } from '../../db/database';
import { openDemoLot, startOwnLot } from '../test/houses';
import { expect, expectAccessible, test } from '../test/walk';

/** Writes a row straight into the database, as an earlier version might have left it. */
async function putRow(table: string, row: object): Promise<void> {
  const database = databaseOf('mine');
  await database.table(table).put(row);
  // so that everything is checked anew, as after an update
  await database.table('settings').delete('checked');
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

test('a reload in the middle of a reading loses nothing', async ({ page }) => {
  await startOwnLot(page);
  await page.getByLabel('The dial shows').fill('17.8');
  await page.getByLabel('Temperature of meter and honey').fill('2');
  await page.getByLabel('Remark').fill('half-way');
  await page.reload();
  await expect(page.getByLabel('The dial shows')).toHaveValue('17.8');
  await expect(page.getByLabel('Temperature of meter and honey')).toHaveValue('2');
  await expect(page.getByLabel('Remark')).toHaveValue('half-way');
  await page.getByRole('button', { name: 'Clear the form' }).click();
  await expect(page.getByLabel('The dial shows')).toHaveValue('');
});

test('undo and redo, by button and key, also after a reload', async ({ page }) => {
  await startOwnLot(page);
  await page.getByLabel('The dial shows').fill('17.1');
  await page.getByRole('button', { name: 'Save this reading' }).click();
  const row = page.getByRole('listitem').filter({ hasText: 'dial 17.1 %' });
  await expect(row).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(row).toHaveCount(0);
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('Shift+U');
  await expect(row).toBeVisible();
  await page.reload();
  await expect(row).toBeVisible();
  await page.keyboard.press('u');
  await expect(row).toHaveCount(0);
  await expect(page.getByText(/^History/)).toContainText('(');
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

test('a year that was mistyped long ago takes no page down, is named, and is corrected by hand', async ({
  page,
}) => {
  await startOwnLot(page);
  const lotId = /lots\/([^/]+)/.exec(page.path())![1]!;
  await putRow('warmRooms', { ...envelope('room-1', 'warm-room'), content: ROOM });
  await putRow('batches', {
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

test('a draft of an older shape neither hides nor breaks its form, and can be thrown away', async ({
  page,
}) => {
  await startOwnLot(page);
  const lotId = /lots\/([^/]+)/.exec(page.path())![1]!;
  const row = {
    key: `gone|reading:${lotId}`,
    tabId: 'gone',
    formKey: `reading:${lotId}`,
    savedAt: '2026-08-01T10:00:00.000Z',
  };
  // of a version whose forms had other names for their fields: dropped once, with a word
  await putRow('drafts', { ...row, values: { dial: '17.9' } });
  await page.reload();
  await expect(page.getByText(/in one of them and not saved is gone/)).toBeVisible();
  await expect(page.getByLabel('The dial shows')).toHaveValue('');
  const values = { dialValue: '17.9', spot: { of: 'an older shape' }, nowhere: 1 };
  await putRow('drafts', { ...row, values, shape: 2 });
  await page.reload();
  await expect(page.getByLabel('The dial shows')).toHaveValue('17.9');
  await page.getByRole('button', { name: 'Clear the form' }).click();
  await expect(page.getByLabel('The dial shows')).toHaveValue('');
});

test('the demo season can be started anew, and own records are never touched by it', async ({
  page,
}) => {
  await startOwnLot(page);
  await openDemoLot(page, 'Marsh, after the rain');
  await page.getByRole('button', { name: 'Details' }).click();
  await page.getByRole('button', { name: 'Remove this lot' }).click();
  await page.getByRole('link', { name: 'Settings' }).click();
  await page.getByRole('button', { name: 'Reset the demo season' }).click();
  await expect(page.getByText('The demo season is as it was at the start.')).toBeVisible();
  await page.getByRole('link', { name: 'Today' }).click();
  await expect(page.getByRole('heading', { name: 'Waiting for your decision (8)' })).toBeVisible();
  await page.goto('/mine/today');
  await expect(page.getByRole('heading', { name: 'Waiting for your decision (1)' })).toBeVisible();
});
