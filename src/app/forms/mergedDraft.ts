type Fields = Readonly<Record<string, unknown>>;

const isFields = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Whether a value that was typed can stand where another one stands by default. */
function fits(value: unknown, usual: unknown): boolean {
  if (usual === null) return !isFields(value) || value === null;
  return value === null ? false : typeof value === typeof usual;
}

/**
 * What was typed, over the defaults of a form as it is now: fields that the form has no longer are
 * left out, those that it has got since stand at their default, so that a draft of an older shape never
 * hides or breaks a form.
 */
export function mergedDraft<T>(usual: T, kept: unknown): T {
  if (Array.isArray(usual)) {
    if (!Array.isArray(kept)) return usual;
    const [pattern] = usual as unknown[];
    if (!isFields(pattern)) return kept as T;
    return kept.map((item) => mergedDraft(pattern, item)) as T;
  }
  if (isFields(usual)) {
    if (!isFields(kept)) return usual;
    const keys = Object.keys(usual);
    if (keys.length === 0) return kept as T;
    const merged = keys.map((key) => [
      key,
      key in kept ? mergedDraft(usual[key], kept[key]) : usual[key],
    ]);
    return Object.fromEntries(merged) as T;
  }
  if (usual === null && isFields(kept)) return kept as T;
  return fits(kept, usual) ? (kept as T) : usual;
}
