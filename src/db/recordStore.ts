import type { FrameAct } from '../core';
import { canonicalText, type AnyRecord, type RecordKind, type Result } from '../records';

/** How many revisions an append wrote, and how many were there already. */
export interface Appended {
  readonly written: number;
  readonly alreadyThere: number;
}

/** Where revisions are kept. Append-only. */
export interface RecordStore {
  /**
   * Writes all revisions or none. Revisions that are there already with the same content are
   * skipped; the same identifier with other content is a `conflict`.
   */
  append(records: readonly AnyRecord[]): Promise<Result<Appended>>;
  /** Every revision of one entity. */
  revisionsOf(kind: RecordKind, entityId: string): Promise<AnyRecord[]>;
  /** Every revision, of some kinds or all, of what belongs to one owner: a lot, a box, a day. */
  ofOwner(ownerId: string, kinds?: readonly RecordKind[]): Promise<AnyRecord[]>;
  /** Every revision of some kinds. */
  ofKinds(kinds: readonly RecordKind[]): Promise<AnyRecord[]>;
  /** A box, the frames that hang or hung in it, and every look at them, wherever they hung then. */
  ofBox(boxId: string): Promise<AnyRecord[]>;
  /** A day with its looks, strokes, tallies and guesses, the frames, and earlier looks at those. */
  ofHarvest(harvestId: string): Promise<AnyRecord[]>;
  /** Every revision of some entities of one kind. */
  ofEntities(kind: RecordKind, entityIds: readonly string[]): Promise<AnyRecord[]>;
  /** Looks at frames of which the keeper did one thing, with every look at them and the frames. */
  looksWith(act: FrameAct): Promise<AnyRecord[]>;
  /** Frames to be looked at again or with beetles seen, with every look at them. */
  looksDue(): Promise<AnyRecord[]>;
  /** Every revision there is. */
  all(): Promise<AnyRecord[]>;
}

/** The same data, whatever the order of keys. */
export function isSameRecord(a: AnyRecord, b: AnyRecord): boolean {
  return canonicalText(a) === canonicalText(b);
}

/** The sentence for an identifier that stands for two different things. */
export function conflictMessage(records: readonly AnyRecord[]): string {
  const first = records[0];
  return `${records.length === 1 ? 'One revision' : `${records.length} revisions`} in the file differ from what is kept here under the same identifier (first: ${first?.kind ?? ''} ${first?.id ?? ''}); nothing was imported.`;
}
