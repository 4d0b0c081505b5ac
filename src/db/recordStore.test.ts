import { RipenumDatabase } from './database';
import { createDexieRecordStore } from './dexieRecordStore';
import { createMemoryRecordStore } from './memoryRecordStore';
import { recordStoreSuite } from './test/recordStoreSuite';

let count = 0;

recordStoreSuite('Dexie', () => {
  count += 1;
  return Promise.resolve(createDexieRecordStore(new RipenumDatabase(`test-store-${count}`)));
});

recordStoreSuite('memory', () => Promise.resolve(createMemoryRecordStore()));
