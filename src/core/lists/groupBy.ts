/**
 * Items by what they have in common, in the order in which each key comes first.
 *
 * @param keyOf - what an item has in common with others; compared as a key of a `Map`
 * @source none: a list is parted, nothing is computed
 */
export function groupBy<T, K>(items: readonly T[], keyOf: (item: T) => K): Map<K, T[]> {
  const groups = new Map<K, T[]>();
  for (const item of items) {
    const key = keyOf(item);
    const own = groups.get(key);
    if (own) own.push(item);
    else groups.set(key, [item]);
  }
  return groups;
}
