import { requireFinite, requireInRange } from '../errors';

/**
 * Honey that a strong colony adds in a week of flow [kg/d].
 *
 * @source one observation of common practice (9 kg in a week), recalled from memory
 */
export const USUAL_GAIN_KG_PER_DAY = 9 / 7;

/** Part of its full weight that a box must get to be worth its place [1]. @source our choice */
const WORTH_SHARE = 0.25;

/** Room left on the hive at which another box is due [d of flow]. @source our choice */
const ROOM_DAYS = 4;

/** Colder nights than this: bees leave an empty box cold and brood suffers [°C]. @source common practice, no source */
const COLD_NIGHT_C = 8;

/** What another box follows from. */
export interface BoxQuestion {
  /** nectar still comes for [d] */
  readonly daysLeft: number;
  /** what the hive adds [kg/d] */
  readonly gainKgPerDay: number;
  /** room left in the boxes on the hive, as honey [kg] */
  readonly roomKg: number;
  /** honey of a full box [kg] */
  readonly boxKg: number;
  /** coldest night ahead [°C], null where not known */
  readonly coldestNightC: number | null;
}

/** Whether another box is due. */
export interface BoxAdvice {
  readonly advice: 'add' | 'wait' | 'too-soon' | 'too-late';
  /** honey that it would get before the flow ends [kg] */
  readonly wouldGetKg: number;
  /** until the boxes on the hive are full [d]; null where they do not fill */
  readonly fullInDays: number | null;
}

/**
 * Whether another honey box is due on a hive.
 *
 * It is too late where it would get less than a quarter of what it holds; too soon where nights are cold
 * and there is room for days; due once the room lasts four days or less.
 *
 * @throws DomainError `out-of-range`
 * @source common practice, no source
 */
export function boxAdvice(question: BoxQuestion): BoxAdvice {
  requireFinite({ question }, 'boxAdvice');
  const fn = 'boxAdvice';
  const { daysLeft, gainKgPerDay, roomKg, boxKg, coldestNightC } = question;
  requireInRange(daysLeft, [0, 366], { fn, param: 'daysLeft', unit: 'd' });
  requireInRange(gainKgPerDay, [0, 20], { fn, param: 'gainKgPerDay', unit: 'kg/d' });
  requireInRange(roomKg, [0, 500], { fn, param: 'roomKg', unit: 'kg' });
  requireInRange(boxKg, [0.5, 100], { fn, param: 'boxKg', unit: 'kg' });
  const wouldGetKg = Math.min(boxKg, Math.max(0, daysLeft * gainKgPerDay - roomKg));
  const fullInDays = gainKgPerDay > 0 ? roomKg / gainKgPerDay : null;
  if (wouldGetKg < WORTH_SHARE * boxKg) return { advice: 'too-late', wouldGetKg, fullInDays };
  const hasRoom = fullInDays === null || fullInDays > ROOM_DAYS;
  if (!hasRoom) return { advice: 'add', wouldGetKg, fullInDays };
  const isCold = coldestNightC !== null && coldestNightC < COLD_NIGHT_C;
  return { advice: isCold ? 'too-soon' : 'wait', wouldGetKg, fullInDays };
}
