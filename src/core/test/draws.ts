/** Whether this run is the long one. */
export const drawsMany = process.env['RIPENUM_DRAWS'] === 'many';

/** How often a test draws: few in every run, the many under `npm run jest:many`. */
export const draws = (quickTake: number, many: number): number => (drawsMany ? many : quickTake);
