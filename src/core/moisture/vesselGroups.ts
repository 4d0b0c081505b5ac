import { groupBy } from '../lists/groupBy';
import type { ReadingBudget } from './readingBudget';
import type { Spot } from './sampleState';
import { mean } from './spreads';

/** One corrected reading with its budget. */
export interface LotReading {
  readonly id: string;
  /** the vessel it was taken from, null where it stands for the lot as a whole */
  readonly vesselId: string | null;
  readonly moisturePercent: number;
  readonly budget: ReadingBudget;
  /** the meter; readings of one share its errors. Readings that name none count as one meter's */
  readonly meterId?: string | null;
  /** where in the vessel; 'not-said' where nobody wrote it down */
  readonly spot?: Spot;
}

/** What the estimate needs to know of the vessels. */
export interface LotVessel {
  readonly id: string;
  /** [kg], null where not known */
  readonly massKg: number | null;
}

/** Readings of one spot of a vessel. */
interface SpotGroup {
  readonly spot: Spot;
  readonly readings: readonly LotReading[];
  readonly mean: number;
}

/** Readings of one vessel, spot by spot; its mean is the mean of its spots. */
export interface VesselGroup {
  readonly vesselId: string | null;
  readonly spots: readonly SpotGroup[];
  readonly readings: readonly LotReading[];
  readonly mean: number;
}

/** Readings sorted by vessel and spot. */
export function groupByVessel(readings: readonly LotReading[]): VesselGroup[] {
  return [...groupBy(readings, (reading) => reading.vesselId)].map(([vesselId, own]) => {
    const spots = [...groupBy(own, (lotReading) => lotReading.spot ?? 'not-said')].map(
      ([spot, those]) => ({
        spot,
        readings: those,
        mean: mean(those.map((lotReading) => lotReading.moisturePercent)),
      }),
    );
    return { vesselId, spots, readings: own, mean: mean(spots.map((spot) => spot.mean)) };
  });
}

/** Shares by mass where every tested vessel's mass is known, else equal shares. */
export function vesselWeights(
  groups: readonly VesselGroup[],
  vessels: readonly LotVessel[],
): number[] {
  const masses = groups.map(
    (group) => vessels.find((vessel) => vessel.id === group.vesselId)?.massKg ?? null,
  );
  const known = masses.every((mass): mass is number => mass !== null && mass > 0);
  if (!known) return groups.map(() => 1 / groups.length);
  const total = masses.reduce((sum, mass) => sum + mass, 0);
  return masses.map((mass) => mass / total);
}

/** Shares of the lot's mass by vessel; one of unknown mass counts as the mean of the others. */
export function massShares(vessels: readonly LotVessel[]): Map<string, number> {
  const known = vessels.flatMap(({ massKg }) => (massKg !== null && massKg > 0 ? [massKg] : []));
  const usual = known.length > 0 ? mean(known) : 1;
  const massOf = ({ massKg }: LotVessel): number =>
    massKg !== null && massKg > 0 ? massKg : usual;
  const total = vessels.reduce((sum, vessel) => sum + massOf(vessel), 0);
  return new Map(vessels.map((vessel) => [vessel.id, massOf(vessel) / total]));
}
