import { flowCourse, groupBy, type FlowCourse } from '../../core';
import type { Flow } from '../../records';
import { dayNumber } from '../days';

/** A flow with how it stands on a day. */
export interface FlowOnDay<F extends Pick<Flow, 'content'> = Flow> {
  readonly flow: F;
  readonly course: FlowCourse;
}

/** A flow as it stands on a day since 1970-01-01. */
export function flowOnDay<F extends Pick<Flow, 'content'>>(flow: F, day: number): FlowOnDay<F> {
  const { expectedStart, expectedEnd, observedStart, observedEnd, failed } = flow.content;
  const known = (iso: string | null): number | null => (iso === null ? null : dayNumber(iso));
  const days = {
    expectedStart: dayNumber(expectedStart),
    expectedEnd: dayNumber(expectedEnd),
    observedStart: known(observedStart),
    observedEnd: known(observedEnd),
    failed: failed ?? false,
  };
  return { flow, course: flowCourse(days, day) };
}

/** How often a plant gave nectar, over the years in which it was written down. */
export interface FlowHistory {
  readonly plant: string;
  /** years in which it was expected, and its time is over */
  readonly years: number;
  readonly came: number;
  /** of those that came, with the keeper's word */
  readonly poor: number;
}

const nameOf = ({ content }: Flow): string => content.plant || content.name;

/** How often each plant came; flows whose time is not over yet do not count. */
export function flowHistories(flows: readonly Flow[], day: number): FlowHistory[] {
  const past = flows
    .map((flow) => flowOnDay(flow, day))
    .filter(({ course }) => course.state !== 'to-come' && course.state !== 'late');
  const byPlant = groupBy(past, ({ flow }) => nameOf(flow).toLowerCase());
  return [...byPlant.values()].map((own) => {
    const yearOf = ({ flow }: FlowOnDay): string => flow.content.expectedStart.slice(0, 4);
    const came = own.filter(({ flow }) => flow.content.observedStart !== null);
    return {
      plant: nameOf(own[0]!.flow),
      years: new Set(own.map(yearOf)).size,
      came: new Set(came.map(yearOf)).size,
      poor: came.filter(({ flow }) => flow.content.taste === 'poor').length,
    };
  });
}
