import { checkedRecord } from './checked';
import { canonicalText } from './exchange/digest';
import type { AnyRecord } from './record';

/** A revision that was made from something which no longer holds: another tab was quicker. */
export interface Stale {
  readonly mine: AnyRecord;
  /** what mine was made from; null where it did not exist yet */
  readonly base: AnyRecord | null;
  /** what holds now */
  readonly theirs: AnyRecord;
}

type Fields = Readonly<Record<string, unknown>>;

const isFields = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

const same = (a: unknown, b: unknown): boolean =>
  canonicalText([a ?? null]) === canonicalText([b ?? null]);

/** Three versions of one value, put together; null where mine and theirs both changed it otherwise. */
function mergedValue(base: unknown, mine: unknown, theirs: unknown): { value: unknown } | null {
  if (same(mine, theirs) || same(mine, base)) return { value: theirs };
  if (same(theirs, base)) return { value: mine };
  if (!isFields(mine) || !isFields(theirs) || !isFields(base)) return null;
  const merged: Record<string, unknown> = {};
  for (const key of new Set([...Object.keys(theirs), ...Object.keys(mine)])) {
    const part = mergedValue(base[key], mine[key], theirs[key]);
    if (!part) return null;
    merged[key] = part.value;
  }
  return { value: merged };
}

/**
 * My revision on top of theirs, field by field; null where both say different things of one field, or
 * where one removed what the other changed, or where both together make no sense: then a person has to
 * choose.
 */
export function mergedRevision({ mine, base, theirs }: Stale): AnyRecord | null {
  if (!base || mine.withdrawn !== theirs.withdrawn) return null;
  const merged = mergedValue(base.content, mine.content, theirs.content);
  const together = merged && onTopOf(mine, theirs, merged.value as AnyRecord['content']);
  return together && checkedRecord(together).ok ? together : null;
}

/** A revision with some content that replaces what holds now. */
export function onTopOf<T extends AnyRecord>(
  mine: T,
  theirs: AnyRecord,
  content: AnyRecord['content'] = mine.content,
): T {
  return { ...mine, supersedes: theirs.id, content };
}
