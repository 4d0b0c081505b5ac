import { dayNumber, isoDayOf } from '../../../model';
import { type Flow } from '../../../records';

/** A flow on the line of its year, in days from the start of the drawing. */
export interface FlowLine {
  readonly id: string;
  readonly name: string;
  readonly year: string;
  readonly expected: readonly [number, number];
  readonly observed: readonly [number, number | null] | null;
}

export interface FlowDrawing {
  readonly lines: readonly FlowLine[];
  readonly days: number;
  /** today, null where it is outside */
  readonly today: number | null;
  /** firsts of months: where they stand, and their ISO day */
  readonly months: readonly { readonly at: number; readonly day: string }[];
}

const DAYS_IN_YEAR = 365;

export function firstsOfMonths(from: number, days: number): FlowDrawing['months'] {
  return Array.from({ length: Math.floor(days) + 1 }, (_, at) => ({
    at,
    day: isoDayOf(from + at),
  })).filter(({ day }) => day.endsWith('-01'));
}

/**
 * Flows of all years under each other on one calendar, so that the same plant can be compared: days
 * of former years are moved by whole years.
 */
export function drawnFlows(flows: readonly Flow[], todayIso: string): FlowDrawing {
  const latest = Math.max(...flows.map((flow) => Number(flow.content.expectedStart.slice(0, 4))));
  const placed = flows.map(({ entityId, content }) => {
    const year = content.expectedStart.slice(0, 4);
    const shift = (latest - Number(year)) * DAYS_IN_YEAR;
    const at = (day: string): number => dayNumber(day) + shift;
    return {
      id: entityId,
      name: content.name,
      year,
      expected: [at(content.expectedStart), at(content.expectedEnd)] as const,
      observed: content.observedStart
        ? ([
            at(content.observedStart),
            content.observedEnd ? at(content.observedEnd) : null,
          ] as const)
        : null,
    };
  });
  const all = placed.flatMap((item) => [...item.expected, ...(item.observed ?? [])]);
  const known = all.filter((value) => value !== null);
  const from = Math.min(...known) - 3;
  const days = Math.max(...known) + 3 - from;
  const today = dayNumber(todayIso) - from;
  return {
    days,
    months: firstsOfMonths(from, days),
    today: today >= 0 && today <= days ? today : null,
    lines: placed.map((item) => ({
      ...item,
      expected: [item.expected[0] - from, item.expected[1] - from],
      observed: item.observed && [
        item.observed[0] - from,
        item.observed[1] === null ? null : item.observed[1] - from,
      ],
    })),
  };
}
