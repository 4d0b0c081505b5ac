import { GUARD_FACTOR, decisionOn } from '../conformity/conformity';
import { requireInRange, requireWhole, requireFinite } from '../errors';
import { mean, squaredDeviations } from '../moisture/spreads';
import { mostBad } from './finiteLot';
import { badAllowed, confidencePerLook, numberToMeetGroup, type PlanAim } from './samplingPlan';
import { spreadDoubt } from './spreadAssumptions';
import { toleranceFactor } from './toleranceFactor';

/** A container of the plan that was tested. */
export interface TestedContainer {
  readonly id: string;
  readonly meanPercent: number;
  /** of its own mean, bias of the meter included [%] */
  readonly standardUncertainty: number;
}

/** What a verdict rests on. */
export interface PlanResults extends PlanAim {
  /** containers of the lot, suspicious ones not counted */
  readonly containers: number;
  /** ids to be tested at each look, as fixed before looking */
  readonly plannedIds: readonly (readonly string[])[];
  readonly tested: readonly TestedContainer[];
  readonly limitPercent: number;
  /** standard uncertainty common to all readings: calibration, temperature, relation [%] */
  readonly systematicPercent: number;
}

/** What mean and spread of the tested containers say. */
export interface SpreadVerdict {
  readonly by: 'mean-and-spread';
  readonly meanPercent: number;
  readonly standardDeviation: number;
  readonly factor: number;
  /** what the common error of the meter adds in full [%] */
  readonly systematicPercent: number;
  /** mean + factor · spread + common error [%] */
  readonly boundPercent: number;
}

/** What counting says. */
export interface CountVerdict {
  readonly by: 'by-count';
  /** as asked; else why mean and spread do not stand */
  readonly because: 'asked' | 'few' | 'outlier' | 'not-normal';
  readonly notConforming: number;
  /** bad containers of the whole lot that are not ruled out */
  readonly badAtMost: number;
  readonly badAllowed: number;
}

/** How far a plan has come, and what it says once a look is complete. */
export type PlanVerdict =
  | { readonly status: 'incomplete'; readonly missing: readonly string[]; readonly look: number }
  | {
      readonly status: 'holds' | 'fails';
      /** which look decided, counted from 1 */
      readonly look: number;
      readonly tested: number;
      readonly detail: SpreadVerdict | CountVerdict;
    };

function bySpread(results: PlanResults, tested: readonly TestedContainer[]): SpreadVerdict {
  const values = tested.map((testedContainer) => testedContainer.meanPercent);
  const statement = { content: results.content, confidence: confidencePerLook(results) };
  const standardDeviation = Math.sqrt(squaredDeviations(values) / (values.length - 1));
  const factor = toleranceFactor(values.length, statement);
  const systematicPercent = GUARD_FACTOR * results.systematicPercent;
  return {
    by: 'mean-and-spread',
    meanPercent: mean(values),
    standardDeviation,
    factor,
    systematicPercent,
    boundPercent: mean(values) + factor * standardDeviation + systematicPercent,
  };
}

function conforms({ meanPercent, standardUncertainty }: TestedContainer, limit: number): boolean {
  return decisionOn({ mean: meanPercent, standardUncertainty }, limit) === 'conforms';
}

function byCount(
  results: PlanResults,
  tested: readonly TestedContainer[],
  because: CountVerdict['because'],
): CountVerdict {
  const notConforming = tested.filter(
    (testedContainer) => !conforms(testedContainer, results.limitPercent),
  ).length;
  const sample = { lotSize: results.containers, tested: tested.length, found: notConforming };
  return {
    by: 'by-count',
    because,
    notConforming,
    badAtMost: mostBad(sample, confidencePerLook(results)),
    badAllowed: badAllowed(results.containers, results.content),
  };
}

/**
 * What a look says. Mean and spread stand only where a second group would have been met and the values
 * look like one normal spread; else the containers are counted, which assumes nothing. Where all are
 * tested, all is known.
 */
function detailOf(results: PlanResults, tested: readonly TestedContainer[]) {
  const all = tested.length >= results.containers;
  if (results.method === 'by-count' || all) return byCount(results, tested, 'asked');
  if (tested.length < Math.max(2, numberToMeetGroup(results.containers))) {
    return byCount(results, tested, 'few');
  }
  const doubt = spreadDoubt(tested.map((testedContainer) => testedContainer.meanPercent));
  return doubt ? byCount(results, tested, doubt) : bySpread(results, tested);
}

function holds(detail: SpreadVerdict | CountVerdict, limitPercent: number): boolean {
  return detail.by === 'mean-and-spread'
    ? detail.boundPercent <= limitPercent
    : detail.badAtMost <= detail.badAllowed;
}

/**
 * What a sampling plan says so far. Only containers of the plan count, and only once a planned look
 * is complete: testing until it passes is no test.
 *
 * @param results - the plan as fixed, and the containers tested
 * @returns what is missing, or whether the promise holds
 * @throws DomainError `out-of-range`
 * @source ISO 16269-6; hypergeometric distribution; both recalled from memory. The common error of
 * the meter is added in full: our choice
 */
export function planVerdict(results: PlanResults): PlanVerdict {
  requireFinite({ results }, 'planVerdict');
  const fn = 'planVerdict';
  requireInRange(results.systematicPercent, [0, 10], { fn, param: 'systematicPercent', unit: '%' });
  requireWhole(results.containers, [1, 10_000], { fn, param: 'containers', unit: '1' });
  const byId = new Map(
    results.tested.map((testedContainer) => [testedContainer.id, testedContainer]),
  );
  const soFar: TestedContainer[] = [];
  let last: PlanVerdict = { status: 'incomplete', missing: [], look: 1 };
  for (const [at, ids] of results.plannedIds.entries()) {
    const missing = ids.filter((id) => !byId.has(id));
    if (missing.length > 0) return { status: 'incomplete', missing, look: at + 1 };
    soFar.push(...ids.flatMap((id) => byId.get(id) ?? []));
    const detail = detailOf(results, soFar);
    const status = holds(detail, results.limitPercent) ? 'holds' : 'fails';
    last = { status, look: at + 1, tested: soFar.length, detail };
    if (status === 'holds') return last;
  }
  return last;
}
