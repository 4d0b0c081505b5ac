/** The steps of a path such as `pours[2].kg` or `pours.2.kg`. */
export const pathSteps = (path: string): (string | number)[] =>
  path
    .replaceAll(/\[(\d+)\]/g, '.$1')
    .split('.')
    .map((step) => (/^\d+$/.test(step) ? Number(step) : step));
