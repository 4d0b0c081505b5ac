import { requireFinite } from '../errors';
import { LINE_DOUBT, type LineDoubt } from './replicateLine';

/** A pace that was seen: logarithm of time taken by that planned, and its spread [1]. */
export interface SeenPace {
  readonly log: number;
  readonly spread: number;
}

/** What a day showed of its line; null where too little was ticked off. */
export interface PastDay {
  readonly hands: SeenPace | null;
  readonly straining: SeenPace | null;
}

/** What past days let expect of the next: time taken by that planned, and how sure that is. */
export interface ExpectedPace {
  readonly pace: { readonly hands: number; readonly straining: number };
  readonly doubt: LineDoubt;
  /** days that taught something */
  readonly days: number;
}

/** From one day to the next of the same house, spread of the logarithm [1]. @source common practice, no source */
const DAY_SPREAD: LineDoubt = { hands: 0.12, straining: 0.3 };

function expected(
  seen: readonly SeenPace[],
  which: keyof LineDoubt,
): { readonly factor: number; readonly spread: number } {
  const day = DAY_SPREAD[which];
  const house = LINE_DOUBT[which] ** 2 - day ** 2;
  let [weights, sum] = [1 / house, 0];
  for (const { log, spread } of seen) {
    const weight = 1 / (day ** 2 + spread ** 2);
    weights += weight;
    sum += weight * log;
  }
  return { factor: Math.exp(sum / weights), spread: Math.sqrt(1 / weights + day ** 2) };
}

/**
 * The pace to expect of a line, from one's own past days; without any, as planned.
 *
 * @param days - past days of the same house, in any order
 * @source normal mean with known variances, the prior kept; recalled from memory
 */
export function expectedPace(days: readonly PastDay[]): ExpectedPace {
  requireFinite({ days }, 'expectedPace');
  const of = (which: keyof PastDay): SeenPace[] =>
    days.flatMap((day) => {
      const seen = day[which];
      return seen && Number.isFinite(seen.log) && seen.spread > 0 ? [seen] : [];
    });
  const [hands, straining] = [
    expected(of('hands'), 'hands'),
    expected(of('straining'), 'straining'),
  ];
  return {
    pace: { hands: hands.factor, straining: straining.factor },
    doubt: { hands: hands.spread, straining: straining.spread },
    days: days.filter((day) => day.hands !== null || day.straining !== null).length,
  };
}
