import type { AnyRecord } from '../../records';
import { bookOf } from '../day/book';
import { honeyHouseOf } from '../line/extractionFile';
import type { Around } from '../lot/aroundEvidence';

/** Nothing written down besides lots, but for what some records put into the book. */
export const plainAround = (nowMs: number, records: readonly AnyRecord[] = []): Around => ({
  book: bookOf(records),
  rooms: [],
  house: honeyHouseOf([]),
  blends: [],
  poured: [],
  frames: new Map(),
  setAside: new Map(),
  choices: [],
  nowMs,
});
