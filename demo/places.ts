import type {
  BoxContent,
  ColonyContent,
  FlowContent,
  GivenContent,
  SeasonPlanContent,
  YardContent,
} from '../src/records';

/** A day of the demo, counted back from today; negative days are to come. */
type DaysAgo = number;

/** Yards of the made-up island, by the short name that the other tables use. */
export const DEMO_YARDS: Readonly<Record<string, YardContent>> = {
  field: {
    name: 'Field yard',
    climate: 'ordinary',
    remark: 'Between the beans and the borage; dry wind from the land.',
  },
  marsh: {
    name: 'Marsh yard',
    climate: 'damp',
    remark: 'Behind the outer dyke. Mist until ten, the combs feel it.',
  },
  moor: {
    name: 'Moor yard',
    climate: 'ordinary',
    remark: 'Ling from the second week of the bloom on.',
  },
};

const hive = (yard: string, name: string, change: Partial<ColonyContent> = {}) => ({
  yard,
  content: { name, keep: null, health: 'sound' as const, remark: '', ...change },
});

export const DEMO_HIVES = [
  hive('field', 'Hive 4'),
  hive('field', 'Hive 5', { keep: { by: 'frames', frames: 2 } }),
  hive('field', 'Hive 6'),
  hive('field', 'Hive 7', { temper: 'gentle' }),
  hive('field', 'Hive 8'),
  hive('marsh', 'Hive 21'),
  hive('marsh', 'Hive 22', { temper: 'defensive' }),
  hive('marsh', 'Hive 23', { keep: { by: 'mass', kg: 9 } }),
  hive('marsh', 'Hive 24', { health: 'unknown', remark: 'A swarm of unknown origin.' }),
  hive('moor', 'Hive 1'),
  hive('moor', 'Hive 2'),
] as const;

const box = (hiveName: string, label: string, change: Partial<BoxContent> = {}) => ({
  hive: hiveName,
  onDaysAgo: 60 as DaysAgo,
  content: {
    boxKind: 'box' as const,
    label,
    role: 'honey' as const,
    formatId: 'langstroth-medium',
    slots: 10,
    excluder: true,
    newComb: false,
    lastHoney: '',
    cleanedSince: false,
    ...change,
  },
});

export const DEMO_BOXES = [
  box('Hive 4', 'Box 1', { lastHoney: 'beans', cleanedSince: true }),
  box('Hive 5', 'Box 1'),
  box('Hive 6', 'Box 1'),
  box('Hive 7', 'Box 1'),
  box('Hive 8', 'Box 1'),
  box('Hive 21', 'Box 1'),
  box('Hive 21', 'Box 2', { newComb: true }),
  box('Hive 22', 'Box 1'),
  box('Hive 23', 'Brood box', {
    role: 'brood',
    formatId: 'langstroth-deep',
    excluder: false,
  }),
  box('Hive 24', 'Box 1'),
  box('Hive 1', 'Sections', { formatId: 'langstroth-shallow', slots: 8 }),
  box('Hive 2', 'Box 1', { formatId: 'langstroth-shallow' }),
];

export const DEMO_TOTES = ['Tote A', 'Tote B'] as const;

/** A flow with its days counted from today. */
export const DEMO_FLOWS: readonly {
  readonly key: string;
  readonly yards: readonly string[];
  readonly expected: readonly [DaysAgo, DaysAgo];
  readonly observed: readonly [DaysAgo | null, DaysAgo | null];
  readonly content: Pick<FlowContent, 'name' | 'plant' | 'remark'> &
    Pick<Partial<FlowContent>, 'failed' | 'taste'>;
}[] = [
  {
    key: 'beans',
    yards: ['field'],
    expected: [64, 40],
    observed: [60, 38],
    content: { name: 'Bean field', plant: 'field beans', remark: '' },
  },
  {
    key: 'lavender',
    yards: ['marsh'],
    expected: [18, -6],
    observed: [16, null],
    content: { name: 'Sea lavender', plant: 'sea lavender', remark: 'Late after a cold spring.' },
  },
  {
    key: 'lavender-before',
    yards: ['marsh'],
    expected: [383, 362],
    observed: [379, 355],
    content: { name: 'Sea lavender', plant: 'sea lavender', remark: 'A week too long.' },
  },
  {
    key: 'limes',
    yards: ['field'],
    expected: [52, 41],
    observed: [null, null],
    content: { name: 'Limes', plant: 'lime', failed: true, remark: 'Cold nights, no nectar.' },
  },
  {
    key: 'limes-before',
    yards: ['field'],
    expected: [418, 406],
    observed: [415, 409],
    content: { name: 'Limes', plant: 'lime', taste: 'good', remark: '' },
  },
  {
    key: 'dyke',
    yards: ['field'],
    expected: [20, 6],
    observed: [19, 4],
    content: {
      name: 'Dyke flow',
      plant: '',
      taste: 'poor',
      remark: 'Yellow pollen, bitter. Nobody knows what it is.',
    },
  },
  {
    key: 'ling',
    yards: ['moor'],
    expected: [-6, -31],
    observed: [null, null],
    content: { name: 'Ling', plant: 'ling heather', remark: 'Boxes go up the week before.' },
  },
];

export const DEMO_GIVEN: readonly {
  readonly hives: readonly string[];
  readonly fromDaysAgo: DaysAgo;
  readonly toDaysAgo: DaysAgo | null;
  readonly content: Omit<GivenContent, 'colonyIds' | 'fromDay' | 'toDay'>;
}[] = [
  {
    hives: ['Hive 22'],
    fromDaysAgo: 30,
    toDaysAgo: 9,
    content: {
      givenKind: 'treatment',
      name: 'thymol strips',
      boxesOn: true,
      waitDays: 0,
      fromTemperatureC: 15,
      toTemperatureC: 30,
      remark: 'The boxes should have come off first.',
    },
  },
  {
    hives: ['Hive 24'],
    fromDaysAgo: 26,
    toDaysAgo: 20,
    content: {
      givenKind: 'feed',
      name: 'sugar syrup',
      boxesOn: true,
      waitDays: 0,
      fromTemperatureC: null,
      toTemperatureC: null,
      remark: 'Fed after the swarm was hived, with the honey box on.',
    },
  },
  {
    hives: ['Hive 6'],
    fromDaysAgo: 0,
    toDaysAgo: null,
    content: {
      givenKind: 'treatment',
      name: 'formic pads',
      boxesOn: false,
      staysDays: 7,
      waitDays: 14,
      fromTemperatureC: 10,
      toTemperatureC: 29,
      remark: 'Goes in today, after the frames are out.',
    },
  },
];

/** How honey is taken off: at weekends, with escape boards, the last boxes before the autumn gales. */
export const DEMO_PLAN: Omit<SeasonPlanContent, 'helpDay' | 'boxesOffBy'> & {
  readonly helpDaysAhead: DaysAgo;
  readonly boxesOffDaysAhead: DaysAgo;
} = {
  timing: 'after-each-flow',
  weekdays: [0, 6],
  escapeDays: 4,
  sugarPricePerKg: 1.1,
  helpDaysAhead: 5,
  boxesOffDaysAhead: 44,
};

/** Highest and lowest of the coming days, and rain [°C], [mm]. */
export const DEMO_WEATHER: readonly (readonly [number, number, number])[] = [
  [23, 13, 0],
  [24, 14, 0],
  [21, 14, 6],
  [19, 12, 11],
  [20, 11, 0.4],
  [22, 11, 0],
  [23, 12, 0],
  [22, 13, 0],
  [18, 10, 4],
  [19, 9, 0],
];
