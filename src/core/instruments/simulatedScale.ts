import { requireInRange } from '../errors';
import { normalDraws, seededRandom } from '../stats/seededRandom';
import type { WeighedDay } from '../season/weightCourse';

/** A made-up hive through a made-up flow. @source invented for the stand-in */
const HIVE = { emptyKg: 42, dailyLossKg: 0.15, flowKg: 1.4, spreadKg: 0.25 } as const;

/** Days that the stand-in tells of, and the day on which its flow begins. @source invented for the stand-in */
const DAYS = 14;
const FLOW_FROM = 8;

/**
 * Weights of the last days as the stand-in scale says them; the same day always comes out the same.
 *
 * @param today - since 1970-01-01
 * @throws DomainError `out-of-range`
 * @source invented for the stand-in
 */
export function simulatedWeights(today: number): WeighedDay[] {
  requireInRange(today, [DAYS, 60_000], { fn: 'simulatedWeights', param: 'today', unit: 'd' });
  const draw = normalDraws(seededRandom(611_953 + Math.floor(today)));
  let massKg: number = HIVE.emptyKg;
  return Array.from({ length: DAYS }, (_, at) => {
    massKg += (at >= FLOW_FROM ? HIVE.flowKg : -HIVE.dailyLossKg) + HIVE.spreadKg * draw();
    return { day: Math.floor(today) - DAYS + 1 + at, massKg: Math.round(10 * massKg) / 10 };
  });
}
