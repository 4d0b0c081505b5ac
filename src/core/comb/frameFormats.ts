/** A kind of frame, with what the mass model needs of it. */
export interface FrameFormat {
  readonly id: string;
  readonly name: string;
  /** comb of one side, inside the wood [dm²] */
  readonly areaDm2: number;
  /** frame with drawn, empty comb [kg] */
  readonly frameTareKg: number;
  /** empty box without frames [kg] */
  readonly boxTareKg: number;
}

/** Standard uncertainty of a frame's tare, as a share of it: old comb is heavy [1]. @source common practice, no source */
export const TARE_RELATIVE_UNCERTAINTY = 0.15;

/**
 * Common frames. Areas of the first three from the handbook's practice rows, the others from outer
 * measures less wood; tares rounded. All recalled from memory, all to be replaced by one's own where
 * they differ.
 *
 * @source common practice, no source
 */
export const FRAME_FORMATS: readonly FrameFormat[] = [
  { id: 'langstroth-deep', name: 'Langstroth deep', areaDm2: 8.7, frameTareKg: 0.45, boxTareKg: 4 },
  {
    id: 'langstroth-medium',
    name: 'Langstroth medium',
    areaDm2: 5.9,
    frameTareKg: 0.34,
    boxTareKg: 3,
  },
  {
    id: 'langstroth-shallow',
    name: 'Langstroth shallow',
    areaDm2: 5,
    frameTareKg: 0.3,
    boxTareKg: 2.6,
  },
  { id: 'dadant-brood', name: 'Dadant brood', areaDm2: 11.2, frameTareKg: 0.55, boxTareKg: 5 },
  { id: 'dadant-super', name: 'Dadant half', areaDm2: 5.6, frameTareKg: 0.33, boxTareKg: 3 },
  { id: 'bs-deep', name: 'British Standard deep', areaDm2: 6.4, frameTareKg: 0.38, boxTareKg: 3.5 },
  {
    id: 'bs-shallow',
    name: 'British Standard shallow',
    areaDm2: 4,
    frameTareKg: 0.27,
    boxTareKg: 2.5,
  },
  { id: 'dnm', name: 'Deutsch Normal', areaDm2: 7.4, frameTareKg: 0.4, boxTareKg: 3 },
  { id: 'zander', name: 'Zander', areaDm2: 8, frameTareKg: 0.42, boxTareKg: 3.3 },
  { id: 'zander-flat', name: 'Zander flat', areaDm2: 5.5, frameTareKg: 0.32, boxTareKg: 2.6 },
  { id: 'warre', name: 'Warré', areaDm2: 5.4, frameTareKg: 0.25, boxTareKg: 2.5 },
];

export const DEFAULT_FORMAT_ID = 'langstroth-medium';
