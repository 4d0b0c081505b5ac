import type { Page } from '@playwright/test';

/** A lot as the first version of the application had written it. */
const LOT = {
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

/** So many lots of the first version, each with a code of its own. */
const lotsOf = (count: number): unknown[] =>
  Array.from({ length: count }, (_, at) => ({
    ...LOT,
    id: `old-${at}`,
    entityId: `old-lot-${at}`,
    lotId: `old-lot-${at}`,
    content: { ...LOT.content, code: at === 0 ? LOT.content.code : `${LOT.content.code}-${at}` },
  }));

/** Leaves in the browser what the first version of the application would have. */
export async function writeFirstVersion(page: Page, base = '', count = 1): Promise<void> {
  // a page of the same place that opens no database of its own
  await page.goto(`${base}/icon.svg`);
  await page.evaluate(async (lots) => {
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
    lots.forEach((lot) => writing.objectStore('lots').add(lot));
    await new Promise((resolve) => (writing.oncomplete = resolve));
    database.close();
  }, lotsOf(count));
}
