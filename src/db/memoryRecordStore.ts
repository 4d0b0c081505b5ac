import { RECORD_KINDS, failed, ok, type AnyRecord } from '../records';
import { conflictMessage, isSameRecord, type RecordStore } from './recordStore';

/** The frame that a frame or a look at it is about; empty for anything else. */
function frameIdOf(record: AnyRecord): string {
  if (record.kind === 'frame') return record.entityId;
  return record.kind === 'frame-check' ? record.content.frameId : '';
}

function isOfFrames(record: AnyRecord, frameIds: ReadonlySet<string>): boolean {
  return frameIds.has(frameIdOf(record));
}

/** Revisions kept in memory, for tests of other layers. */
export function createMemoryRecordStore(): RecordStore {
  const kept = new Map<string, AnyRecord>();
  const found = (wanted: (one: AnyRecord) => boolean): Promise<AnyRecord[]> =>
    Promise.resolve([...kept.values()].filter(wanted));
  const framesIn = (wanted: (one: AnyRecord) => boolean): ReadonlySet<string> =>
    new Set([...kept.values()].filter(wanted).map(frameIdOf));
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
    revisionsOf: (kind, entityId) => found((one) => one.kind === kind && one.entityId === entityId),
    ofOwner: (ownerId, kinds = RECORD_KINDS) =>
      found((one) => one.ownerId === ownerId && kinds.includes(one.kind)),
    ofKinds: (kinds) => found((one) => kinds.includes(one.kind)),
    ofBox(boxId) {
      const ids = framesIn((one) => one.kind === 'frame' && one.content.boxId === boxId);
      return found((one) => (one.kind === 'box' && one.entityId === boxId) || isOfFrames(one, ids));
    },
    ofHarvest(harvestId) {
      const ids = framesIn(
        (one) => one.kind === 'frame-check' && one.content.harvestId === harvestId,
      );
      return found((one) => one.ownerId === harvestId || isOfFrames(one, ids));
    },
    ofEntities: (kind, entityIds) =>
      found((one) => one.kind === kind && entityIds.includes(one.entityId)),
    looksWith(act) {
      const ids = framesIn((one) => one.kind === 'frame-check' && one.content.decision.act === act);
      return found((one) => isOfFrames(one, ids));
    },
    looksDue() {
      const ids = framesIn(
        (one) =>
          one.kind === 'frame-check' &&
          (one.content.decision.lookAgainDay !== null || one.content.beetles === 'adults'),
      );
      return found((one) => isOfFrames(one, ids));
    },
    all: () => Promise.resolve([...kept.values()]),
  };
}
