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
    byIds: (kind, ids) => found((one) => one.kind === kind && ids.includes(one.id)),
    ofEntities: (kind, ids) => found((one) => one.kind === kind && ids.includes(one.entityId)),
    framesOf: (boxId) => {
      const own = all().filter((one) => one.kind === 'frame' && one.content.boxId === boxId);
      const ids = new Set(own.map((one) => one.entityId));
      return found((one) => one.kind === 'frame' && ids.has(one.entityId));
    },
    lots: () => found((one) => one.kind === 'lot'),
  };
}

/** Revisions kept in memory, for tests of other layers. */
export function createMemoryRecordStore(): RecordStore {
  const kept = new Map<string, AnyRecord>();
  const aside = new Map<string, SetAside>();
  const good = (): AnyRecord[] => [...kept.values()].filter((one) => !aside.has(one.id));
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
      fresh.forEach((one) => kept.set(one.id, structuredClone(one)));
      options.setAside?.forEach((one) => kept.has(one.id) && aside.set(one.id, one));
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
    all: () => Promise.resolve(good()),
    inOrder: (kinds) =>
      Promise.resolve([...kept.values()].filter((one) => kinds.includes(one.kind))),
    journal: () => Promise.resolve([...kept.values()].map(({ id, kind }) => ({ id, kind }))),
    rows: (kind, ids) => reader.byIds(kind, ids).then((all) => [...all]),
    setAside: () =>
      Promise.resolve(
        [...aside.values()].flatMap((one) => {
          const row = kept.get(one.id);
          const isReplaced = [...kept.values()].some((each) => each.supersedes === one.id);
          return row && !isReplaced && !row.withdrawn ? [{ ...one, row }] : [];
        }),
      ),
  };
}
