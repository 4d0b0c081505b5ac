import { requireInRange } from '../errors';

/** From here on honey is in danger whatever its yeast count [% moisture]. @source Lochhead (1933), recalled from memory */
export const IN_DANGER_FROM_PERCENT = 20;

/** Names of the fermentation classes, from safest to most in danger. */
export const FERMENTATION_CLASS_IDS = [
  'safe',
  'under-1000',
  'under-10',
  'under-1',
  'always-in-danger',
] as const;
export type FermentationClassId = (typeof FERMENTATION_CLASS_IDS)[number];

/** A class of moisture and the yeast count below which honey of it is safe for about a year. */
export interface FermentationClass {
  readonly id: FermentationClassId;
  /** upper edge, inclusive [% moisture] */
  readonly upToPercent: number;
  /** safe below this count [cells/g]; Infinity: whatever the count, 0: never */
  readonly safeBelowYeastPerG: number;
}

/** Classes without gaps. @source Lochhead (1933), recalled from memory */
export const FERMENTATION_CLASSES: readonly [FermentationClass, ...FermentationClass[]] = [
  { id: 'safe', upToPercent: 17.1, safeBelowYeastPerG: Infinity },
  { id: 'under-1000', upToPercent: 18, safeBelowYeastPerG: 1000 },
  { id: 'under-10', upToPercent: 19, safeBelowYeastPerG: 10 },
  { id: 'under-1', upToPercent: IN_DANGER_FROM_PERCENT, safeBelowYeastPerG: 1 },
  { id: 'always-in-danger', upToPercent: Infinity, safeBelowYeastPerG: 0 },
];

/**
 * Fermentation class of honey by its moisture. A class, not a rate.
 *
 * @param moisturePercent - [% by mass], 0..100; of the liquid part where the honey granulated
 * @returns the class whose upper edge the moisture does not pass
 * @throws DomainError `out-of-range`
 * @source Lochhead (1933), recalled from memory
 */
export function fermentationClass(moisturePercent: number): FermentationClass {
  const place = { fn: 'fermentationClass', param: 'moisturePercent', unit: '%' };
  requireInRange(moisturePercent, [0, 100], place);
  const found = FERMENTATION_CLASSES.find((item) => moisturePercent <= item.upToPercent);
  return found ?? FERMENTATION_CLASSES[0];
}

/**
 * Whether honey is called safe for about a year; an unknown yeast count counts as the worst.
 *
 * @param moisturePercent - [% by mass]
 * @param yeastPerG - [cells/g], null where not counted
 * @throws DomainError `out-of-range`
 * @source Lochhead (1933), recalled from memory
 */
export function isSafeFromFermentation(moisturePercent: number, yeastPerG: number | null): boolean {
  return (yeastPerG ?? Number.MAX_VALUE) < fermentationClass(moisturePercent).safeBelowYeastPerG;
}
