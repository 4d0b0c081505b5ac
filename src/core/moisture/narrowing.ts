import { expandedOf } from '../conformity/conformity';
import type { LotReading, LotVessel } from './vesselGroups';
import { lotEstimate } from './lotMoisture';
import { BUDGET_DEFAULTS } from './readingBudget';
import type { LearnedSpreads, Spread } from './spreads';

/** What can make an interval narrower. */
export const NARROWINGS = [
  'read-again',
  'read-other',
  'stir-first',
  'other-meter',
  'check-zero',
] as const;
export type NarrowingId = (typeof NARROWINGS)[number];

/** One thing to do, and the interval afterwards. */
export interface Narrowing {
  readonly id: NarrowingId;
  /** half width of the 95 % interval afterwards, at the same mean [% moisture] */
  readonly expanded: number;
}

/** What is asked of some readings. */
export interface NarrowingQuestion {
  readonly readings: readonly LotReading[];
  readonly vessels: readonly LotVessel[];
  readonly repeatability?: Spread;
  readonly learned?: LearnedSpreads;
}

/** Work that each asks for, against one more look at the dial [1]. @source our choice, no source */
const EFFORT: Readonly<Record<NarrowingId, number>> = {
  'read-again': 1,
  'read-other': 1.2,
  'stir-first': 1.5,
  'other-meter': 2,
  'check-zero': 2.5,
};

/** Less than this is not worth doing [% moisture]. @source our choice, no source */
const LEAST_GAIN_PERCENT = 0.05;

/** The same readings had their meters been checked lately. */
export function checkedReadings<T extends LotReading>(readings: readonly T[]): T[] {
  const { calibration, calibrationDof } = BUDGET_DEFAULTS;
  return readings.map((reading) =>
    reading.budget.calibration <= calibration.checked
      ? reading
      : {
          ...reading,
          budget: {
            ...reading.budget,
            calibration: calibration.checked,
            calibrationDof: calibrationDof.checked,
          },
        },
  );
}

/** The readings after each thing that can be done; null where it cannot. */
function after(id: NarrowingId, { readings, vessels }: NarrowingQuestion): LotReading[] | null {
  const last = readings.at(-1);
  if (!last) return null;
  const read = new Set(readings.map((reading) => reading.vesselId));
  const unread = vessels.find((vessel) => !read.has(vessel.id));
  switch (id) {
    case 'read-again':
      return [...readings, { ...last, id: 'again' }];
    case 'read-other':
      return unread ? [...readings, { ...last, id: 'other', vesselId: unread.id }] : null;
    case 'stir-first':
      return readings.map((reading) => ({ ...reading, spot: 'stirred' as const }));
    case 'other-meter':
      return [
        ...readings,
        ...checkedReadings([last]).map((checkedReading) => ({
          ...checkedReading,
          id: 'meter',
          meterId: 'another meter',
        })),
      ];
    case 'check-zero':
      return checkedReadings(readings);
  }
}

/**
 * What would narrow the interval of a lot, the most for the least work first. The mean is taken to stay.
 *
 * @param question - readings (at least one), vessels, what is known of spreads
 * @returns those worth doing; none where nothing is
 * @throws DomainError `empty` without a reading
 * @source our choice of what to propose; widths as `lotMoisture`
 */
export function narrowings(question: NarrowingQuestion): Narrowing[] {
  const { readings, vessels, repeatability, learned } = question;
  const { mean } = lotEstimate(readings, vessels, repeatability, learned);
  const widthOf = (some: readonly LotReading[]): number => {
    const alike = some.map((lotReading) => ({ ...lotReading, moisturePercent: mean }));
    return expandedOf(lotEstimate(alike, vessels, repeatability, learned));
  };
  const now = widthOf(readings);
  return NARROWINGS.flatMap((id) => {
    const changed = after(id, question);
    if (!changed) return [];
    const expanded = widthOf(changed);
    return now - expanded < LEAST_GAIN_PERCENT ? [] : [{ id, expanded }];
  }).sort((a, b) => (now - b.expanded) / EFFORT[b.id] - (now - a.expanded) / EFFORT[a.id]);
}
