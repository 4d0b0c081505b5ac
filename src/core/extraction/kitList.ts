import { requireInRange, requireFinite } from '../errors';
import type { MassEstimate } from '../mass/amountMass';

/** What is ordered or looked out ahead of an extraction. */
export const KIT_ITEMS = [
  'pails',
  'lids-of-pails',
  'jars',
  'lids-of-jars',
  'labels',
  'coarse-mesh',
  'fine-mesh',
  'uncapping-tool',
  'cloths',
] as const;
export type KitItem = (typeof KIT_ITEMS)[number];

/** What the honey will be put in. */
export interface KitQuestion {
  readonly honey: MassEstimate;
  readonly pailKg: number;
  /** honey in one jar [kg] */
  readonly jarKg: number;
  /** of all honey that goes into jars soon [1] */
  readonly jarredShare: number;
}

/** So many of an item, for what is likely and for the upper end. */
export interface KitNeed {
  readonly item: KitItem;
  readonly likely: number;
  /** enough in nineteen of twenty seasons like this */
  readonly enough: number;
}

/** One in so many jars breaks or is dirty [1]. @source common practice, no source */
const SPARE_JARS = 0.03;

/**
 * What is needed for the honey expected.
 *
 * @throws DomainError `out-of-range`
 * @source whole vessels; the upper end is 1.645 standard uncertainties up
 */
export function kitNeeds({ honey, pailKg, jarKg, jarredShare }: KitQuestion): KitNeed[] {
  requireFinite({ honey, pailKg, jarKg, jarredShare }, 'kitNeeds');
  const fn = 'kitNeeds';
  requireInRange(honey.massKg, [0, 1e6], { fn, param: 'honey.massKg', unit: 'kg' });
  requireInRange(pailKg, [0.5, 2000], { fn, param: 'pailKg', unit: 'kg' });
  requireInRange(jarKg, [0.01, 20], { fn, param: 'jarKg', unit: 'kg' });
  requireInRange(jarredShare, [0, 1], { fn, param: 'jarredShare', unit: '1' });
  const most = honey.massKg + 1.645 * honey.standardUncertaintyKg;
  const vessels = (kg: number, eachKg: number, spare: number): number =>
    Math.ceil((kg / eachKg) * (1 + spare) - 1e-9);
  const pails: [number, number] = [vessels(honey.massKg, pailKg, 0), vessels(most, pailKg, 0)];
  const jars: [number, number] = [
    vessels(honey.massKg * jarredShare, jarKg, SPARE_JARS),
    vessels(most * jarredShare, jarKg, SPARE_JARS),
  ];
  const one: [number, number] = honey.massKg > 0 ? [1, 1] : [0, 0];
  const numbers: Readonly<Record<KitItem, [number, number]>> = {
    pails,
    'lids-of-pails': pails,
    jars,
    'lids-of-jars': jars,
    labels: jars,
    'coarse-mesh': one,
    'fine-mesh': one,
    'uncapping-tool': one,
    cloths: one,
  };
  return KIT_ITEMS.map((item) => {
    const [likely, enough] = numbers[item];
    return { item, likely, enough };
  });
}

/**
 * Days before they are needed on which things are ordered, in the season when everybody orders.
 *
 * @source common practice, no source
 */
export const KIT_LEAD_DAYS: Readonly<Record<KitItem, number>> = {
  pails: 14,
  'lids-of-pails': 14,
  jars: 21,
  'lids-of-jars': 21,
  labels: 10,
  'coarse-mesh': 10,
  'fine-mesh': 10,
  'uncapping-tool': 10,
  cloths: 3,
};

/** What a stand-in costs, for the honey at hand. */
export interface StandInCost {
  /** more work than with the thing itself [h] */
  readonly hours: number;
  /** honey lost besides [kg] */
  readonly lossKg: number;
}

/** A frame yields about [kg]. @source common practice, no source */
export const USUAL_FRAME_KG = 1.6;

/** Uncapped with a bread knife, a frame takes longer by [min]. @source common practice, no source */
const BREAD_KNIFE_MINUTES = 1;

/** Honey goes through a kitchen sieve or a stocking more slowly than through a strainer, by [h/kg]. @source common practice, no source */
const SIEVE_HOURS_PER_KG = 1 / 40;

/** Honey that stays in cloth, or in the wax that a bread knife takes with it [1]. @source common practice, no source */
const CLOTH_LOSS = 0.01;
const BREAD_KNIFE_LOSS = 0.02;

/**
 * What a stand-in costs in time and honey, for what is sold out; null where it costs neither, or where
 * there is none worth its name.
 *
 * @param honeyKg - of the day [kg], 0 or more
 * @throws DomainError `out-of-range`
 * @source common practice, no source
 */
export function standInCost(item: KitItem, honeyKg: number): StandInCost | null {
  requireInRange(honeyKg, [0, 1e6], { fn: 'standInCost', param: 'honeyKg', unit: 'kg' });
  if (item === 'uncapping-tool') {
    const hours = ((honeyKg / USUAL_FRAME_KG) * BREAD_KNIFE_MINUTES) / 60;
    return { hours, lossKg: BREAD_KNIFE_LOSS * honeyKg };
  }
  const isMesh = item === 'coarse-mesh' || item === 'fine-mesh';
  if (!isMesh) return null;
  const lossKg = item === 'fine-mesh' ? CLOTH_LOSS * honeyKg : 0;
  return { hours: SIEVE_HOURS_PER_KG * honeyKg, lossKg };
}

/** A load of a small extractor, with filling, turning and emptying [min]. @source common practice, no source */
const LOAD_MINUTES = 12;

/**
 * Frames that an extractor has to hold so that all are spun in the time there is.
 *
 * @param frames - of the day, 0 or more
 * @param hours - of spinning, 0.5 to 48
 * @returns frames of one load
 * @throws DomainError `out-of-range`
 * @source a count of loads; minutes of a load: common practice, no source
 * @example extractorFrames(40, 4) // => 2
 */
export function extractorFrames(frames: number, hours: number): number {
  const fn = 'extractorFrames';
  requireInRange(frames, [0, 1e6], { fn, param: 'frames', unit: '1' });
  requireInRange(hours, [0.5, 48], { fn, param: 'hours', unit: 'h' });
  const loads = Math.max(1, Math.floor((60 * hours) / LOAD_MINUTES));
  return Math.ceil(frames / loads);
}
