import { groupBy } from '../../core';
import { canonicalText } from './digest';
import { heads } from '../heads';
import type { AnyRecord } from '../record';

/** What happens to one entity when records are brought in. */
export interface MergeEffect {
  readonly what: 'added' | 'replaced' | 'removed' | 'returned';
  /** what held before; null where there was nothing */
  readonly before: AnyRecord | null;
  /** what holds afterwards */
  readonly after: AnyRecord;
}

function effectOf(before: AnyRecord | null, after: AnyRecord): MergeEffect['what'] | null {
  if (!before) return after.withdrawn ? null : 'added';
  if (before.withdrawn !== after.withdrawn) return after.withdrawn ? 'removed' : 'returned';
  if (after.withdrawn) return null;
  return canonicalText(before.content) === canonicalText(after.content) ? null : 'replaced';
}

/**
 * What holds otherwise once some revisions are brought in, entity by entity.
 *
 * @param kept - every revision that is here already of the entities that they belong to
 */
export function mergeEffects(
  kept: readonly AnyRecord[],
  fresh: readonly AnyRecord[],
): MergeEffect[] {
  const keptOf = groupBy(kept, (record) => record.entityId);
  return [...groupBy(fresh, (record) => record.entityId)].flatMap(
    ([entityId, own]): MergeEffect[] => {
      const here = keptOf.get(entityId) ?? [];
      const before = heads(here)[0] ?? null;
      const after = heads([...here, ...own])[0];
      const what = after && effectOf(before, after);
      return what ? [{ what, before, after }] : [];
    },
  );
}
