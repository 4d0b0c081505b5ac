/** How a school decides which frames are taken. */
export const CAPPING_RULES = ['each-side', 'pooled', 'all-honey', 'cells-read'] as const;
export type CappingRule = (typeof CAPPING_RULES)[number];

/** Where a school dries what is not ripe. */
export const DRYING_WAYS = ['none', 'in-comb', 'after-extraction'] as const;
export type DryingWay = (typeof DRYING_WAYS)[number];

/** When a school harvests. */
export const TIMINGS = [
  'after-each-flow',
  'once-a-year',
  'out-of-room',
  'before-next-flow',
] as const;
export type Timing = (typeof TIMINGS)[number];

/** How far a school leans on a meter. */
export const METER_NEEDS = ['no', 'helps', 'after', 'in-the-yard'] as const;
export type MeterNeed = (typeof METER_NEEDS)[number];

/** Whether the box is cleared, or the colony's share is set aside first. */
export const STAY_RULES = ['clear', 'colony-first'] as const;
export type StayRule = (typeof STAY_RULES)[number];

/** A school of beekeepers, as data: a capping rule, the evidence it wants, timing, what stays. */
export interface School {
  readonly id: string;
  readonly name: string;
  readonly rule: CappingRule;
  /** capped share that the rule asks for: of each side, or of the pool [1] */
  readonly ripeShare: number;
  /** down to this share a side is excused by a clean shake of warm comb [1]; null: never */
  readonly excusedShare: number | null;
  /** the shake result from which a frame is not taken */
  readonly stopsAt: 'drops' | 'runs';
  readonly drying: DryingWay;
  readonly meter: MeterNeed;
  readonly timing: Timing;
  readonly stays: StayRule;
  readonly weakPoint: string;
}

/**
 * The schools that ship, all editable.
 *
 * @source common practice, no source
 */
export const SCHOOLS: readonly School[] = [
  {
    id: 'full-capping',
    name: 'Full capping',
    rule: 'each-side',
    ripeShare: 0.95,
    excusedShare: null,
    stopsAt: 'drops',
    drying: 'none',
    meter: 'no',
    timing: 'once-a-year',
    stays: 'clear',
    weakPoint: '',
  },
  {
    id: 'four-fifths',
    name: 'Four fifths',
    rule: 'each-side',
    ripeShare: 0.8,
    excusedShare: 0.5,
    stopsAt: 'drops',
    drying: 'none',
    meter: 'helps',
    timing: 'after-each-flow',
    stays: 'clear',
    weakPoint: '',
  },
  {
    id: 'whole-lot',
    name: 'Whole lot',
    rule: 'pooled',
    ripeShare: 0.8,
    excusedShare: null,
    stopsAt: 'runs',
    drying: 'none',
    meter: 'after',
    timing: 'after-each-flow',
    stays: 'clear',
    weakPoint: '',
  },
  {
    id: 'early-and-dry',
    name: 'Early and dry',
    rule: 'all-honey',
    ripeShare: 0.8,
    excusedShare: null,
    stopsAt: 'runs',
    drying: 'in-comb',
    meter: 'after',
    timing: 'before-next-flow',
    stays: 'clear',
    weakPoint: '',
  },
  {
    id: 'mix-then-dry',
    name: 'Mix, then dry',
    rule: 'all-honey',
    ripeShare: 0.8,
    excusedShare: null,
    stopsAt: 'runs',
    drying: 'after-extraction',
    meter: 'after',
    timing: 'out-of-room',
    stays: 'clear',
    weakPoint: '',
  },
  {
    id: 'meter-first',
    name: 'Meter first',
    rule: 'cells-read',
    ripeShare: 0.8,
    excusedShare: null,
    stopsAt: 'drops',
    drying: 'none',
    meter: 'in-the-yard',
    timing: 'after-each-flow',
    stays: 'clear',
    weakPoint: '',
  },
];

export const DEFAULT_SCHOOL_ID = 'four-fifths';

/** The school of that name among the shipped ones and one's own; the default where there is none. */
export function schoolOf(id: string, own: readonly School[] = []): School {
  const known = [...own, ...SCHOOLS];
  const found =
    known.find((school) => school.id === id) ??
    known.find((school) => school.id === DEFAULT_SCHOOL_ID);
  if (!found) throw new Error('the default school is missing');
  return found;
}
