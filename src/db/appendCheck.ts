import { groupBy, say } from '../core';
import {
  checkedRecord,
  failed,
  heads,
  referenceTroubles,
  referredIds,
  referredIn,
  type AnyRecord,
  type AppError,
  type RecordKind,
  type Stale,
} from '../records';
import { conflictMessage, isSameRecord, type AppendOptions } from './recordStore';

/** How a check of an append looks up what is kept, all in one transaction. */
export interface KeptReader {
  byIds(kind: RecordKind, ids: readonly string[]): Promise<readonly AnyRecord[]>;
  /** every revision of some entities */
  ofEntities(kind: RecordKind, entityIds: readonly string[]): Promise<readonly AnyRecord[]>;
  /** every revision of frames that hang or hung in a box */
  framesOf(boxId: string): Promise<readonly AnyRecord[]>;
  /** every revision of every lot */
  lots(): Promise<readonly AnyRecord[]>;
}

/** Why an append is refused: thrown, so that the transaction ends. */
export class Refusal extends Error {
  constructor(readonly error: AppError) {
    super(error.message.key);
  }

  result(): ReturnType<typeof failed> {
    return failed(this.error);
  }
}

const refuse = (error: AppError): never => {
  throw new Refusal(error);
};

/** Kinds that occur among some records. */
export const kindsIn = (records: readonly AnyRecord[]): RecordKind[] => [
  ...new Set(records.map((record) => record.kind)),
];

/** Kinds that a check looks up besides those that are written. */
export function kindsReferred(records: readonly AnyRecord[]): RecordKind[] {
  const { revisions, entities } = referredIds(records);
  return [...new Set([...kindsIn(records), ...revisions.keys(), ...entities.keys()])];
}

/**
 * Checks each record by itself, before any transaction, since it takes time.
 *
 * @returns the records as their schemas give them back: what is kept is what a file will say
 * @throws Refusal
 */
export function checkSchemas(
  records: readonly AnyRecord[],
  { setAside = [] }: AppendOptions,
): AnyRecord[] {
  const aside = new Set(setAside.map((item) => item.id));
  return records.map((record) => {
    if (aside.has(record.id)) return record;
    const checked = checkedRecord(record);
    if (checked.ok) return checked.record;
    const [first] = checked.troubles;
    return refuse({
      code: 'invalid-record',
      message: say('errors.notKept', { why: first?.message ?? '' }),
      ...(first && { path: first.path }),
      details: checked.troubles.map(({ path, message }) => say('errors.at', { path, message })),
    });
  });
}

/** Boxes in which new frames are to hang. */
const boxesOfNewFrames = (records: readonly AnyRecord[]): string[] => [
  ...new Set(
    records.flatMap((record) =>
      record.kind === 'frame' && record.supersedes === null ? [record.content.boxId] : [],
    ),
  ),
];

/**
 * Everything kept that a check of these records needs, asked for at one go. (No async functions within
 * one another here: a transaction is lost between them.)
 */
export function keptFor(
  records: readonly AnyRecord[],
  reader: KeptReader,
  { as = 'act' }: AppendOptions = {},
): Promise<readonly AnyRecord[]> {
  const { revisions, entities } = referredIds(records);
  const asked: Promise<readonly AnyRecord[]>[] = [];
  for (const [kind, own] of groupBy(records, (record) => record.kind)) {
    asked.push(
      reader.byIds(kind, [...own.map((record) => record.id), ...(revisions.get(kind) ?? [])]),
    );
    const changed = own
      .filter((record) => record.supersedes !== null)
      .map((record) => record.entityId);
    if (changed.length > 0) asked.push(reader.ofEntities(kind, [...new Set(changed)]));
  }
  for (const [kind, ids] of entities) asked.push(reader.ofEntities(kind, [...ids]));
  if (as !== 'merge') {
    for (const boxId of boxesOfNewFrames(records)) asked.push(reader.framesOf(boxId));
    if (records.some((record) => record.kind === 'lot')) asked.push(reader.lots());
  }
  return Promise.all(asked).then((parts) => [
    ...new Map(parts.flat().map((part) => [part.id, part])).values(),
  ]);
}

