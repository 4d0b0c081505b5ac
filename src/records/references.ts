import { KIND_FACTS, OWNER_KINDS, type AnyRecord, type RecordKind } from './record';
import type { Reference } from './recordKind';
import { say, type Message } from '../core';

/** All entities that a record refers to. */
function referencesOf({ kind, content }: AnyRecord): Reference[] {
  return KIND_FACTS[kind].refers?.(content as never) ?? [];
}

/** Something wrong with how revisions refer to each other. */
export interface BrokenReference {
  readonly path: string;
  readonly message: Message;
  /** true: a former version is missing, but this one says everything by itself */
  readonly gap?: true;
}

/** Where the revisions and entities are found that others refer to. */
export interface Referred {
  revision(id: string): Pick<AnyRecord, 'entityId' | 'kind'> | undefined;
  entity(id: string): Pick<AnyRecord, 'kind' | 'ownerId'> | undefined;
}

function ownerTrouble(record: AnyRecord, owner: Pick<AnyRecord, 'kind'> | undefined) {
  const kind = OWNER_KINDS[record.kind];
  if (kind === null) {
    return record.ownerId === record.entityId
      ? null
      : say('errors.belongsToItself', { kind: record.kind });
  }
  return owner?.kind === kind ? null : say('errors.isNotThere', { kind });
}

/** What is wrong with what one record refers to. */
export function referenceTroubles(record: AnyRecord, referred: Referred): BrokenReference[] {
  const found: BrokenReference[] = [];
  const note = (path: string, message: Message | null): void => {
    if (message !== null) found.push({ path, message });
  };
  note('ownerId', ownerTrouble(record, referred.entity(record.ownerId)));
  if (record.supersedes !== null) {
    const former = referred.revision(record.supersedes);
    const path = 'supersedes';
    if (!former) found.push({ path, message: say('errors.replacedMissing'), gap: true });
    else if (former.entityId !== record.entityId || former.kind !== record.kind) {
      note(path, say('errors.replacesOther'));
    }
  }
  for (const { path, id, kind } of referencesOf(record)) {
    if (id === null) continue;
    const named = referred.entity(id);
    const foreign = kind === 'container' && named?.ownerId !== record.ownerId;
    const there = named?.kind === kind && !foreign;
    note(`content.${path}`, there ? null : say('errors.isNotThere', { kind }));
  }
  return found;
}

/** All ids that some records refer to: revisions by kind, entities by the kind they are to be of. */
export function referredIds(records: readonly AnyRecord[]): {
  readonly revisions: ReadonlyMap<RecordKind, ReadonlySet<string>>;
  readonly entities: ReadonlyMap<RecordKind, ReadonlySet<string>>;
} {
  const revisions = new Map<RecordKind, Set<string>>();
  const entities = new Map<RecordKind, Set<string>>();
  const note = (into: Map<RecordKind, Set<string>>, kind: RecordKind, id: string | null): void => {
    if (id === null) return;
    const known = into.get(kind);
    if (known) known.add(id);
    else into.set(kind, new Set([id]));
  };
  for (const record of records) {
    note(revisions, record.kind, record.supersedes);
    const owner = OWNER_KINDS[record.kind];
    if (owner !== null) note(entities, owner, record.ownerId);
    for (const { id, kind } of referencesOf(record)) note(entities, kind as RecordKind, id);
  }
  return { revisions, entities };
}

/** Looks references up among some records. */
export function referredIn(records: readonly AnyRecord[]): Referred {
  const ids = new Map(records.map((record) => [record.id, record]));
  const entities = new Map(records.map((record) => [record.entityId, record]));
  return { revision: (id) => ids.get(id), entity: (id) => entities.get(id) };
}

/** What is wrong with how the revisions of a file refer to each other. */
export function brokenReferences(records: readonly AnyRecord[]): BrokenReference[] {
  const referred = referredIn(records);
  const seen = new Set<string>();
  return records.flatMap((record, at) => {
    const found = referenceTroubles(record, referred);
    if (seen.has(record.id)) {
      found.unshift({ path: 'id', message: say('errors.twiceInFile') });
    }
    seen.add(record.id);
    return found.map((brokenReference) => ({
      ...brokenReference,
      path: `records[${at}].${brokenReference.path}`,
    }));
  });
}
