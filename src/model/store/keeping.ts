import { differenceInCalendarDays, getDayOfYear, parseISO } from 'date-fns';
import {
  STORAGE_RISKS,
  STORE_TEMPERATURES,
  granulationTendency,
  heatLimits,
  bestBefore,
  monthlyProfile,
  storageForecast,
  wettestMoisture,
  type BestBefore,
  type Estimate,
  type GranulationTendency,
  type Hemisphere,
  type KeptAs,
  type LotEvidence,
  type Ruling,
  type StorageForecast,
  type YearlyTemperature,
} from '../../core';
import type { PlaceKind } from '../../records';
import { lotHeat, type RelatedRecords, type LotFile, type StoredVessel } from '..';

/** Glucose of honey that no laboratory measured [%]. @source common practice, no source: 28 to 36 */
export const USUAL_GLUCOSE_PERCENT = 31;

/** Months that are looked ahead. */
export const MONTHS_AHEAD = 24;

/** What a lot's keeping rests on. */
export interface KeepingBasis {
  readonly moisture: Estimate;
  readonly glucosePercent: number;
  /** measured, or what is usual */
  readonly glucoseMeasured: boolean;
  readonly tendency: GranulationTendency;
  readonly yeastPerG: number | null;
  readonly startShare: number;
}

/** Crystallised share of the glucose at first, by how the honey stands [1]. @source our choice, no source */
const START_SHARES = { liquid: 0, part: 0.25, set: 0.6, creamed: 0.6 } as const;

/** What is known of a lot that its keeping depends on. */
export function keepingBasis(evidence: LotEvidence, ruling: Ruling): KeepingBasis {
  const measured = evidence.laboratory?.values.glucosePercent?.value;
  const glucosePercent = Math.min(45, Math.max(15, measured ?? USUAL_GLUCOSE_PERCENT));
  const wettest = wettestMoisture(evidence, ruling.belief);
  const moisture = Math.min(30, Math.max(5, wettest.mean));
  return {
    moisture: wettest,
    glucosePercent,
    glucoseMeasured: measured !== undefined,
    tendency: granulationTendency(glucosePercent, moisture),
    yeastPerG: evidence.laboratory?.values.yeastPerG?.value ?? null,
    startShare: START_SHARES[evidence.circumstances?.setState ?? 'liquid'],
  };
}

/** The yearly temperature of a place: its own where it was noted, else what is usual there. */
export function temperatureOf(
  kind: PlaceKind | null,
  ownC: number | null,
): YearlyTemperature | null {
  const usual =
    kind === null || kind === 'other' ? STORE_TEMPERATURES.shelf : STORE_TEMPERATURES[kind];
  // One temperature was noted; through the year it swings as such places do.
  if (ownC !== null) {
    const meanC = Math.min(50, Math.max(-30, ownC));
    return { meanC, swingC: meanC < 0 ? 0 : Math.min(usual.swingC, 50 - meanC) };
  }
  return kind === null || kind === 'other' ? null : STORE_TEMPERATURES[kind];
}

/** Where the honey of a lot stands: each place of its containers that are not empty, else the lot's store. */
export function storedYears(
  { content }: LotFile['lot'],
  vessels: readonly Pick<StoredVessel, 'isEmpty' | 'storedAt'>[],
): YearlyTemperature[] {
  const placed = vessels
    .filter((vessel) => !vessel.isEmpty)
    .flatMap(({ storedAt }) =>
      storedAt ? [temperatureOf(storedAt.kind, storedAt.temperatureC)] : [],
    )
    .filter((yearlyTemperature) => yearlyTemperature !== null);
  const own = temperatureOf(null, content.storageTemperatureC);
  const years = placed.length > 0 ? placed : own ? [own] : [];
  return [...new Map(years.map((year) => [`${year.meanC} ${year.swingC}`, year])).values()];
}

/** When it is looked at, and where on the earth. */
interface KeepingNow {
  readonly nowMs: number;
  readonly hemisphere: Hemisphere;
}

/** The place at which a lot is to be looked at first; null where nobody knows where it stands. */
export function worstKeeping(
  basis: KeepingBasis,
  years: readonly YearlyTemperature[],
  { nowMs, hemisphere }: KeepingNow,
): { readonly year: YearlyTemperature; readonly forecast: StorageForecast } | null {
  const all = years.map((year) => ({
    year,
    forecast: keepingAt(basis, year, { nowMs, hemisphere }),
  }));
  const rank = (forecast: StorageForecast): number => STORAGE_RISKS.indexOf(forecast.worst);
  return (
    all.sort(
      (a, b) =>
        a.forecast.checkMonths - b.forecast.checkMonths || rank(b.forecast) - rank(a.forecast),
    )[0] ?? null
  );
}

/** How a lot keeps at a place from now on. */
export function keepingAt(
  basis: KeepingBasis,
  year: YearlyTemperature,
  { nowMs, hemisphere, keptAs = 'as-it-goes' }: KeepingNow & { readonly keptAs?: KeptAs },
): StorageForecast {
  const profileC = monthlyProfile(year, new Date(nowMs).getMonth(), MONTHS_AHEAD, hemisphere);
  return storageForecast({ ...basis, profileC, keptAs });
}

/** Best-before proposal of a lot at a place: what warmth leaves, and the day to look again. */
export function bestBeforeOf(
  file: LotFile,
  {
    related,
    year,
    checkMonths,
    hemisphere,
  }: {
    readonly related: RelatedRecords;
    readonly year: YearlyTemperature;
    readonly checkMonths: number;
    readonly hemisphere: Hemisphere;
  },
): BestBefore {
  const { balance } = lotHeat(file, related.rooms, related.nowMs);
  return bestBefore(year, balance, {
    checkMonths,
    limits: heatLimits(file.lot.content.claims),
    dayOfYear: Math.max(0, getDayOfYear(related.nowMs) - 1),
    hemisphere,
  });
}

/** Days from now to an ISO day; below 0 for one that is over. */
export const daysUntil = (isoDay: string, nowMs: number): number =>
  differenceInCalendarDays(parseISO(isoDay), nowMs);
