import { groupBy } from '../../core';
import { canonicalText } from './digest';
import { inOrder } from '../heads';
import type { AnyRecord } from '../record';

/** Revisions of one entity that both replaced what was there before: two truths, of which one holds. */
export interface Rivalry {
  readonly kind: AnyRecord['kind'];
  readonly entityId: string;
  readonly ownerId: string;
  /** what both replaced; null where it is not there */
  readonly former: AnyRecord | null;
  /** oldest first; the last one holds until somebody chooses */
  readonly rivals: readonly AnyRecord[];
}

/** Revisions that no other replaces, and that nobody chose against. */
function standing(revisions: readonly AnyRecord[], settled: ReadonlySet<string>): AnyRecord[] {
  const replaced = new Set(revisions.map((revision) => revision.supersedes));
  return inOrder(revisions).filter(
    (revision) => !replaced.has(revision.id) && !settled.has(revision.id),
  );
}

const sayTheSame = (rivals: readonly AnyRecord[]): boolean =>
  new Set(rivals.map((rival) => `${rival.withdrawn} ${canonicalText(rival.content)}`)).size === 1;

/** Everything of which two revisions say different things, and nobody has chosen yet. */
export function rivalriesOf(records: readonly AnyRecord[]): Rivalry[] {
  const settled = new Set(
    records.flatMap((record) => (record.kind === 'merge-choice' ? record.content.against : [])),
  );
  const byEntity = groupBy(records, (record) => record.entityId);
  return [...byEntity.values()].flatMap((revisions): Rivalry[] => {
    const rivals = standing(revisions, settled);
    const [first] = rivals;
    if (!first || rivals.length < 2 || sayTheSame(rivals)) return [];
    const former = revisions.find((revision) => revision.id === first.supersedes) ?? null;
    return [{ kind: first.kind, entityId: first.entityId, ownerId: first.ownerId, former, rivals }];
  });
}

/** A field in which rivals differ, with what each says. */
export interface Difference {
  readonly path: string;
  /** as each has it; undefined where it has none */
  readonly values: readonly unknown[];
}

function leaves(value: unknown, path: string, into: Map<string, unknown>): void {
  if (typeof value === 'object' && value !== null) {
    for (const [key, inner] of Object.entries(value)) {
      leaves(inner, path === '' ? key : `${path}.${key}`, into);
    }
    return;
  }
  into.set(path, value);
}

/** The fields in which some contents differ; a field that one has not is empty there. */
export function differencesOf(contents: readonly unknown[]): Difference[] {
  const flat = contents.map((content) => {
    const into = new Map<string, unknown>();
    leaves(content, '', into);
    return into;
  });
  const paths = [...new Set(flat.flatMap((item) => [...item.keys()]))];
  return paths
    .map((path) => ({ path, values: flat.map((item) => item.get(path)) }))
    .filter(({ values }) => new Set(values.map((value) => value ?? '')).size > 1);
}
