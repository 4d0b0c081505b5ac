import { requireFinite, requireInRange } from '../errors';
import { viscosityPaS } from '../flow/viscosity';

/** Ways to get honey out of combs without an extractor. */
export const HAND_WAYS = ['crush', 'press', 'drain', 'sections'] as const;
export type HandWay = (typeof HAND_WAYS)[number];

/** What a way takes, by the frame and by the warmth. */
interface WayFacts {
  /** of work [min] */
  readonly minutesPerFrame: number;
  /** honey that comes out of the comb [1] */
  readonly outShare: number;
  /** comb that is there again next year [1] */
  readonly combSpared: number;
  /** hours that honey of 17.5 % takes to run out at 30 °C; 0 where nothing runs */
  readonly dripHours: number;
}

/** @source common practice, no source */
const FACTS: Readonly<Record<HandWay, WayFacts>> = {
  crush: { minutesPerFrame: 5, outShare: 0.85, combSpared: 0, dripHours: 12 },
  press: { minutesPerFrame: 6, outShare: 0.92, combSpared: 0, dripHours: 2 },
  drain: { minutesPerFrame: 2, outShare: 0.6, combSpared: 0.95, dripHours: 36 },
  sections: { minutesPerFrame: 8, outShare: 0.85, combSpared: 0, dripHours: 12 },
};

/** Where the hours of dripping were taken [°C, %]. */
const DRIPS_AT = { temperatureC: 30, moisturePercent: 17.5 } as const;

/** Combs that are worked by hand. */
export interface CombsByHand {
  readonly frames: number;
  readonly honeyKgPerFrame: number;
  /** [°C], 10..45 */
  readonly temperatureC: number;
  /** [% by mass], 13..25 */
  readonly moisturePercent: number;
}

/** What a way comes to. */
export interface HandWayCost {
  readonly way: HandWay;
  /** of work [min] */
  readonly minutes: number;
  /** that it stands and runs besides [h] */
  readonly dripHours: number;
  /** honey, or comb honey where sections are cut [kg] */
  readonly honeyKg: number;
  readonly combSpared: number;
}

/**
 * What each way without an extractor comes to. Thick honey runs as much more slowly as it is thicker.
 *
 * @param combs - frames 0..20,000, honey 0..10 kg a frame
 * @throws DomainError `out-of-range`
 * @source times and shares: common practice, no source; warmth by `viscosityPaS`
 */
export function handWays(combs: CombsByHand): HandWayCost[] {
  requireFinite({ combs }, 'handWays');
  const fn = 'handWays';
  const { frames, honeyKgPerFrame, temperatureC, moisturePercent } = combs;
  requireInRange(frames, [0, 20_000], { fn, param: 'frames', unit: '1' });
  requireInRange(honeyKgPerFrame, [0, 10], { fn, param: 'honeyKgPerFrame', unit: 'kg' });
  requireInRange(temperatureC, [5, 45], { fn, param: 'temperatureC', unit: '°C' });
  const thicker =
    viscosityPaS(temperatureC, moisturePercent) /
    viscosityPaS(DRIPS_AT.temperatureC, DRIPS_AT.moisturePercent);
  return HAND_WAYS.map((way) => {
    const { minutesPerFrame, outShare, combSpared, dripHours } = FACTS[way];
    return {
      way,
      minutes: frames * minutesPerFrame,
      dripHours: dripHours * thicker,
      honeyKg: frames * honeyKgPerFrame * outShare,
      combSpared,
    };
  });
}
