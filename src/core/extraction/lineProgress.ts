import { requireFinite } from '../errors';
import { SPEED_RANGE, spunKgPerFrame, type Line, type LineBreak } from './line';
import { freshState, type LineState } from './lineState';
import { loadsOf } from './loads';
import { LINE_DOUBT, type LineDoubt } from './replicateLine';
import { simulateLine } from './simulateLine';

/** What was ticked off so far, each with its time [min after midnight], rising. */
export interface LineTicks {
  /** a load came out of the extractor */
  readonly loadsOutMin: readonly number[];
  readonly pailsFullMin: readonly number[];
  readonly scrapesMin: readonly number[];
}

export const NO_TICKS: LineTicks = { loadsOutMin: [], pailsFullMin: [], scrapesMin: [] };

/** A day under way: where it stands, and the line at the pace it really has. */
export interface LineUnderWay {
  readonly state: LineState;
  /** the line with its rates corrected */
  readonly line: Line;
  readonly doubt: LineDoubt;
  /** time taken by that planned [1]: over 1 slower */
  readonly pace: { readonly hands: number; readonly straining: number };
}

/** From load to load, and from pail to pail, spread of the logarithm [1]. @source common practice, no source */
export const LOAD_SPREAD = 0.3;
export const PAIL_SPREAD = 0.25;

/** Minutes between two times that were no break. */
export function workMinutes(breaks: readonly LineBreak[], fromMin: number, toMin: number): number {
  const away = breaks.reduce((sum, lineBreak) => {
    const overlap = Math.min(lineBreak.toMin, toMin) - Math.max(lineBreak.fromMin, fromMin);
    return sum + Math.max(0, overlap);
  }, 0);
  return Math.max(0, toMin - fromMin - away);
}

/** A pace: what was seen, held by what was expected; and how sure it is then. */
function learned(
  ratio: number | null,
  { count, prior, each }: { readonly count: number; readonly prior: number; readonly each: number },
): { readonly factor: number; readonly spread: number } {
  if (ratio === null || count === 0) return { factor: 1, spread: prior };
  const [known, seen] = [1 / prior ** 2, count / each ** 2];
  const mean = (seen * Math.log(ratio)) / (known + seen);
  return { factor: Math.exp(mean), spread: 1 / Math.sqrt(known + seen) };
}

/** Time taken for the last tick by that planned for it; null where nothing was ticked. */
export function ratioOf(
  line: Line,
  seen: readonly number[],
  planned: readonly number[],
): number | null {
  const count = Math.min(seen.length, planned.length);
  if (count === 0) return null;
  const minutes = (times: readonly number[]): number =>
    workMinutes(line.breaks, line.startMin, times[count - 1]!);
  const [took, expected] = [minutes(seen), minutes(planned)];
  return took > 0.5 && expected > 0.5 ? took / expected : null;
}

/** Time from the first full pail to the last by that planned, at the pace that hands really have. */
export function strainingRatio(
  line: Line,
  seen: readonly number[],
  handsPace: number,
): number | null {
  const planned = simulateLine(atPace(line, handsPace, 1)).pailsAtMin;
  const last = Math.min(seen.length, planned.length) - 1;
  if (last < 1) return null;
  const took = workMinutes(line.breaks, seen[0]!, seen[last]!);
  const expected = workMinutes(line.breaks, planned[0]!, planned[last]!);
  return took > 0.5 && expected > 0.5 ? took / expected : null;
}

const held = (value: number, [low, high]: readonly [number, number]): number =>
  Math.min(high, Math.max(low, value));

/** The line with hands and strainer at another pace; nobody is slower or faster than people are. */
export function atPace(line: Line, hands: number, straining: number): Line {
  requireFinite({ line, hands, straining }, 'atPace');
  const { cycle } = line.strainer;
  return {
    ...line,
    speeds: line.speeds.map((speed) => held(speed / hands, SPEED_RANGE)),
    strainer: {
      ...line.strainer,
      cycle: {
        ...cycle,
        cleanKgPerMin: cycle.cleanKgPerMin / straining,
        minutes: cycle.minutes.map((minute) => minute * straining),
      },
    },
  };
}

/** Minutes that a load takes from when the former one is out. */
function loadMinutes({ extractor }: Line): number {
  const { handleMinutes, spinMinutes, sides, turnMinutes } = extractor;
  return handleMinutes / 2 + sides * spinMinutes + (sides - 1) * turnMinutes;
}

