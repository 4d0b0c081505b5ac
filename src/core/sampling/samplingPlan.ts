import { DomainError, requireInRange } from '../errors';
import { normalQuantile } from '../stats/normal';
import { confidenceAgainstBad } from './finiteLot';
import { systematicSample } from './strokeSample';
import { toleranceFactor, type ToleranceStatement } from './toleranceFactor';

/**
 * How a sample speaks for a lot: by mean and spread, assuming that containers scatter normally, or
 * by counting those that conform, without assuming anything.
 */
export const PLAN_METHODS = ['mean-and-spread', 'by-count'] as const;
export type PlanMethod = (typeof PLAN_METHODS)[number];

/** Looks at the results that a plan may provide for. */
export const LOOKS_RANGE: readonly [number, number] = [1, 4];

/** Fewest containers from which mean and spread are said. @source our choice, no source */
const FEWEST_FOR_SPREAD = 3;

/** What a plan promises and how often the results are looked at on the way. */
export interface PlanAim extends ToleranceStatement {
  readonly method: PlanMethod;
  /** planned looks; each pays its share of the error */
  readonly looks: number;
}

/** What a plan is made for. */
export interface PlanQuestion extends PlanAim {
  /** containers of the lot, suspicious ones not counted */
  readonly containers: number;
  /** limit minus what the mean is expected to be [% moisture] */
  readonly marginPercent: number;
  /** from container to container, as expected [% moisture] */
  readonly spreadPercent: number;
}

/** How many containers to test, and why so many. */
export interface PlanNumber {
  readonly number: number;
  readonly because: 'enough' | 'all-needed' | 'out-of-reach';
}

/**
 * Confidence that each look needs so that all of them together keep what the plan promises: the
 * error is shared out evenly.
 *
 * @throws DomainError `out-of-range`
 * @source Bonferroni's inequality
 * @example confidencePerLook({ confidence: 0.95, looks: 2 }) // => 0.975
 */
export function confidencePerLook({
  confidence,
  looks,
}: Pick<PlanAim, 'confidence' | 'looks'>): number {
  const fn = 'confidencePerLook';
  requireInRange(confidence, [0.5, 0.999], { fn, param: 'confidence', unit: '1' });
  requireInRange(looks, LOOKS_RANGE, { fn, param: 'looks', unit: '1' });
  return 1 - (1 - confidence) / looks;
}

/** Containers that may be bad without breaking the promise. */
export function badAllowed(containers: number, content: number): number {
  return Math.floor(containers * (1 - content) + 1e-9);
}

/** The least number for which `enough` holds, found by halving; `most` where none below does. */
function leastNumber(from: number, most: number, enough: (number: number) => boolean): number {
  let low = from;
  let high = most;
  while (low < high) {
    const middle = Math.floor((low + high) / 2);
    if (enough(middle)) high = middle;
    else low = middle + 1;
  }
  return low;
}

function bySpread(question: PlanQuestion): PlanNumber {
  const { containers, content, marginPercent, spreadPercent } = question;
  if (containers <= FEWEST_FOR_SPREAD) return { number: containers, because: 'all-needed' };
  if (marginPercent <= normalQuantile(content) * spreadPercent) {
    return { number: containers, because: 'out-of-reach' };
  }
  const statement = { content, confidence: confidencePerLook(question) };
  const room = marginPercent / spreadPercent;
  const number = leastNumber(FEWEST_FOR_SPREAD, Math.min(containers, 1000), (n) => {
    return toleranceFactor(n, statement) <= room;
  });
  return { number, because: number === containers ? 'all-needed' : 'enough' };
}

function byCount(question: PlanQuestion): PlanNumber {
  const { containers, content } = question;
  const bad = badAllowed(containers, content) + 1;
  const wanted = confidencePerLook(question);
  const number = leastNumber(1, containers, (n) => {
    return confidenceAgainstBad(containers, n, bad) >= wanted - 1e-12;
  });
  return { number, because: number === containers ? 'all-needed' : 'enough' };
}

/**
 * How many containers to test, fixed before any is looked at.
 *
 * By mean and spread: the least number whose tolerance factor fits between the expected mean and
 * the limit. By count: the least number that, all conforming, rules out more bad ones than the
 * promise allows (hypergeometric, exact for small lots).
 *
 * @param question - containers 1..10000, content, confidence, looks 1..4, margin and spread [%]
 * @returns the number, 'all-needed' where it takes all, 'out-of-reach' where the expected mean lies
 * too near the limit for any number
 * @throws DomainError `out-of-range`
 * @source ISO 16269-6 and the hypergeometric distribution, recalled from memory
 */
export function plannedNumber(question: PlanQuestion): PlanNumber {
  const fn = 'plannedNumber';
  requireInRange(question.containers, [1, 10_000], { fn, param: 'containers', unit: '1' });
  requireInRange(question.content, [0.5, 0.999], { fn, param: 'content', unit: '1' });
  requireInRange(question.spreadPercent, [0.01, 10], { fn, param: 'spreadPercent', unit: '%' });
  requireInRange(question.marginPercent, [-100, 100], { fn, param: 'marginPercent', unit: '%' });
  return question.method === 'mean-and-spread' ? bySpread(question) : byCount(question);
}

/**
 * Which containers to test at each look: a systematic sample with a random start, dealt out in turn
 * so that every look meets the whole row.
 *
 * @param ids - all containers in the order in which they stand
 * @param number - to be tested in all, 1..ids.length
 * @param looks - 1..4, at most `number`
 * @param start - a uniform draw from a seeded source, 0 <= value < 1
 * @returns one list of ids for each look
 * @throws DomainError `out-of-range`, `empty` without containers
 * @source systematic sampling, Cochran (1977), ch. 8, recalled from memory
 */
export function drawContainers(
  ids: readonly string[],
  number: number,
  looks: number,
  start: number,
): string[][] {
  const fn = 'drawContainers';
  if (ids.length === 0) {
    throw new DomainError({ code: 'empty', fn, param: 'ids', value: 0, unit: '1' });
  }
  requireInRange(looks, [1, Math.min(LOOKS_RANGE[1], number)], { fn, param: 'looks', unit: '1' });
  const chosen = systematicSample(ids.length, number, start).flatMap((at) => ids[at] ?? []);
  return Array.from({ length: looks }, (_, look) =>
    chosen.filter((_id, at) => at % looks === look),
  );
}
