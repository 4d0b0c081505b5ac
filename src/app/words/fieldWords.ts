/** A place in a record as words: `amount.massKg` as "Amount, mass kg", `inAt` as "In at". */
export function fieldWords(path: readonly (string | number)[]): string {
  const parts = path.map((one) =>
    typeof one === 'number' ? String(one + 1) : one.replaceAll(/([A-Z])/g, ' $1').toLowerCase(),
  );
  const words = parts.join(', ');
  return words.charAt(0).toUpperCase() + words.slice(1);
}

/** The steps of a path such as `pours[2].kg` or `pours.2.kg`. */
export const pathSteps = (path: string): (string | number)[] =>
  path
    .replaceAll(/\[(\d+)\]/g, '.$1')
    .split('.')
    .map((one) => (/^\d+$/.test(one) ? Number(one) : one));
