import { requireFinite, requireInRange } from '../errors';

/** What one person lifts near the body at most [kg]. @source common practice, no source: 25 kg is often named; local rules decide */
export const ONE_PERSON_KG = 25;

/** What two lift together [kg]. @source common practice, no source: less than twice what one lifts */
const TWO_PEOPLE_KG = 40;

/** How a box is carried. */
export type LiftWay = 'one' | 'two' | 'frame-by-frame';

/** What a box weighs, and how it is carried. */
export interface BoxLift {
  readonly kg: number;
  readonly way: LiftWay;
}

/**
 * How a box is carried, by what it weighs.
 *
 * @param framesKg - frames in it with wood and wax [kg], 0..300
 * @param boxKg - the empty box [kg], 0..50
 * @throws DomainError `out-of-range`
 */
export function boxLift(framesKg: number, boxKg: number): BoxLift {
  requireFinite({ framesKg, boxKg }, 'boxLift');
  const fn = 'boxLift';
  const kg =
    requireInRange(boxKg, [0, 50], { fn, param: 'boxKg', unit: 'kg' }) +
    requireInRange(framesKg, [0, 300], { fn, param: 'framesKg', unit: 'kg' });
  if (kg <= ONE_PERSON_KG) return { kg, way: 'one' };
  return { kg, way: kg <= TWO_PEOPLE_KG ? 'two' : 'frame-by-frame' };
}
