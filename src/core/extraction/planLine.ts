import { requireFinite } from '../errors';
import { simulateLine, type LineCourse } from './simulateLine';
import { someoneStays, type Line } from './line';
import { freshState, type LineState } from './lineState';
import type { Vary } from './lineRun';

/** How a day is run: from where, and whether it is recorded who does what. */
export interface PlanOptions {
  readonly state?: LineState;
  readonly records?: boolean;
  /** made anew for each run, so that runs with more or fewer people vary alike */
  readonly vary?: () => Vary;
}

/** The last of the honey work: combs spun and honey strained [min after midnight]. */
export const honeyDoneMin = ({ spunMin, strainedMin }: LineCourse): number => {
  requireFinite({ spunMin, strainedMin }, 'honeyDoneMin');
  return Math.max(spunMin, strainedMin);
};

/** A course with those who have a place in it. */
export interface LinePlan {
  readonly course: LineCourse;
  /** people who work; the others would only be in the way */
  readonly working: number;
}

/**
 * The best that so many people can do. Free hands that take what is most urgent can be in each
 * other's way (Graham 1969), so whoever makes it later stands aside, as long as somebody stays to the end.
 *
 * @throws DomainError as `simulateLine`
 */
export function planLine(line: Line, options: PlanOptions = {}): LinePlan {
  requireFinite({ line, options }, 'planLine');
  const { state = freshState(line), records = false, vary } = options;
  let best: LinePlan | null = null;
  for (let working = line.speeds.length; working > 0; working -= 1) {
    const team = { ...line, speeds: line.speeds.slice(0, working) };
    if (!someoneStays(team)) break;
    const course = simulateLine(team, { state, records, ...(vary && { vary: vary() }) });
    if (!best || honeyDoneMin(course) < honeyDoneMin(best.course) - 1e-6)
      best = { course, working };
  }
  return best ?? { course: simulateLine(line, { state, records }), working: 0 };
}
