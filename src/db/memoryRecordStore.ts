import { RECORD_KINDS, ok, type AnyRecord, type SetAside } from '../records';
import { Refusal, checkSchemas, checkedAppend, keptFor, type KeptReader } from './appendCheck';
import type { RecordStore } from './recordStore';

/** The frame that a frame or a look at it is about; empty for anything else. */
function frameIdOf(record: AnyRecord): string {
  if (record.kind === 'frame') return record.entityId;
  return record.kind === 'frame-check' ? record.content.frameId : '';
}

function isOfFrames(record: AnyRecord, frameIds: ReadonlySet<string>): boolean {
  return frameIds.has(frameIdOf(record));
}

/** Looks up among revisions that are kept in memory. */
function keptReader(all: () => readonly AnyRecord[]): KeptReader {
  const found = (wanted: (one: AnyRecord) => boolean): Promise<AnyRecord[]> =>
    Promise.resolve(all().filter(wanted));
  return {
    byIds: (kind, ids) => found((record) => record.kind === kind && ids.includes(record.id)),
    ofEntities: (kind, ids) =>
      found((record) => record.kind === kind && ids.includes(record.entityId)),
    framesOf: (boxId) => {
      const own = all().filter(
        (record) => record.kind === 'frame' && record.content.boxId === boxId,
      );
      const ids = new Set(own.map((record) => record.entityId));
      return found((record) => record.kind === 'frame' && ids.has(record.entityId));
    },
    lots: () => found((record) => record.kind === 'lot'),
  };
}

/** Revisions kept in memory, for tests of other layers. */
export function createMemoryRecordStore(): RecordStore {
  const kept = new Map<string, AnyRecord>();
  const aside = new Map<string, SetAside>();
  const good = (): AnyRecord[] => [...kept.values()].filter((record) => !aside.has(record.id));
  const found = (wanted: (one: AnyRecord) => boolean): Promise<AnyRecord[]> =>
    Promise.resolve(good().filter(wanted));
  const framesIn = (wanted: (one: AnyRecord) => boolean): ReadonlySet<string> =>
    new Set(good().filter(wanted).map(frameIdOf));
  const reader = keptReader(() => [...kept.values()]);
  /** one append after the other, as transactions are */
  let last: Promise<unknown> = Promise.resolve();
  const append: RecordStore['append'] = async (records, options = {}) => {
    try {
      const checked = checkSchemas(records, options);
      const fresh = checkedAppend(checked, await keptFor(checked, reader, options), options);
      fresh.forEach((record) => kept.set(record.id, structuredClone(record)));
      options.setAside?.forEach(
        (setAside) => kept.has(setAside.id) && aside.set(setAside.id, setAside),
      );
      return ok({ written: fresh.length, alreadyThere: records.length - fresh.length });
    } catch (error) {
      if (error instanceof Refusal) return error.result();
      throw error;
    }
  };
  return {
    append(records, options) {
      const next = last.then(() => append(records, options));
      last = next;
      return next;
    },
    revisionsOf: (kind, entityId) =>
      found((record) => record.kind === kind && record.entityId === entityId),
    ofOwner: (ownerId, kinds = RECORD_KINDS) =>
      found((record) => record.ownerId === ownerId && kinds.includes(record.kind)),
    ofKinds: (kinds) => found((record) => kinds.includes(record.kind)),
    ofBox(boxId) {
      const ids = framesIn((record) => record.kind === 'frame' && record.content.boxId === boxId);
      return found(
        (record) => (record.kind === 'box' && record.entityId === boxId) || isOfFrames(record, ids),
      );
    },
    ofHarvest(harvestId) {
      const ids = framesIn(
        (record) => record.kind === 'frame-check' && record.content.harvestId === harvestId,
      );
      return found((record) => record.ownerId === harvestId || isOfFrames(record, ids));
    },
    ofEntities: (kind, entityIds) =>
      found((record) => record.kind === kind && entityIds.includes(record.entityId)),
    looksWith(act) {
      const ids = framesIn(
        (record) => record.kind === 'frame-check' && record.content.decision.act === act,
      );
      return found((record) => isOfFrames(record, ids));
    },
    looksDue() {
      const ids = framesIn(
        (record) =>
          record.kind === 'frame-check' &&
          (record.content.decision.lookAgainDay !== null || record.content.beetles === 'adults'),
      );
      return found((record) => isOfFrames(record, ids));
    },
    looksSince(moment) {
      const ids = framesIn(
        (record) => record.kind === 'frame-check' && record.recordedAt >= moment,
      );
      return found((record) => isOfFrames(record, ids));
    },
    all: () => Promise.resolve(good()),
    inOrder: (kinds) =>
      Promise.resolve([...kept.values()].filter((record) => kinds.includes(record.kind))),
    journal: () => Promise.resolve([...kept.values()].map(({ id, kind }) => ({ id, kind }))),
    rows: (kind, ids) => reader.byIds(kind, ids).then((all) => [...all]),
    setAside: () =>
      Promise.resolve(
        [...aside.values()].flatMap((setAside) => {
          const row = kept.get(setAside.id);
          const isReplaced = [...kept.values()].some((each) => each.supersedes === setAside.id);
          return row && !isReplaced && !row.withdrawn ? [{ ...setAside, row }] : [];
        }),
      ),
  };
}
