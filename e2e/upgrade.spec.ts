import { expect, test } from './house';

/** What the first version of the application had written into the browser. */
const LOT = {
  id: 'old-1',
  entityId: 'old-lot',
  lotId: 'old-lot',
  schemaVersion: 1,
  recordedAt: '2026-08-01T08:00:00.000Z',
  author: 'HH',
  supersedes: null,
  reason: null,
  withdrawn: false,
  kind: 'lot',
  content: {
    code: '260801-a',
    name: 'From before',
    date: '2026-08-01',
    origin: '',
    plant: 'borage',
    honeyKind: 'ordinary',
    ruleSetId: 'eu-2001-110',
    targetPercent: 18,
    storageTemperatureC: null,
    signs: [],
    remark: '',
  },
};

test('records that the first version wrote are still there, and can be worked on', async ({
  page,
}) => {
  // a page of the same place that opens no database of its own
  await page.goto('/icon.svg');
  await page.evaluate(async (lot) => {
    const request = indexedDB.open('ripenum-mine', 10);
    request.onupgradeneeded = () => {
      for (const name of ['lots', 'containers', 'combJudgements', 'readings', 'rulings']) {
        const store = request.result.createObjectStore(name, { keyPath: 'id' });
        for (const index of ['entityId', 'lotId', 'recordedAt']) store.createIndex(index, index);
      }
      const drafts = request.result.createObjectStore('drafts', { keyPath: 'key' });
      for (const index of ['tabId', 'formKey']) drafts.createIndex(index, index);
      request.result.createObjectStore('settings', { keyPath: 'key' });
    };
    await new Promise((resolve) => (request.onsuccess = resolve));
    const database = request.result;
    const writing = database.transaction('lots', 'readwrite');
    writing.objectStore('lots').add(lot);
    await new Promise((resolve) => (writing.oncomplete = resolve));
    database.close();
  }, LOT);
  await page.goto('/mine/today');
  await page.getByRole('link', { name: /From before/ }).click();
  await page.getByLabel('The dial shows').fill('17.2');
  await page.getByRole('button', { name: 'Save this reading' }).click();
  await expect(page.getByRole('listitem').filter({ hasText: 'dial 17.2 %' })).toBeVisible();
});
