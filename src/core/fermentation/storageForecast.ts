import { CONFORMS_FROM, guardOf, type Estimate } from '../conformity/conformity';
import { requireInRange, requireFinite } from '../errors';
import { liquidMoisturePercent, type GranulationTendency } from './granulation';
import { granulationCourse, settledShare } from './granulationCourse';
import { fermentationClass, type FermentationClassId } from './lochhead';
import { LONGEST_CHECK_MONTHS, checkAgainMonths, storageBand } from './storage';
import { hasWaterActivity, waterActivity } from './waterActivity';

/**
 * Risk of fermentation in a month, mildest first. A class, not a rate, and never a time for which
 * honey is safe.
 *
 * | class | when |
 * |---|---|
 * | keeps     | the liquid part is of Lochhead's safe class, or its yeast was counted and is few |
 * | held-back | it is not, but under 11 °C, where yeast hardly grows |
 * | watch     | it is not, at 11 to 15 °C or above 27 °C |
 * | risky     | it is not, at the temperatures where yeast grows best |
 * | danger    | the liquid part is over 20 % and not cold |
 *
 * @source classes by Lochhead (1933), bands by Wilson & Marvin (1932), recalled from memory; their
 * combination is our choice
 */
export const STORAGE_RISKS = ['keeps', 'held-back', 'watch', 'risky', 'danger'] as const;
export type StorageRisk = (typeof STORAGE_RISKS)[number];

/** How the honey is kept: left to itself, kept from setting, or creamed at once. */
export const KEPT_AS = ['as-it-goes', 'liquid', 'creamed'] as const;
export type KeptAs = (typeof KEPT_AS)[number];

/** What is stored and how. */
export interface StorageTask {
  readonly moisture: Estimate;
  /** [% by mass], 15..45 */
  readonly glucosePercent: number;
  readonly tendency: GranulationTendency;
  /** counted [cells/g], null where nobody counted */
  readonly yeastPerG: number | null;
  /** mean temperature of each month [°C] */
  readonly profileC: readonly number[];
  readonly keptAs: KeptAs;
  /** crystallised share of the glucose at first [1] */
  readonly startShare: number;
}

/** One month of storage. */
export interface StorageMonth {
  /** months from now, 0 is now */
  readonly month: number;
  readonly temperatureC: number;
  readonly crystallisedShare: number;
  /** of the liquid part: likely, and its upper 95 % end [%] */
  readonly liquidPercent: number;
  readonly liquidUpperPercent: number;
  /** of the liquid part; null outside the range of the relation */
  readonly waterActivity: number | null;
  readonly classId: FermentationClassId;
  readonly risk: StorageRisk;
}

/** Why honey is to be looked at again then. */
export type CheckReason = 'class' | 'rising' | 'longest';

/** A forecast of storage. */
export interface StorageForecast {
  readonly months: readonly StorageMonth[];
  readonly worst: StorageRisk;
  /** look at it again by then [months] */
  readonly checkMonths: number;
  readonly checkReason: CheckReason;
}

function riskOf(
  liquidPercent: number,
  temperatureC: number,
  yeastPerG: number | null,
): StorageRisk {
  const { safeBelowYeastPerG, id } = fermentationClass(liquidPercent);
  if ((yeastPerG ?? Number.MAX_VALUE) < safeBelowYeastPerG) return 'keeps';
  const band = storageBand(temperatureC);
  if (band === 'cold') return 'held-back';
  if (id === 'always-in-danger') return 'danger';
  return band === 'yeast-grows' ? 'risky' : 'watch';
}

/** Liquid moisture, held at 30 % where nearly all has set. */
const liquidOf = (percent: number, glucose: number, share: number): number =>
  Math.min(30, liquidMoisturePercent(Math.min(30, percent), glucose, share));

function shares({ keptAs, tendency, profileC, startShare }: StorageTask): number[] {
  switch (keptAs) {
    case 'as-it-goes':
      return [startShare, ...granulationCourse(tendency, profileC, startShare)];
    case 'liquid':
      return profileC.concat(0).map(() => 0);
    case 'creamed':
      return profileC.concat(0).map(() => Math.max(startShare, settledShare(tendency)));
  }
}

function checkOf(
  months: readonly StorageMonth[],
): Pick<StorageForecast, 'checkMonths' | 'checkReason'> {
  const now = months[0]!;
  const byClass = checkAgainMonths(now.classId, now.temperatureC);
  const rank = (storageMonth: StorageMonth): number => STORAGE_RISKS.indexOf(storageMonth.risk);
  const rises = months.find((month) => rank(month) > rank(now))?.month ?? Infinity;
  if (rises < byClass) return { checkMonths: Math.max(0.5, rises), checkReason: 'rising' };
  return {
    checkMonths: byClass,
    checkReason: byClass >= LONGEST_CHECK_MONTHS ? 'longest' : 'class',
  };
}

/**
 * Risk of fermentation now and over months of storage: granulation wets the liquid part, and its
 * class at the upper end of what the moisture may be stands beside the temperature of the month.
 *
 * @throws DomainError `out-of-range`
 * @source mass balance with glucose monohydrate; classes as in `STORAGE_RISKS`; granulation assumed
 */
export function storageForecast(task: StorageTask): StorageForecast {
  requireFinite({ task }, 'storageForecast');
  const { moisture, glucosePercent, profileC, yeastPerG } = task;
  const fn = 'storageForecast';
  requireInRange(glucosePercent, [15, 45], { fn, param: 'glucosePercent', unit: '%' });
  requireInRange(profileC.length, [1, 120], { fn, param: 'profileC', unit: 'months' });
  const upper = moisture.mean + guardOf(moisture, CONFORMS_FROM);
  const months = shares(task).map((crystallisedShare, month): StorageMonth => {
    const temperatureC = profileC[Math.max(0, month - 1)]!;
    const liquidPercent = liquidOf(moisture.mean, glucosePercent, crystallisedShare);
    const liquidUpperPercent = liquidOf(upper, glucosePercent, crystallisedShare);
    return {
      month,
      temperatureC,
      crystallisedShare,
      liquidPercent,
      liquidUpperPercent,
      waterActivity: hasWaterActivity(liquidPercent) ? waterActivity(liquidPercent) : null,
      classId: fermentationClass(liquidUpperPercent).id,
      risk: riskOf(liquidUpperPercent, temperatureC, yeastPerG),
    };
  });
  const ranks = months.map((month) => STORAGE_RISKS.indexOf(month.risk));
  return { months, worst: STORAGE_RISKS[Math.max(...ranks)]!, ...checkOf(months) };
}
