/** How often a test draws: few in every run, the many under `npm run jest:many`. */
export const draws = (few: number, many: number): number =>
  process.env['RIPENUM_DRAWS'] === 'many' ? many : few;
