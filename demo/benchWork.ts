import type { ColourContent, LabReportContent, SensesContent } from '../src/records';

/** What was found of a lot at the bench besides moisture. */
export interface DemoBench {
  readonly colour?: Pick<ColourContent, 'read' | 'remark'>;
  readonly senses?: Omit<SensesContent, 'takenAt' | 'who'>;
  readonly lab?: Omit<LabReportContent, 'day'> & { readonly daysAgo: number };
  /** containers of the plan by their number, in the order of the looks; with what was expected */
  readonly plan?: { readonly number: number; readonly seed: number };
}

/** A clean honey: nothing wrong with it. */
const CLEAN = { faults: [], foam: 'none', impurities: [], remark: '' } as const;

const sure = (value: number, expanded: number | null = null) => ({ value, expanded });

export const BORAGE_BENCH: DemoBench = {
  colour: { read: { by: 'comparator', pfundMm: 14 }, remark: '' },
  senses: {
    ...CLEAN,
    faults: [],
    impurities: [],
    notes: [
      { note: 'flowery', strength: 2 },
      { note: 'fresh fruit', strength: 1 },
    ],
    typical: true,
  },
  lab: {
    daysAgo: 30,
    laboratory: 'Harbour food laboratory (made up)',
    reportNumber: 'M-114',
    values: {
      karlFischerPercent: sure(15.9, 0.3),
      hmfMgPerKg: sure(3.1, 1),
      diastaseSchade: sure(15.4, 1.5),
      conductivityMsPerCm: sure(0.21, 0.02),
      fructosePercent: sure(38.6, 1.2),
      glucosePercent: sure(31.1, 1),
    },
    pollen: [
      { plant: 'borage', percent: 9 },
      { plant: 'clover', percent: 61 },
      { plant: 'bramble', percent: 18 },
    ],
    remark: '',
  },
};

export const BEAN_BENCH: DemoBench = {
  colour: { read: { by: 'comparator', pfundMm: 47 }, remark: 'Two glasses, both alike.' },
};

export const BUCKETS_BENCH: DemoBench = {
  plan: { number: 16, seed: 2611 },
  senses: {
    ...CLEAN,
    faults: [],
    impurities: ['wax'],
    foam: 'thin',
    notes: [
      { note: 'salt wind', strength: 2 },
      { note: 'herbs', strength: 1 },
    ],
    typical: true,
  },
};

export const LING_BENCH: DemoBench = {
  colour: { read: { by: 'eye', classId: 'amber' }, remark: '' },
  lab: {
    daysAgo: 300,
    laboratory: 'Harbour food laboratory (made up)',
    reportNumber: 'M-071',
    values: { conductivityMsPerCm: sure(0.74, 0.04) },
    pollen: [
      { plant: 'ling (Calluna)', percent: 36 },
      { plant: 'others', percent: 64 },
    ],
    remark: '',
  },
};
