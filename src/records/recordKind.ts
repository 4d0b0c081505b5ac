import { envelopeShape, type Envelope } from './envelope';
import { z } from './zod';

/** What a record names besides its owner: where in it, which entity, of which kind. */
export interface Reference {
  readonly path: string;
  readonly id: string | null;
  readonly kind: string;
}

/** References of a list. */
export const each = (path: string, ids: readonly string[], kind: string): Reference[] =>
  ids.map((id, at) => ({ path: `${path}[${at}]`, id, kind }));

/** How a revision comes into the chain of a lot. */
export interface Links {
  /** it belongs once one of these is followed */
  readonly anchors: readonly (string | null)[];
  /** what is followed once it belongs, its own entity besides */
  readonly follows: readonly (string | null)[];
}

/** A record as its kind sees it. */
interface Held<C> extends Envelope {
  readonly content: C;
}

/** What is read together: all of a lot, the book of hives and meters, rooms, the line, blends. */
export type Part = 'lot' | 'book' | 'warm-room' | 'extraction' | 'blend';

/** Everything there is to say about a kind of record, in one place. */
export interface KindDefinition<
  K extends string,
  C extends z.core.$ZodType,
  O extends string | null,
  P extends Part | null,
> {
  readonly kind: K;
  /** of the database */
  readonly table: string;
  /** version of the database that it came with */
  readonly since: 1 | 2 | 3 | 4 | 5 | 6 | 7 | 8 | 9 | 10 | 11;
  /** what a record belongs to: records of one owner are read together; null: itself */
  readonly owner: O;
  readonly part: P;
  readonly content: C;
  /** indexes beyond those of every table, by the version of the database that they came with */
  readonly indexes?: Readonly<Record<number, string>>;
  /** entities named in it; they must be there, and of that kind */
  readonly refers?: (content: z.infer<C>) => Reference[];
  /** how it comes into the chain of a lot; none: it does not, or, as part of a lot, with its owner */
  readonly chain?: (record: Held<z.infer<C>>) => Links;
  /** of a part of a lot: what else is followed with it */
  readonly follows?: (content: z.infer<C>) => readonly (string | null)[];
}

/** A kind of record with the schema of its revisions. */
export function recordKind<
  const K extends string,
  C extends z.core.$ZodType,
  const O extends string | null,
  const P extends Part | null,
>(definition: KindDefinition<K, C, O, P>) {
  const { kind, content } = definition;
  return { ...definition, schema: z.object({ ...envelopeShape, kind: z.literal(kind), content }) };
}

/** A revision of a kind. */
export type RevisionOf<D extends { readonly schema: unknown }> = z.infer<D['schema']>;
