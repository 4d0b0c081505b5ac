/**
 * The same function of two things, answering at once where it was asked before about the second one: a
 * ruling asks the same of its belief many times over, and neither ever changes.
 *
 * @param find - whose answer depends on nothing but its arguments, the first of which belongs to the second
 */
export function rememberedBy<A, K extends object, T>(
  find: (of: A, key: K) => T,
): (of: A, key: K) => T {
  const known = new WeakMap<K, { readonly of: A; readonly value: T }>();
  return (of, key) => {
    const before = known.get(key);
    if (before && before.of === of) return before.value;
    const value = find(of, key);
    known.set(key, { of, value });
    return value;
  };
}