/** Combs by where they are: spun, hanging in the extractor, opened, waiting. */
function combsNow(line: Line, { loadsOutMin }: LineTicks, nowMin: number) {
  const { framesPerLoad } = line.extractor;
  const { secondsPerFrame, places, rackFrames } = line.uncapping;
  const loads = loadsOf(line.frames, framesPerLoad).slice(0, loadsOutMin.length);
  const spunFrames = loads.reduce((sum, load) => sum + load.frames, 0);
  const since = loadsOutMin[loadsOutMin.length - 1] ?? line.startMin;
  const minutes = workMinutes(line.breaks, since, nowMin);
  const left = line.frames - spunFrames;
  const hangs = loadsOutMin.length === 0 ? 0 : Math.min(left, framesPerLoad);
  const opening = Math.floor((minutes * 60 * places) / secondsPerFrame);
  return {
    spunFrames,
    hanging:
      hangs === 0 ? null : { frames: hangs, minutes: Math.max(0.5, loadMinutes(line) - minutes) },
    opened: Math.min(left - hangs, opening, rackFrames, framesPerLoad),
    left: left - hangs,
  };
}

/** Where the line stands by what was ticked off; what no tick tells is taken as planned. */
function stateNow(line: Line, ticks: LineTicks, nowMin: number): LineState {
  const { wallsKg, sumpKg } = line.extractor;
  const { spunFrames, hanging, opened, left } = combsNow(line, ticks, nowMin);
  const framesOutside = Math.min(left - opened, freshState(line).framesOutside);
  const spunKg = spunFrames * spunKgPerFrame(line);
  const walls = Math.min(spunKg, wallsKg);
  const scrapedKg = ticks.scrapesMin.length * line.strainer.scrapeLossKg;
  const gone = walls + scrapedKg + ticks.pailsFullMin.length * line.pail.kg;
  const sinceKg = Math.max(0, spunKg - gone);
  // half a pail, where there is that much, is the best guess of what nobody ticked
  const pailKg = Math.min(line.pail.kg / 2, sinceKg);
  const waitingKg = Math.min(sumpKg, sinceKg - pailKg);
  return {
    nowMin,
    framesOutside,
    framesInside: left - opened - framesOutside,
    opened,
    hanging,
    spunFrames,
    sumpKg: waitingKg,
    wallsLeftKg: wallsKg - walls,
    pailKg,
    passedKg: passedSinceScrape(line, ticks),
    untickedKg: sinceKg - pailKg - waitingKg,
  };
}

function passedSinceScrape(line: Line, { pailsFullMin, scrapesMin }: LineTicks): number {
  const last = scrapesMin[scrapesMin.length - 1] ?? -Infinity;
  const pails = pailsFullMin.filter((at) => at > last).length;
  return Math.min(line.strainer.cycle.kg * 0.99, (pails * line.pail.kg) / line.strainer.count);
}

/**
 * A day from what was ticked off: where it stands now, at which pace it goes, how sure that is.
 *
 * @param nowMin - [min after midnight], not before the last tick
 * @param prior - how sure its pace was before the day began
 * @throws DomainError as `simulateLine`
 * @source pace: Bayesian mean of logarithms with the rates as prior; common practice, no source
 */
export function lineUnderWay(
  line: Line,
  ticks: LineTicks,
  nowMin: number,
  prior: LineDoubt = LINE_DOUBT,
): LineUnderWay {
  requireFinite({ line, ticks, nowMin, prior }, 'lineUnderWay');
  const planned = simulateLine(line);
  const outs = planned.loads.map((load) => load.outMin).sort((a, b) => a - b);
  const hands = learned(ratioOf(line, ticks.loadsOutMin, outs), {
    count: ticks.loadsOutMin.length,
    prior: prior.hands,
    each: LOAD_SPREAD,
  });
  const straining = learned(strainingRatio(line, ticks.pailsFullMin, hands.factor), {
    count: Math.max(0, ticks.pailsFullMin.length - 1),
    prior: prior.straining,
    each: PAIL_SPREAD,
  });
  const state = stateNow(line, ticks, nowMin);
  return {
    state,
    line: { ...atPace(line, hands.factor, straining.factor), startMin: nowMin },
    doubt: { hands: hands.spread, straining: straining.spread },
    pace: { hands: hands.factor, straining: straining.factor },
  };
}
