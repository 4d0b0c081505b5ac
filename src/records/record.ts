import type { Links, Part, Reference } from './recordKind';
import { KINDS } from './registry';
import { z } from './zod';

type Kinds = typeof KINDS;
type SchemasOf<Ks extends readonly { readonly schema: unknown }[]> = {
  [At in keyof Ks]: Ks[At]['schema'];
};

/** Any stored revision, told apart by `kind`. */
export const recordSchema = z.discriminatedUnion(
  'kind',
  KINDS.map((kind) => kind.schema) as unknown as SchemasOf<Kinds>,
);
export type AnyRecord = z.infer<Kinds[number]['schema']>;
export type RecordKind = Kinds[number]['kind'];

/** A value of each kind. */
type ByKind<T> = Readonly<Record<RecordKind, T>>;

const byKind = <T>(valueOf: (kind: Kinds[number]) => T): ByKind<T> =>
  Object.fromEntries(KINDS.map((kind) => [kind.kind, valueOf(kind)])) as ByKind<T>;

/** What is said of a kind, seen without its own types. */
export interface KindFacts {
  readonly table: string;
  readonly since: number;
  readonly owner: RecordKind | null;
  readonly part: Part | null;
  readonly indexes?: Readonly<Record<number, string>>;
  readonly refers?: (content: never) => Reference[];
  readonly chain?: (record: never) => Links;
  readonly follows?: (content: never) => readonly (string | null)[];
}

/** Everything about each kind besides its schema. */
export const KIND_FACTS: ByKind<KindFacts> = byKind((item): KindFacts => item);

/**
 * What a record of each kind belongs to: records of one owner are read together. `null`: itself.
 */
export const OWNER_KINDS: ByKind<RecordKind | null> = byKind((item) => item.owner);

export const RECORD_KINDS: readonly RecordKind[] = KINDS.map((kind) => kind.kind);

type KindOfPart<P extends Part> = Extract<Kinds[number], { readonly part: P }>['kind'];

const partOf = <P extends Part>(part: P): readonly KindOfPart<P>[] =>
  KINDS.filter((kind) => kind.part === part).map((kind) => kind.kind as KindOfPart<P>);

/** Everything about a lot. */
export const LOT_KINDS = partOf('lot');

/** What changes slowly and is small: places, hives, boxes, flows, what was given, days, own kinds, meters. */
export const BOOK_KINDS: readonly RecordKind[] = partOf('book');

/** Everything about rooms in which combs dry. */
export const WARM_ROOM_KINDS: readonly RecordKind[] = partOf('warm-room');

/** Everything about days at the extraction line, with tools and stock. */
export const EXTRACTION_KINDS: readonly RecordKind[] = partOf('extraction');

/** Blends with what was poured. */
export const BLEND_KINDS: readonly RecordKind[] = partOf('blend');

type RecordsByKind = { readonly [R in AnyRecord as R['kind']]: R };

/** The revision type of a kind. */
export type RecordOf<K extends RecordKind> = RecordsByKind[K];

/** The content type of a kind. */
export type ContentOf<K extends RecordKind> = RecordOf<K>['content'];

/** A revision of a lot or of what belongs to it. */
export type LotRecord = RecordOf<(typeof LOT_KINDS)[number]>;

export function isLotRecord(record: AnyRecord): record is LotRecord {
  return (LOT_KINDS as readonly RecordKind[]).includes(record.kind);
}
