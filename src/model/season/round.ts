import { colonyOf, type Book } from '../day/book';
import type { SeasonBoard } from './seasonBoard';
import type { YardBoard } from './yardBoard';

/** What is carried to a yard and back on one round. */
export interface RoundStop {
  readonly board: YardBoard;
  /** boxes to bring: of those that are to be added, and those that catch the rest */
  readonly bringBoxes: number;
  readonly bringBoards: number;
  /** full boxes to fetch, and about what they hold [kg of honey]; null where nobody looked */
  readonly fetchBoxes: number;
  readonly fetchKg: number | null;
  /** hives that another box is for, by name */
  readonly hives: readonly string[];
}

/** Acts so many days ahead go with the round of a day. @source our choice */
const WITH_DAYS = 1;

/** Honey that is in the boxes of a yard, as far as somebody looked [kg]. */
function honeyOf({ gains }: YardBoard): number | null {
  const seen = gains.flatMap(({ honeyKg }) => honeyKg ?? []);
  return seen.length > 0 ? seen.reduce((sum, kg) => sum + kg, 0) : null;
}

/** The round of a day: every yard to which something is carried, or from which something is fetched. */
export function roundOf({ acts, yards }: SeasonBoard, day: number, book: Book): RoundStop[] {
  const due = acts.filter((act) => act.day <= day + WITH_DAYS);
  return yards.flatMap((board): RoundStop[] => {
    const has = (kind: string): boolean =>
      due.some((act) => act.kind === kind && act.kind !== 'treatment' && act.board === board);
    const adding = has('add-boxes')
      ? board.hiveBoxes.filter(({ advice }) => advice.advice === 'add')
      : [];
    const fetches = has('pull');
    const stop: RoundStop = {
      board,
      bringBoxes:
        adding.length + (has('boxes-on') ? board.hives : 0) + (has('catch-rest') ? board.hives : 0),
      bringBoards: has('escapes') ? board.hives : 0,
      fetchBoxes: fetches ? board.boxes : 0,
      fetchKg: fetches ? honeyOf(board) : null,
      hives: adding.map(({ colonyId }) => colonyOf(book, colonyId)?.content.name ?? ''),
    };
    return stop.bringBoxes + stop.bringBoards + stop.fetchBoxes > 0 ? [stop] : [];
  });
}
