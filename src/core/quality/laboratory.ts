import {
  conformityDecision,
  conformityProbability,
  type LimitSide,
} from '../conformity/conformity';
import { type Message, type MessageValue, say } from '../message/message';

/** Kinds of honey by where the bees found it, as composition rules tell them apart. */
export const HONEY_CATEGORIES = ['blossom', 'honeydew', 'blend'] as const;
export type HoneyCategory = (typeof HONEY_CATEGORIES)[number];

/** Claims that change a limit. */
export const HONEY_CLAIMS = ['tropical-origin', 'low-enzyme', 'conductivity-exempt'] as const;
export type HoneyClaim = (typeof HONEY_CLAIMS)[number];

/** Quantities of a laboratory report. */
export const LAB_QUANTITIES = [
  'karlFischerPercent',
  'refractometerPercent',
  'yeastPerG',
  'hmfMgPerKg',
  'diastaseSchade',
  'fructosePercent',
  'glucosePercent',
  'sucrosePercent',
  'conductivityMsPerCm',
  'insolublePercent',
] as const;
export type LabQuantity = (typeof LAB_QUANTITIES)[number];

/** A value of a laboratory with its expanded uncertainty (k = 2), null where it states none. */
export interface LabValue {
  readonly value: number;
  readonly expanded: number | null;
}

/** Latest laboratory values of a lot, as the rules see them. */
export interface LabEvidence {
  readonly values: Partial<Record<LabQuantity, LabValue>>;
  /** whose they are and of which day, as printed */
  readonly from: string;
  /** the sample was taken before something happened to the honey: its water is history */
  readonly waterIsEarlier?: boolean;
}

/** Methods by which laboratories find water, the one that counts first. */
export const LAB_WATER_METHODS = ['karlFischerPercent', 'refractometerPercent'] as const;

/** What a laboratory found of the water of a lot. */
export interface LabWater {
  readonly by: (typeof LAB_WATER_METHODS)[number];
  readonly percent: number;
  /** expanded, k = 2 [%] */
  readonly expanded: number;
}

/** Expanded uncertainty of a laboratory that states none [% water]. @source common practice, no source */
const UNSTATED_WATER_PERCENT = 0.4;

/** Water by a laboratory, Karl Fischer before refractometer; null where it found none, or long ago. */
export function labWater(lab: LabEvidence | undefined): LabWater | null {
  if (!lab || lab.waterIsEarlier) return null;
  const by = LAB_WATER_METHODS.find((labWaterMethod) => lab.values[labWaterMethod] !== undefined);
  const value = by && lab.values[by];
  if (!value) return null;
  return { by, percent: value.value, expanded: value.expanded ?? UNSTATED_WATER_PERCENT };
}

/** What values a report may hold [unit of each quantity]. */
export const LAB_RANGES: Readonly<Record<LabQuantity, readonly [number, number]>> = {
  karlFischerPercent: [10, 35],
  refractometerPercent: [10, 35],
  yeastPerG: [0, 1e9],
  hmfMgPerKg: [0, 2000],
  diastaseSchade: [0, 100],
  fructosePercent: [0, 70],
  glucosePercent: [0, 70],
  sucrosePercent: [0, 40],
  conductivityMsPerCm: [0.01, 5],
  insolublePercent: [0, 5],
};

/** A limit of composition. */
interface Limit {
  readonly id: string;
  readonly name: Message;
  readonly unit: MessageValue;
  readonly side: LimitSide;
  readonly limit: number;
  readonly value: (lab: LabEvidence) => LabValue | null;
}

const one =
  (quantity: LabQuantity) =>
  (lab: LabEvidence): LabValue | null =>
    lab.values[quantity] ?? null;

/** Fructose and glucose together; their uncertainties in quadrature. */
export function reducingSugars(lab: LabEvidence): LabValue | null {
  const { fructosePercent, glucosePercent } = lab.values;
  if (!fructosePercent || !glucosePercent) return null;
  const stated = [fructosePercent.expanded, glucosePercent.expanded];
  return {
    value: fructosePercent.value + glucosePercent.value,
    expanded: stated.includes(null) ? null : Math.hypot(...stated.map((each) => each ?? 0)),
  };
}

/** What the lot says of itself, as far as limits depend on it. */
export interface Claimed {
  readonly category: HoneyCategory | null;
  readonly claims: readonly HoneyClaim[];
}

