import type { LotFile } from '../../model';

/** The texts by which a lot is found. */
export const lotTexts = ({ lot: { content } }: Pick<LotFile, 'lot'>): string[] => [
  content.name,
  content.code,
  content.plant,
  content.origin,
];
