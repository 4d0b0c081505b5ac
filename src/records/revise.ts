import type { Envelope } from './envelope';
import { SCHEMA_VERSION } from './envelope';
import type { AnyRecord, ContentOf, RecordKind, RecordOf } from './record';

/** Where new revisions get identifiers, time and author from; passed in, so that tests repeat. */
export interface Scribe {
  newId(): string;
  now(): string;
  readonly author: string;
}

function envelope(scribe: Scribe, place: Pick<Envelope, 'entityId' | 'ownerId'>): Envelope {
  return {
    id: scribe.newId(),
    entityId: place.entityId,
    ownerId: place.ownerId,
    schemaVersion: SCHEMA_VERSION,
    recordedAt: scribe.now(),
    author: scribe.author,
    supersedes: null,
    reason: null,
    withdrawn: false,
  };
}

/** The first revision of a new entity. Without an owner it belongs to itself. */
export function firstRevision<K extends RecordKind>(
  scribe: Scribe,
  kind: K,
  content: ContentOf<K>,
  ownerId?: string,
): RecordOf<K> {
  const entityId = scribe.newId();
  return {
    ...envelope(scribe, { entityId, ownerId: ownerId ?? entityId }),
    kind,
    content,
  } as RecordOf<K>;
}

/** What a later revision changes. */
export interface Change<T extends AnyRecord> {
  readonly content?: T['content'];
  readonly withdrawn?: boolean;
  readonly reason: string;
}

/** The next revision of an entity; the former stays as it is. */
export function nextRevision<T extends AnyRecord>(scribe: Scribe, former: T, change: Change<T>): T {
  return {
    ...former,
    ...envelope(scribe, former),
    supersedes: former.id,
    reason: change.reason,
    withdrawn: change.withdrawn ?? false,
    content: change.content ?? former.content,
  };
}

/** What an entry of the book is: of which kind, which revision it follows, what it belongs to. */
export interface Entry<K extends RecordKind> {
  readonly kind: K;
  /** null for a new entry */
  readonly former: RecordOf<K> | null;
  readonly ownerId?: string | undefined;
}

/** The first revision of a new entry, or the next of one that is there. */
export function entryRevision<K extends RecordKind>(
  scribe: Scribe,
  { kind, former, ownerId }: Entry<K>,
  content: ContentOf<K>,
): RecordOf<K> {
  if (!former) return firstRevision(scribe, kind, content, ownerId);
  const next = nextRevision<AnyRecord>(scribe, former, { reason: 'More is known now' });
  return { ...next, content } as RecordOf<K>;
}
