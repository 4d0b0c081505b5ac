import { DomainError, requireInRange, requireWhole, requireFinite } from '../errors';
import { normalQuantile } from '../stats/normal';
import { confidenceAgainstBad } from './finiteLot';
import { systematicSample } from './surveySample';
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
  readonly because: 'enough' | 'second-group' | 'all-needed' | 'out-of-reach';
}

/**
 * Share of the containers that make a second group which a plan by spread must not miss [1], and how
 * surely.
 *
 * @source our choice, no source
 */
const SECOND_GROUP = { share: 0.1, confidence: 0.95 } as const;

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
  requireWhole(looks, LOOKS_RANGE, { fn, param: 'looks', unit: '1' });
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

/** The least all-good sample that rules out `bad` bad ones. */
const numberAgainst = (containers: number, bad: number, confidence: number): number =>
  leastNumber(1, containers, (n) => confidenceAgainstBad(containers, n, bad) >= confidence - 1e-12);

/**
 * The least sample for a number of bad ones that grows with the lot by steps. Just after a step a larger
 * lot would ask for fewer than a smaller one did; it asks for as many as the last lot before the step.
 */
function numberWithoutLeaps(
  containers: number,
  badIn: (containers: number) => number,
  confidence: number,
): number {
  const bad = badIn(containers);
  const here = numberAgainst(containers, bad, confidence);
  const before = leastNumber(1, containers, (size) => badIn(size) >= bad) - 1;
  return before < 1 ? here : Math.max(here, numberAgainst(before, badIn(before), confidence));
}

/**
 * How many containers to test so that a second group of a tenth would be met: fewer may all come from
 * the drier group and look like one narrow spread.
 *
 * @param containers - of the lot, 1..10000
 * @throws DomainError `out-of-range`
 * @source hypergeometric distribution
 * @example numberToMeetGroup(10000) // => 28 ± 1
 */
export function numberToMeetGroup(containers: number): number {
  requireWhole(containers, [1, 10_000], {
    fn: 'numberToMeetGroup',
    param: 'containers',
    unit: '1',
  });
  const group = (size: number): number => Math.ceil(size * SECOND_GROUP.share - 1e-9);
  return numberWithoutLeaps(containers, group, SECOND_GROUP.confidence);
}

function bySpread(question: PlanQuestion): PlanNumber {
  const { containers, content, marginPercent, spreadPercent } = question;
  if (containers <= FEWEST_FOR_SPREAD) return { number: containers, because: 'all-needed' };
  if (marginPercent <= normalQuantile(content) * spreadPercent) {
    return { number: containers, because: 'out-of-reach' };
  }
  const statement = { content, confidence: confidencePerLook(question) };
  const room = marginPercent / spreadPercent;
  const byFactor = leastNumber(FEWEST_FOR_SPREAD, Math.min(containers, 1000), (n) => {
    return toleranceFactor(n, statement) <= room;
  });
  const group = numberToMeetGroup(containers);
  const number = Math.max(byFactor, group);
  if (number === containers) return { number, because: 'all-needed' };
  return { number, because: group > byFactor ? 'second-group' : 'enough' };
}

function byCount(question: PlanQuestion): PlanNumber {
  const { containers, content } = question;
  const badIn = (size: number): number => badAllowed(size, content) + 1;
  const number = numberWithoutLeaps(containers, badIn, confidencePerLook(question));
  return { number, because: number === containers ? 'all-needed' : 'enough' };
}

/**
 * How many containers to test, fixed before any is looked at.
 *
 * By mean and spread: the least number whose tolerance factor fits between the expected mean and
 * the limit, and that would meet a second group of a tenth. By count: the least number that, all conforming, rules out more bad ones than the
 * promise allows (hypergeometric, exact for small lots).
 *
 * @param question - containers 1..10000, content, confidence, looks 1..4, margin and spread [%]
 * @returns the number, 'all-needed' where it takes all, 'out-of-reach' where the expected mean lies
 * too near the limit for any number
 * @throws DomainError `out-of-range`
 * @source ISO 16269-6 and the hypergeometric distribution, recalled from memory
 */
export function plannedNumber(question: PlanQuestion): PlanNumber {
  requireFinite({ question }, 'plannedNumber');
  const fn = 'plannedNumber';
  requireWhole(question.containers, [1, 10_000], { fn, param: 'containers', unit: '1' });
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
  requireFinite({ ids, number, looks, start }, 'drawContainers');
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
