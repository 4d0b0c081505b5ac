import type { AnyRecord } from '../../records';
import { bookOf } from '../day/book';
import { honeyHouseOf } from '../line/extractionFile';
import type { RelatedRecords } from '../lot/relatedEvidence';

/** Nothing written down besides lots, but for what some records put into the book. */
export const plainRelated = (
  nowMs: number,
  records: readonly AnyRecord[] = [],
): RelatedRecords => ({
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