function freshOf(records: readonly AnyRecord[], kept: readonly AnyRecord[]): AnyRecord[] {
  const there = new Map(kept.map((record) => [record.id, record]));
  const conflicting = records.filter((record) => {
    const known = there.get(record.id);
    return known !== undefined && !isSameRecord(known, record);
  });
  if (conflicting.length > 0) {
    refuse({ code: 'conflict', message: conflictMessage(conflicting) });
  }
  return records.filter((record) => !there.has(record.id));
}

function checkReferences(
  records: readonly AnyRecord[],
  kept: readonly AnyRecord[],
  { as = 'act', setAside = [] }: AppendOptions,
): void {
  const referred = referredIn([...kept, ...records]);
  const aside = new Set(setAside.map((item) => item.id));
  for (const record of records) {
    if (aside.has(record.id)) continue;
    const [trouble] = referenceTroubles(record, referred).filter(
      (referenceTrouble) => as === 'act' || referenceTrouble.gap !== true,
    );
    if (!trouble) continue;
    refuse({
      code: 'invalid-record',
      message: say('errors.notKeptReference', { why: trouble.message }),
      path: trouble.path,
      details: [
        say('errors.ofKind', {
          kind: record.kind,
          path: trouble.path,
          message: trouble.message,
        }),
      ],
    });
  }
}

/** Refuses revisions that follow something which another revision has replaced already. */
function checkBases(records: readonly AnyRecord[], kept: readonly AnyRecord[]): void {
  const replaced = new Set(kept.map((record) => record.supersedes));
  const byEntity = groupBy(kept, (record) => record.entityId);
  const stale = records.flatMap((mine): Stale[] => {
    if (mine.supersedes === null || !replaced.has(mine.supersedes)) return [];
    const revisions = byEntity.get(mine.entityId) ?? [];
    const [theirs] = heads(revisions);
    const base = revisions.find((revision) => revision.id === mine.supersedes) ?? null;
    return theirs ? [{ mine, base, theirs }] : [];
  });
  if (stale.length > 0)
    refuse({ code: 'changed-since', message: say('errors.changedMeanwhile'), stale });
}

/** Refuses a new frame where another hangs already. */
function checkPlaces(records: readonly AnyRecord[], kept: readonly AnyRecord[]): void {
  const hanging = heads(kept).filter((head) => head.kind === 'frame' && !head.withdrawn);
  const taken = new Set(
    hanging.map((row) => (row.kind === 'frame' ? `${row.content.boxId} ${row.content.slot}` : '')),
  );
  for (const record of records) {
    if (record.kind !== 'frame' || record.supersedes !== null) continue;
    const { boxId, slot } = record.content;
    if (!taken.has(`${boxId} ${slot}`)) continue;
    refuse({
      code: 'place-taken',
      message: say('errors.frameLookedAt', { slot }),
    });
  }
}

/** Refuses a second lot of one code: a jar, a label and a recall find their lot by it. */
function checkCodes(records: readonly AnyRecord[], kept: readonly AnyRecord[]): void {
  const codes = new Map<string, string>();
  for (const lot of heads(kept)) {
    if (lot.kind === 'lot' && !lot.withdrawn) codes.set(lot.content.code, lot.entityId);
  }
  for (const record of records) {
    if (record.kind !== 'lot' || record.withdrawn) continue;
    const { code } = record.content;
    const holder = codes.get(code);
    const former = kept.find((row) => row.id === record.supersedes);
    const isKept = former?.kind === 'lot' && former.content.code === code;
    if (holder !== undefined && holder !== record.entityId && !isKept) {
      refuse({
        code: 'place-taken',
        message: say('errors.lotCodeTaken', { code }),
      });
    }
    codes.set(code, record.entityId);
  }
}

/**
 * Checks an append as a whole against what is kept; gives back what is to be written.
 *
 * @param kept - as `keptFor` finds it
 * @throws Refusal with the reason; nothing may be written then
 */
export function checkedAppend(
  records: readonly AnyRecord[],
  kept: readonly AnyRecord[],
  options: AppendOptions,
): readonly AnyRecord[] {
  const fresh = freshOf(records, kept);
  checkReferences(fresh, kept, options);
  if (options.as !== 'merge') {
    checkBases(fresh, kept);
    checkPlaces(fresh, kept);
    checkCodes(fresh, kept);
  }
  return fresh;
}
