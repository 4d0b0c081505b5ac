import type { FrameAct } from '../core';
import {
  canonicalText,
  type AnyRecord,
  type RecordKind,
  type Result,
  type SetAside,
} from '../records';
import { say, type Message } from '../core';

/** How many revisions an append wrote, and how many were there already. */
export interface Appended {
  readonly written: number;
  readonly alreadyThere: number;
}

/** How revisions come in. */
export interface AppendOptions {
  /**
   * `act`: of somebody at work here, so that each revision must follow what holds now, and a new frame
   * hang in a free place. `merge`: from a file, where two truths may stand beside one another.
   */
  readonly as?: 'act' | 'merge';
  /** with `merge`: rows among them that do not keep to the schemas, and what is wrong with each */
  readonly setAside?: readonly SetAside[];
  /** the draft that these revisions come from: it is forgotten with the same stroke that keeps them */
  readonly draftKey?: string;
}

/** A row that is set aside, as it stands. */
export interface RowSetAside extends SetAside {
  readonly row: AnyRecord;
}

/** Where revisions are kept. Append-only. */
export interface RecordStore {
  /**
   * Writes all revisions or none. Each is checked against its schema and what it refers to. Revisions
   * that are there already with the same content are skipped.
   *
   * Refusals: `invalid-record`; `conflict` where an identifier is there with other content;
   * `changed-since` with what holds now, `place-taken`, both of acts only; `storage-failed`.
   */
  append(records: readonly AnyRecord[], options?: AppendOptions): Promise<Result<Appended>>;
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
  /** Frames looked at since a moment, ISO 8601 UTC, with every look at them. */
  looksSince(moment: string): Promise<AnyRecord[]>;
  /** Every revision there is that can be computed from. */
  all(): Promise<AnyRecord[]>;
  /** Every row of some kinds, those set aside included, in the order in which they were appended. */
  inOrder(kinds: readonly RecordKind[]): Promise<AnyRecord[]>;
  /** Identifiers of all rows, those set aside included, in the order in which they were appended. */
  journal(): Promise<JournalEntry[]>;
  /** Rows by their identifiers, those set aside included; as many as are there. */
  rows(kind: RecordKind, ids: readonly string[]): Promise<AnyRecord[]>;
  /** Rows that are set aside and that nothing has replaced yet. */
  setAside(): Promise<RowSetAside[]>;
}

/** One row in the order of appending. */
export interface JournalEntry {
  readonly id: string;
  readonly kind: RecordKind;
}

/** The same data, whatever the order of keys. */
export function isSameRecord(a: AnyRecord, b: AnyRecord): boolean {
  return canonicalText(a) === canonicalText(b);
}

/** An identifier stands for two different things. */
export function conflictMessage(records: readonly AnyRecord[]): Message {
  const [first] = records;
  return say('errors.conflict', {
    count: records.length,
    kind: first?.kind ?? '',
    id: first?.id ?? '',
  });
}
