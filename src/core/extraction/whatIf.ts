import { requireFinite } from '../errors';
import type { Line } from './line';
import type { LineState } from './lineState';
import { honeyDoneMin, planLine } from './planLine';

/** Something that could be added to a line, or be made faster. */
export const LINE_CHANGES = ['helper', 'tool', 'extractor', 'strainer', 'warmer'] as const;
export type LineChange = (typeof LINE_CHANGES)[number];

/** What a change would bring. */
export interface LineGain {
  readonly change: LineChange;
  /** the honey is done so much earlier [min]; below 0 later */
  readonly minutes: number;
}

/** A line with more of something; `warmed` is the same line with warmer honey, null where it may not be. */
function changedLine(line: Line, change: LineChange, warmed: Line | null): Line | null {
  const { uncapping, extractor, strainer } = line;
  switch (change) {
    case 'helper':
      return { ...line, speeds: [...line.speeds, 1] };
    case 'tool':
      return { ...line, uncapping: { ...uncapping, places: uncapping.places + 1 } };
    case 'extractor': {
      const count = extractor.count + 1;
      return { ...line, extractor: { ...extractor, count } };
    }
    case 'strainer':
      return { ...line, strainer: { ...strainer, count: strainer.count + 1 } };
    case 'warmer':
      return warmed;
  }
}

/**
 * What one more of each would bring, the most first.
 *
 * @param warmed - the line with honey some degrees warmer; null where wax would soften
 * @throws DomainError as `simulateLine`
 * @source the changed line is run
 */
export function lineGains(line: Line, warmed: Line | null, state?: LineState): LineGain[] {
  requireFinite({ line, warmed, state }, 'lineGains');
  const options = state ? { state } : {};
  const now = honeyDoneMin(planLine(line, options).course);
  return LINE_CHANGES.flatMap((change) => {
    const changed = changedLine(line, change, warmed);
    if (!changed) return [];
    return [{ change, minutes: now - honeyDoneMin(planLine(changed, options).course) }];
  }).sort((a, b) => b.minutes - a.minutes);
}

/** What may hold a line up. */
export const LINE_STAGES = ['uncapping', 'hands', 'extractor', 'strainer', 'doors'] as const;
export type LineStageName = (typeof LINE_STAGES)[number];

/** A stage with what the day would gain if it were a quarter faster. */
export interface StageGain {
  readonly stage: LineStageName;
  readonly minutes: number;
}

/** The stage is taken to be so much faster [1]. */
const FASTER = 1.25;

function fasterLine(line: Line, stage: LineStageName): Line {
  const { uncapping, extractor, strainer, bees } = line;
  switch (stage) {
    case 'uncapping': {
      const secondsPerFrame = uncapping.secondsPerFrame / FASTER;
      return { ...line, uncapping: { ...uncapping, secondsPerFrame } };
    }
    case 'hands':
      return { ...line, speeds: line.speeds.map((speed) => speed * FASTER) };
    case 'extractor': {
      const spinMinutes = extractor.spinMinutes / FASTER;
      return { ...line, extractor: { ...extractor, spinMinutes } };
    }
    case 'strainer': {
      const { cycle, scrapeMinutes } = strainer;
      const minutes = cycle.minutes.map((minute) => minute / FASTER);
      const faster = { ...cycle, cleanKgPerMin: cycle.cleanKgPerMin * FASTER, minutes };
      const stageFaster = { ...strainer, cycle: faster, scrapeMinutes: scrapeMinutes / FASTER };
      return { ...line, strainer: stageFaster };
    }
    case 'doors':
      return { ...line, bees: { ...bees, shutFromMin: 0, shutToMin: 0 } };
  }
}

/** From this share on it is most of it [1]. @source our choice */
const MOST_OF_IT = 0.7;

/** Less than this share of the day is no bottleneck [1]. */
const HELD_UP_FROM = 0.01;

/**
 * The stage that holds the line up: the one whose speed the end of the day hangs on most.
 *
 * @returns null where no stage matters more than a hundredth of the day
 * @throws DomainError as `simulateLine`
 * @source each stage is run a quarter faster, doors are kept open
 */
export function bottleneck(line: Line, state?: LineState): StageGain | null {
  requireFinite({ line, state }, 'bottleneck');
  const options = state ? { state } : {};
  const end = honeyDoneMin(planLine(line, options).course);
  const gains = LINE_STAGES.map((stage) => ({
    stage,
    minutes: end - honeyDoneMin(planLine(fasterLine(line, stage), options).course),
  }));
  // faster hands are faster at uncapping too: where that is most of it, the narrower name counts
  const most = gains.reduce((best, gain) => {
    const least =
      best.stage === 'uncapping' && gain.stage === 'hands'
        ? best.minutes / MOST_OF_IT
        : best.minutes;
    return gain.minutes > least + 1e-6 ? gain : best;
  });
  const day = end - (state?.nowMin ?? line.startMin);
  return most.minutes > HELD_UP_FROM * day ? most : null;
}
