import {
  bookOf,
  honeyHouseOf,
  lotFilesOf,
  pouredLines,
  roomFilesOf,
  ledgerOf,
  type Ledger,
} from '../src/model';
import { current, type AnyRecord } from '../src/records';

/** The ledger of a whole season as the application puts it together, for tests. */
export function demoLedger(season: readonly AnyRecord[], nowMs: number): Ledger {
  const now = current(season);
  const blends = now.filter((record) => record.kind === 'blend');
  const ticks = now.filter((record) => record.kind === 'blend-tick');
  const frames = now.filter((record) => record.kind === 'frame');
  const book = bookOf(season);
  return ledgerOf(lotFilesOf(season), {
    book,
    rooms: roomFilesOf(season),
    house: honeyHouseOf(season),
    blends,
    poured: pouredLines(blends, ticks),
    frames: new Map(frames.map((frame) => [frame.entityId, frame])),
    setAside: new Map(),
    choices: now.filter((record) => record.kind === 'merge-choice'),
    nowMs,
  });
}
