/**
 * The same function, answering at once where it was asked before about the same thing: an index of a list
 * that never changes is made once and not for each that looks into it.
 *
 * @param find - whose answer depends on nothing but its argument
 */
export function foundOnce<K extends object, T>(find: (of: K) => T): (of: K) => T {
  const known = new WeakMap<K, { readonly value: T }>();
  return (of) => {
    const before = known.get(of);
    if (before) return before.value;
    const value = find(of);
    known.set(of, { value });
    return value;
  };
}
