import { requireLine, type Line } from './line';
import { LineRun, type LineBar, type LoadDone, type Vary } from './lineRun';
import { freshState, requireState, type LineState } from './lineState';
import { beginAll, resumeLoad } from './lineTasks';

/** Where the honey went; all the rest together is the total [kg]. */
export interface LineMass {
  /** in combs that were spun, and what waited already */
  readonly total: number;
  readonly withCappings: number;
  readonly inWetCombs: number;
  readonly onWalls: number;
  readonly scrapedOff: number;
  readonly strained: number;
}

/** How a day at the line goes. */
export interface LineCourse {
  /** the last comb is spun [min after midnight] */
  readonly spunMin: number;
  /** the last honey is through the strainer */
  readonly strainedMin: number;
  /** the last wet box is out; null where that is not for this day */
  readonly wetOutMin: number | null;
  readonly loads: readonly LoadDone[];
  /** when each full pail was full */
  readonly pailsAtMin: readonly number[];
  /** in pails that are not full [kg] */
  readonly lastPailsKg: readonly number[];
  readonly scrapesAtMin: readonly number[];
  readonly mass: LineMass;
  /** most honey that waited for the strainer [kg], and most opened frames */
  readonly mostWaitingKg: number;
  readonly mostOpened: number;
  /** who does what; empty where it was not asked for */
  readonly bars: readonly LineBar[];
}

const steady: Vary = () => 1;

/** The next moment at which somebody may begin who could not before; Infinity where none is. */
function nextWake({ wakes, nowMin }: LineRun): number {
  for (const at of wakes) if (at > nowMin) return at;
  return Infinity;
}

/** Takes out the activity that ends first and finishes it; false where nothing goes on. */
function advance(run: LineRun): boolean {
  const { activities } = run;
  let first = 0;
  for (let at = 1; at < activities.length; at += 1) {
    if (activities[at]!.endMin < activities[first]!.endMin) first = at;
  }
  const next = activities[first];
  const wake = nextWake(run);
  if (!next && wake === Infinity) return false;
  if (!next || wake < next.endMin) {
    run.nowMin = wake;
    return true;
  }
  activities.splice(first, 1);
  run.nowMin = next.endMin;
  next.finish();
  return true;
}

function massOf(run: LineRun, state: LineState): LineMass {
  const { line } = run;
  const { uncapping, extractor, honeyKgPerFrame } = line;
  const frames = run.loads.reduce((sum, load) => sum + load.frames, 0);
  const spunKg = frames * honeyKgPerFrame;
  const openedBefore = state.opened * honeyKgPerFrame * uncapping.lossShare;
  return {
    total: spunKg - openedBefore + state.sumpKg + state.pailKg,
    withCappings: spunKg * uncapping.lossShare - openedBefore,
    inWetCombs: spunKg * extractor.leftShare,
    onWalls: state.wallsLeftKg - run.wallsLeftKg,
    scrapedOff: run.scrapedKg,
    strained: run.strainedKg + state.pailKg,
  };
}

/** How a line is to be run. */
export interface LineOptions {
  /** from where; the beginning where left out */
  readonly state?: LineState;
  /** what varies from the rates; nothing where left out */
  readonly vary?: Vary;
  /** whether to keep who does what */
  readonly records?: boolean;
}

/**
 * Runs an extraction line to its end: whoever has free hands does what is most urgent.
 *
 * Honey runs out of a load at the end of each spinning; in breaks nobody begins anything and gates
 * are shut, while a motor finishes its load.
 *
 * @throws DomainError as `requireLine`
 * @source discrete-event simulation; order of urgency and layout of the line: common practice, no source
 */
export function simulateLine(line: Line, options: LineOptions = {}): LineCourse {
  requireLine(line);
  const { state = freshState(line), vary = steady, records = false } = options;
  requireState(state);
  const run = new LineRun(line, state, vary, records);
  if (state.hanging) resumeLoad(run, state.hanging.frames, state.hanging.minutes);
  do beginAll(run);
  while (advance(run));
  return {
    spunMin: run.lastSpunMin,
    strainedMin: run.strainedMin,
    wetOutMin: run.wetOutMin,
    loads: run.loads,
    pailsAtMin: run.pailsAtMin,
    lastPailsKg: run.strainers.map((strainer) => strainer.pailKg).filter((kg) => kg > 1e-6),
    scrapesAtMin: run.scrapesAtMin,
    mass: massOf(run, state),
    mostWaitingKg: run.mostSumpKg,
    mostOpened: run.mostOpened,
    bars: run.bars,
  };
}
