import { type SeasonAct, type SeasonBoard } from '../../../model';
import { firstsOfMonths } from './flowLines';

/** A row of the season's line, in days from the start of the drawing. */
export interface SeasonRow {
  readonly id: string;
  readonly name: string;
  /** expected */
  readonly outline: readonly [number, number] | null;
  /** seen, or on the hive */
  readonly solid: readonly [number, number] | null;
  /** days on which something is to be done */
  readonly ticks: readonly number[];
}

export interface SeasonDrawing {
  readonly rows: readonly SeasonRow[];
  readonly days: number;
  readonly today: number;
  /** firsts of months: where they stand, and their ISO day */
  readonly months: readonly { readonly at: number; readonly day: string }[];
}

/** So far back and ahead the line goes [d]. */
const BEHIND = 45;
const AHEAD = 75;

type Span = readonly [number, number];

/** The part of a span that is drawn; null where none of it is. */
function within([start, end]: Span, [from, to]: Span): Span | null {
  return end < from || start > to ? null : [Math.max(start, from) - from, Math.min(end, to) - from];
}

/** Flows and treatments of all yards with the days proposed for them, on one calendar around today. */
export function seasonDrawing({ yards, givens, acts, today }: SeasonBoard): SeasonDrawing {
  const span: Span = [today - BEHIND, today + AHEAD];
  const ticksOf = (wanted: (act: SeasonAct) => boolean): number[] =>
    [...new Set(acts.filter(wanted).map(({ day }) => day))]
      .filter((day) => day >= span[0] && day <= span[1])
      .map((day) => day - span[0]);
  const flows = yards.flatMap(({ yard, flows: own }) =>
    own.map(({ flow, course }): SeasonRow => {
      const isSeen = flow.content.observedStart !== null && course.endDay !== null;
      const end = course.endDay ?? course.startDay;
      return {
        id: `${yard.entityId} ${flow.entityId}`,
        name: `${flow.content.name}, ${yard.content.name}`,
        outline: within([course.startDay, end], span),
        solid: isSeen ? within([course.startDay, Math.min(today, end)], span) : null,
        ticks: ticksOf(
          (act) =>
            act.kind !== 'treatment' &&
            act.board.yard.entityId === yard.entityId &&
            act.flow?.entityId === flow.entityId,
        ),
      };
    }),
  );
  const treatments = givens.map(({ given, calendar }): SeasonRow => {
    const last = calendar.steps.find(({ step }) => step === 'take-out')?.day;
    const start = calendar.steps.find(({ step }) => step === 'put-in')?.day ?? today;
    const solid = start <= today ? within([start, Math.min(today, last ?? today)], span) : null;
    return {
      id: given.entityId,
      name: given.content.name,
      outline: within([start, last ?? Math.max(start, today)], span),
      solid,
      ticks: ticksOf((act) => act.kind === 'treatment' && act.item.given === given),
    };
  });
  const rows = [...flows, ...treatments].filter(
    ({ outline, ticks }) => outline !== null || ticks.length > 0,
  );
  return {
    rows,
    days: BEHIND + AHEAD,
    today: BEHIND,
    months: firstsOfMonths(span[0], BEHIND + AHEAD),
  };
}
