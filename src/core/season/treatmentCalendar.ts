import { requireFinite, requireInRange } from '../errors';
import type { DayWeather } from './dayWeather';

/** A treatment as its label has it; days are counted from 1970-01-01. */
export interface TreatmentDays {
  readonly fromDay: number;
  /** null while it is on the hive */
  readonly toDay: number | null;
  /** honey boxes stand on the hive meanwhile */
  readonly boxesOn: boolean;
  /** it stays on the hive for so long by its label [d]; null where that is not said */
  readonly staysDays: number | null;
  /** waiting time after its end [d] */
  readonly waitDays: number;
  /** window of the label [°C] */
  readonly fromTemperatureC: number | null;
  readonly toTemperatureC: number | null;
}

/** What is done for a treatment, in the order of its days. */
export const TREATMENT_STEPS = ['boxes-off', 'put-in', 'ask-out', 'take-out', 'boxes-on'] as const;
export type TreatmentStep = (typeof TREATMENT_STEPS)[number];

/** A day of the forecast that is outside the label. */
export interface OutsideLabel {
  readonly day: number;
  readonly what: 'too-warm' | 'too-cold';
  /** the temperature that is [°C] */
  readonly temperatureC: number;
}

/** A treatment on the calendar. */
export interface TreatmentCalendar {
  readonly steps: readonly { readonly step: TreatmentStep; readonly day: number }[];
  /** days of the forecast outside the window of the label while it is on */
  readonly outside: readonly OutsideLabel[];
  /** days while it is on of which the forecast says nothing */
  readonly unknownDays: number;
}

/** Days looked at where the label does not say how long it stays [d]. @source our choice */
const UNSAID_DAYS = 14;

function outsideOf(treatment: TreatmentDays, weather: DayWeather): OutsideLabel[] {
  const { fromTemperatureC: low, toTemperatureC: high } = treatment;
  const { day, highestC, lowestC } = weather;
  const found: OutsideLabel[] = [];
  if (high !== null && highestC > high) {
    found.push({ day, what: 'too-warm', temperatureC: highestC });
  }
  if (low !== null && lowestC < low) found.push({ day, what: 'too-cold', temperatureC: lowestC });
  return found;
}

/**
 * A treatment on the calendar: boxes off before it goes in, in, out, waiting over and boxes on again; and
 * the days on which the forecast is outside its label, by the highest of the day and the lowest of the
 * night. The label decides; nothing here clears honey.
 *
 * @param treatment - days and window as on the label
 * @param forecast - any order
 * @throws DomainError `out-of-range`
 * @source the product's label; order of the steps: common practice, no source
 */
export function treatmentCalendar(
  treatment: TreatmentDays,
  forecast: readonly DayWeather[],
): TreatmentCalendar {
  requireFinite({ treatment, forecast }, 'treatmentCalendar');
  const fn = 'treatmentCalendar';
  const { fromDay, toDay, boxesOn, staysDays, waitDays } = treatment;
  requireInRange(waitDays, [0, 400], { fn, param: 'waitDays', unit: 'd' });
  if (staysDays !== null)
    requireInRange(staysDays, [0, 400], { fn, param: 'staysDays', unit: 'd' });
  const outDay = toDay ?? (staysDays === null ? null : fromDay + staysDays);
  const until = outDay ?? fromDay + UNSAID_DAYS;
  const on = forecast.filter(({ day }) => day >= fromDay && day <= until);
  const hasWindow = treatment.fromTemperatureC !== null || treatment.toTemperatureC !== null;
  const steps: { step: TreatmentStep; day: number }[] = [
    ...(boxesOn ? [] : [{ step: 'boxes-off' as const, day: fromDay }]),
    { step: 'put-in', day: fromDay },
  ];
  // nobody said how long it stays: that is asked for as long as it is in
  if (outDay === null) steps.push({ step: 'ask-out', day: fromDay });
  else {
    steps.push({ step: 'take-out', day: outDay });
    // the day after the last day of waiting; boxes that stayed on are not cleared by any waiting
    if (!boxesOn) steps.push({ step: 'boxes-on', day: outDay + waitDays + 1 });
  }
  return {
    steps,
    outside: on.flatMap((weather) => outsideOf(treatment, weather)).sort((a, b) => a.day - b.day),
    unknownDays: hasWindow ? until - fromDay + 1 - new Set(on.map(({ day }) => day)).size : 0,
  };
}