/**
 * Limits of composition besides moisture.
 *
 * @source Codex CXS 12-1981 and EU 2001/110/EC, recalled from memory
 */
export const COMPOSITION = {
  hmfMgPerKg: 40,
  hmfTropicalMgPerKg: 80,
  diastaseSchade: 8,
  diastaseLowEnzymeSchade: 3,
  hmfLowEnzymeMgPerKg: 15,
  sugarsBlossomPercent: 60,
  sugarsHoneydewPercent: 45,
  sucrosePercent: 5,
  conductivityMsPerCm: 0.8,
  insolublePercent: 0.1,
} as const;

/** HMF at most [mg/kg], by what is claimed of the honey. */
export function hmfLimit(claims: readonly HoneyClaim[]): number {
  if (claims.includes('low-enzyme')) return COMPOSITION.hmfLowEnzymeMgPerKg;
  return claims.includes('tropical-origin')
    ? COMPOSITION.hmfTropicalMgPerKg
    : COMPOSITION.hmfMgPerKg;
}

/** Diastase at least [Schade units], by what is claimed of the honey. */
export const diastaseLimit = (claims: readonly HoneyClaim[]): number =>
  claims.includes('low-enzyme') ? COMPOSITION.diastaseLowEnzymeSchade : COMPOSITION.diastaseSchade;

function conductivityLimit({ category, claims }: Claimed): Limit[] {
  if (category === null || category === 'blend' || claims.includes('conductivity-exempt'))
    return [];
  const side = category === 'blossom' ? 'upper' : 'lower';
  const name = say('rules.conductivityAsHoney', { category });
  const value = one('conductivityMsPerCm');
  const limit = COMPOSITION.conductivityMsPerCm;
  return [{ id: 'conductivity', name, unit: 'mS/cm', side, limit, value }];
}

/** The limits in force for a lot. */
function limitsFor(claimed: Claimed): Limit[] {
  const { category, claims } = claimed;
  const sugars =
    category === null || category === 'blossom'
      ? COMPOSITION.sugarsBlossomPercent
      : COMPOSITION.sugarsHoneydewPercent;
  return [
    {
      id: 'hmf',
      name: say('rules.hmf'),
      unit: 'mg/kg',
      side: 'upper',
      limit: hmfLimit(claims),
      value: one('hmfMgPerKg'),
    },
    {
      id: 'diastase',
      name: say('rules.diastase'),
      unit: say('rules.schadeUnits'),
      side: 'lower',
      limit: diastaseLimit(claims),
      value: one('diastaseSchade'),
    },
    {
      id: 'sugars',
      name: say('rules.fructoseAndGlucose'),
      unit: '%',
      side: 'lower',
      limit: sugars,
      value: reducingSugars,
    },
    {
      id: 'sucrose',
      name: say('rules.sucrose'),
      unit: '%',
      side: 'upper',
      limit: COMPOSITION.sucrosePercent,
      value: one('sucrosePercent'),
    },
    {
      id: 'insoluble',
      name: say('rules.waterInsolubleMatter'),
      unit: '%',
      side: 'upper',
      limit: COMPOSITION.insolublePercent,
      value: one('insolublePercent'),
    },
    ...conductivityLimit(claimed),
  ];
}

/** A laboratory value held against its limit. */
export interface LabJudgement {
  readonly id: string;
  readonly name: Message;
  readonly unit: MessageValue;
  readonly side: LimitSide;
  readonly limit: number;
  readonly value: LabValue;
  readonly decision: 'conforms' | 'not-settled' | 'over';
}

/** Coverage factor behind a laboratory's expanded uncertainty. @source common practice, no source */
const LAB_COVERAGE = 2;

/**
 * Laboratory values held against the limits of composition that apply.
 *
 * A value without a stated uncertainty is taken as it stands.
 *
 * @param lab - latest values
 * @param claimed - category and claims of the lot
 * @source JCGM 106:2012, recalled from memory; limits as in `COMPOSITION`
 */
export function judgeLaboratory(lab: LabEvidence, claimed: Claimed): LabJudgement[] {
  return limitsFor(claimed).flatMap(({ value: pick, ...limit }) => {
    const value = pick(lab);
    if (!value) return [];
    const estimate = {
      mean: value.value,
      standardUncertainty: (value.expanded ?? 0) / LAB_COVERAGE,
    };
    const probability = conformityProbability(estimate, limit.limit, limit.side);
    return [{ ...limit, value, decision: conformityDecision(probability) }];
  });
}
