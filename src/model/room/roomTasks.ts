import { COOL_ENOUGH_C, coolingHours } from '../../core';
import { batchEndMs } from '../../records';
import type { BatchFile, RoomFile } from './roomFile';
import { coreBatch } from './roomRun';

const HOUR_MS = 3_600_000;

/** So often a batch is to be read while it dries [h]. @source common practice, no source */
const READ_EVERY_HOURS = 24;

/** So often tank or drain is looked after, before it can run over [h]. @source common practice, no source */
const DRAIN_EVERY_HOURS = 12;

/** Something to be done at a room. */
export interface RoomTask {
  readonly id: string;
  readonly kind: 'read' | 'cool' | 'take-out' | 'drain';
  readonly batchId: string | null;
  /** [ms since 1970] */
  readonly atMs: number;
  /** hours it takes; 0 where it is done at once */
  readonly hours: number;
}

const inRoom = ({ batch }: BatchFile, nowMs: number): boolean =>
  Date.parse(batch.content.inAt) <= nowMs && batchEndMs(batch.content, nowMs) > nowMs;

/** When each batch is to be read next; what is overdue is due at the time it should have been. */
export function readingsDue({ batches }: RoomFile, nowMs: number): RoomTask[] {
  return batches
    .filter((batch) => inRoom(batch, nowMs))
    .map(({ batch, checks }) => {
      const last = checks[checks.length - 1]?.content.takenAt ?? batch.content.inAt;
      return {
        id: `read ${batch.entityId}`,
        kind: 'read',
        batchId: batch.entityId,
        atMs: Date.parse(last) + READ_EVERY_HOURS * HOUR_MS,
        hours: 0,
      };
    });
}

/** Tank or drain of the dehumidifier, as long as something is in the room. */
function drainDue(file: RoomFile, nowMs: number): RoomTask[] {
  const used = file.batches.some((batch) => inRoom(batch, nowMs));
  if (!file.room.content.machine || !used) return [];
  const atMs = nowMs + DRAIN_EVERY_HOURS * HOUR_MS;
  return [{ id: `drain ${file.room.entityId}`, kind: 'drain', batchId: null, atMs, hours: 0 }];
}

/** What is likely known of a batch: when it is dry enough [ms]; Infinity where not in sight. */
export type LikelyReady = ReadonlyMap<string, number>;

function readyTasks(file: RoomFile, nowMs: number, ready: LikelyReady): RoomTask[] {
  const { setPointC, outside } = file.room.content;
  return file.batches.flatMap((batch): RoomTask[] => {
    const { entityId: id, content } = batch.batch;
    const atMs = ready.get(id) ?? Infinity;
    if (!inRoom(batch, nowMs) || !Number.isFinite(atMs)) return [];
    const hours = coolingHours(coreBatch(id, content, 0, outside.meanC), {
      fromC: setPointC,
      toC: COOL_ENOUGH_C,
      airC: outside.meanC,
    });
    const out = Math.max(nowMs, atMs);
    const cool: RoomTask[] =
      hours > 0 && Number.isFinite(hours)
        ? [{ id: `cool ${id}`, kind: 'cool', batchId: id, atMs: out, hours }]
        : [];
    return [{ id: `out ${id}`, kind: 'take-out', batchId: id, atMs: out, hours: 0 }, ...cool];
  });
}

/** All that is to be done at a room, the next first. */
export function roomTasks(file: RoomFile, nowMs: number, ready: LikelyReady): RoomTask[] {
  return [
    ...readingsDue(file, nowMs),
    ...readyTasks(file, nowMs, ready),
    ...drainDue(file, nowMs),
  ].sort((a, b) => a.atMs - b.atMs);
}
