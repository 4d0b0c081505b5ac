import { failed, ok, type AnyRecord } from '../records';
import { conflictMessage, isSameRecord, type RecordStore } from './recordStore';

/** Revisions kept in memory, for tests of other layers. */
export function createMemoryRecordStore(): RecordStore {
  const kept = new Map<string, AnyRecord>();
  return {
    append(records) {
      const there = (one: AnyRecord): AnyRecord | undefined => kept.get(one.id);
      const conflicting = records.filter((one) => {
        const known = there(one);
        return known !== undefined && !isSameRecord(known, one);
      });
      if (conflicting.length > 0) {
        const error = { code: 'conflict', message: conflictMessage(conflicting) } as const;
        return Promise.resolve(failed(error));
      }
      const fresh = records.filter((one) => !there(one));
      fresh.forEach((one) => kept.set(one.id, structuredClone(one)));
      return Promise.resolve(
        ok({ written: fresh.length, alreadyThere: records.length - fresh.length }),
      );
    },
    ofLot: (lotId) => Promise.resolve([...kept.values()].filter((one) => one.lotId === lotId)),
    all: () => Promise.resolve([...kept.values()]),
  };
}
