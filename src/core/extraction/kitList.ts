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
