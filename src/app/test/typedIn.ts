/** A form in which some fields were typed anew, by their paths: `machine.has`, `looks.0`. */
export function typedIn<F extends object>(form: F, texts: Readonly<Record<string, unknown>>): F {
  const copy = structuredClone(form);
  for (const [path, text] of Object.entries(texts)) {
    const steps = path.split('.');
    const last = steps.pop() ?? path;
    let place = copy as Record<string, unknown>;
    for (const step of steps) place = place[step] as Record<string, unknown>;
    if (!(last in place)) throw new Error(`the form has no field ${path}`);
    place[last] = text;
  }
  return copy;
}
