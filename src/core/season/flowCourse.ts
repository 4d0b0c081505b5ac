import { requireFinite } from '../errors';

/** Days of a flow, counted from 1970-01-01. */
export interface FlowDays {
  readonly expectedStart: number;
  readonly expectedEnd: number;
  /** null where nothing was seen yet */
  readonly observedStart: number | null;
  readonly observedEnd: number | null;
  /** the keeper says that it did not come */
  readonly failed: boolean;
}

/** How a flow stands on a day. */
export const FLOW_STATES = [
  'to-come',
  'late',
  'on',
  'fading',
  'over',
  'never-seen',
  'failed',
] as const;
export type FlowState = (typeof FLOW_STATES)[number];

/** A flow on a day. */
export interface FlowCourse {
  readonly state: FlowState;
  /** first day, seen or else expected */
  readonly startDay: number;
  /** last day with nectar, seen or else believed; null where it brings none */
  readonly endDay: number | null;
}

/** Over its last days a flow brings ever less [d]. @source our choice, no source */
export const FADING_DAYS = 3;

/** Days that a flow may be late before its absence is worth a question [d]. @source common practice, no source */
const LATE_DAYS = 3;

/**
 * How a flow stands on a day, and until when it is believed to bring nectar.
 *
 * A flow that was seen and not yet seen to end is believed to last as expected, and from then on until
 * tomorrow, anew each day. One that nobody saw by the end of its time brings nothing: whether it came
 * unseen is for the keeper to say.
 *
 * @param flow - days since 1970-01-01
 * @param day - the day on which it is asked
 * @throws DomainError `out-of-range` where a day is not finite
 * @source common practice, no source
 * @example flowCourse({ expectedStart: 10, expectedEnd: 30, observedStart: 12, observedEnd: null, failed: false }, 28).state // => 'fading'
 */
export function flowCourse(flow: FlowDays, day: number): FlowCourse {
  requireFinite({ flow, day }, 'flowCourse');
  const { expectedStart, expectedEnd, observedStart, observedEnd } = flow;
  if (flow.failed) return { state: 'failed', startDay: expectedStart, endDay: null };
  if (observedStart !== null && observedStart <= day) {
    const endDay = observedEnd ?? Math.max(expectedEnd, day + 1);
    const state = endDay < day ? 'over' : day > endDay - FADING_DAYS ? 'fading' : 'on';
    return { state, startDay: observedStart, endDay };
  }
  const startDay = observedStart ?? expectedStart;
  const endDay = Math.max(observedEnd ?? expectedEnd, startDay);
  if (observedStart === null && day > expectedEnd) {
    return { state: 'never-seen', startDay, endDay: null };
  }
  return { state: day > startDay + LATE_DAYS ? 'late' : 'to-come', startDay, endDay };
}

/** Whether it brings nectar now. */
export const isFlowing = ({ state }: FlowCourse): boolean => state === 'on' || state === 'fading';
