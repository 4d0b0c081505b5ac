/** Between what it lies, and the likeliest [unit of the quantity]. */
export interface HeatBand {
  readonly low: number;
  readonly likely: number;
  readonly high: number;
}

/** A honey before it was warmed: HMF [mg/kg] and diastase [Schade units], each with its band. */
export interface HeatStart {
  readonly hmf: HeatBand;
  readonly diastase: HeatBand;
  /** how fast HMF forms in its kind against the tables [1]; 1 where not there */
  readonly hmfPace?: number;
}

/** Kinds of honey that differ in what they start with and how they age. */
export const AGEING_KINDS = ['blossom', 'honeydew', 'heather', 'low-enzyme'] as const;
export type AgeingKind = (typeof AGEING_KINDS)[number];

/**
 * Honey fresh from the comb where no laboratory looked: HMF, diastase, and how fast HMF forms against
 * the tables (honeydew is less acid, so slower). Data, to be replaced by own reports.
 *
 * @source common practice, no source; not verified
 */
export const FRESH_BY_KIND: Readonly<Record<AgeingKind, HeatStart>> = {
  blossom: {
    hmf: { low: 0, likely: 2, high: 6 },
    diastase: { low: 10, likely: 18, high: 30 },
    hmfPace: 1,
  },
  honeydew: {
    hmf: { low: 0, likely: 2, high: 6 },
    diastase: { low: 13, likely: 22, high: 35 },
    hmfPace: 0.8,
  },
  heather: {
    hmf: { low: 0, likely: 2, high: 6 },
    diastase: { low: 13, likely: 22, high: 35 },
    hmfPace: 1,
  },
  'low-enzyme': {
    hmf: { low: 0, likely: 2, high: 6 },
    diastase: { low: 4, likely: 7, high: 12 },
    hmfPace: 1.2,
  },
};
