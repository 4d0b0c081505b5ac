import type { PullPlan, TreatmentStep } from '../../core';
import { colonyOf, isoDayOf, type Book, type SeasonAct, type YardBoard } from '../../model';
import { formatDayMonth, formatWeekDate } from '../format/dates';
import { inUnits } from './keepersUnits';
import { whenWords } from './english/when';

/** What is to be done, and why, as a person would say it. */
export interface ActWords {
  readonly title: string;
  readonly why: string;
}

type YardAct = Exclude<SeasonAct, { readonly kind: 'treatment' }>;
type GivenAct = Extract<SeasonAct, { readonly kind: 'treatment' }>;

const day = (number: number): string => formatWeekDate(isoDayOf(number));
const shortDay = (number: number): string => formatDayMonth(isoDayOf(number));
const together = (sentences: readonly string[]): string =>
  sentences.filter((sentence) => sentence !== '').join(' ');

/** Since when it is ripe. */
function ripeWords({ taken, pull, today }: YardBoard): string {
  const end = taken?.course.endDay;
  if (!taken || !pull || end === undefined || end === null) return '';
  const { name: flow } = taken.flow.content;
  const days = { flow, end: shortDay(end), ripe: shortDay(pull.ripeDay) };
  if (pull.ripeDay <= end) return whenWords.driedFrom(days);
  if (taken.course.state !== 'over') return whenWords.ripeFrom(days);
  return pull.ripeDay > today ? whenWords.ripeSince(days) : whenWords.ripeNow(days);
}

/** A last day that lies further off is not worth a word [d]. */
const FAR_DAYS = 14;

/** What sets the last day. */
function limitWords({ day: pullDay, last, late }: PullPlan, next: YardBoard['next']): string {
  if (last === null || last.day > pullDay + FAR_DAYS) return '';
  const by = day(last.day);
  if (late) return whenWords.tooLateNow({ day: by });
  switch (last.by) {
    case 'next-flow':
      return whenWords.offForNextFlow({ day: by, flow: next?.flow.content.name ?? '' });
    case 'treatment':
      return whenWords.offForTreatment({ day: by });
    case 'winter':
      return whenWords.offForWinter({ day: by });
    case 'cold':
      return whenWords.offForCold({ day: by });
  }
}

const OUTLOOK_WORDS: Readonly<Record<PullPlan['outlook'], () => string>> = {
  good: whenWords.dryAndWarm,
  unknown: whenWords.noForecastYet,
  wet: whenWords.wetThatDay,
  cold: whenWords.coldThatDay,
};

/** Why this day, and what to mind on it. */
function pullWhy(board: YardBoard): string {
  const { pull, next, taken } = board;
  if (!pull) return '';
  return together([
    ripeWords(board),
    taken?.flow.content.taste === 'poor' ? whenWords.poorTaste() : '',
    limitWords(pull, next),
    pull.unripe && !pull.late ? whenWords.notAllRipe() : '',
    board.putBack.frames > 0 ? whenWords.putBackBy(board.putBack) : '',
    pull.noTimeForEscapes ? whenWords.noTimeForBoards() : '',
    OUTLOOK_WORDS[pull.outlook](),
  ]);
}

/** The first hive whose boxes fill, in days. */
const soonestFull = (board: YardBoard): number =>
  Math.min(
    ...board.hiveBoxes.flatMap(({ advice }) =>
      advice.advice === 'add' && advice.fullInDays !== null ? [advice.fullInDays] : [],
    ),
  );

/** Until when the flow that is on brings nectar. */
const flowingUntil = ({ flowing }: YardBoard): string => shortDay(flowing?.course.endDay ?? 0);

function addWords(board: YardBoard, book: Book): ActWords {
  const hives = board.hiveBoxes
    .filter(({ advice }) => advice.advice === 'add')
    .map(({ colonyId }) => colonyOf(book, colonyId)?.content.name ?? '');
  return {
    title: whenWords.addBoxes({ yard: board.yard.content.name, hives: hives.join(', ') }),
    why: whenWords.fullIn({
      days: Math.round(soonestFull(board)),
      end: flowingUntil(board),
    }),
  };
}

function flowAsked({ kind, board, flow }: YardAct): ActWords {
  const yard = board.yard.content.name;
  const { name = '', expectedStart = '', expectedEnd = '' } = flow?.content ?? {};
  const from = formatDayMonth(expectedStart);
  return kind === 'look-flow'
    ? {
        title: whenWords.lookWhether({ flow: name, yard }),
        why: whenWords.expectedNotSeen({ day: from }),
      }
    : {
        title: whenWords.didItCome({ flow: name, yard }),
        why: whenWords.neverSeen({ from, to: formatDayMonth(expectedEnd) }),
      };
}

const scaleWhy = (since: string, flow: string): string =>
  flow === ''
    ? whenWords.scaleFeltOnly({ day: since })
    : whenWords.scaleFeltWhy({ day: since, flow });

function yardActWords(act: YardAct, book: Book): ActWords {
  const { board, flow } = act;
  const pullDay = board.pull?.day ?? act.day;
  const yard = board.yard.content.name;
  const name = flow?.content.name ?? '';
  const begins = flow ? formatDayMonth(flow.content.expectedStart) : '';
  switch (act.kind) {
    case 'escapes':
      return {
        title: whenWords.setEscapes({ yard }),
        why: whenWords.boardsNeedDays({ days: pullDay - act.day, day: day(pullDay) }),
      };
    case 'pull':
      return {
        title: flow
          ? whenWords.takeFlowOff({ flow: name, yard })
          : whenWords.takeHoneyOff({ yard }),
        why: pullWhy(board),
      };
    case 'catch-rest':
      return {
        title: whenWords.catchTheRest({ yard }),
        why: whenWords.restIsComing({ flow: name }),
      };
    case 'clean-boxes':
      return {
        title: whenWords.cleanBoxes({ boxes: board.toClean, yard }),
        why: whenWords.cleanBefore({ flow: name, day: begins }),
      };
    case 'boxes-on':
      return {
        title: whenWords.boxesOn({ flow: name, yard }),
        why: whenWords.notMuchSooner({ day: begins }),
      };
    case 'add-boxes':
      return addWords(board, book);
    case 'no-more-boxes':
      return {
        title: whenWords.noMoreBoxes({ yard }),
        why: whenWords.wouldNotFill({ flow: name, end: flowingUntil(board) }),
      };
    case 'scale-flow':
      return {
        title: whenWords.scaleFelt({ yard }),
        why: scaleWhy(shortDay(board.scaleSince ?? act.day), name),
      };
    case 'look-flow':
    case 'ask-flow':
      return flowAsked(act);
  }
}

/** Days to come that are outside the label of a treatment; empty where there are none. */
function outsideWords({ item }: Pick<GivenAct, 'item'>): string {
  const { outside } = item.calendar;
  if (outside.length === 0) return '';
  const days = outside.slice(0, 3).map((each) => {
    const values = {
      day: shortDay(each.day),
      temperature: inUnits(each.temperatureC, 'temperature'),
    };
    return each.what === 'too-warm' ? whenWords.tooWarmOn(values) : whenWords.tooColdOn(values);
  });
  return whenWords.outsideLabel({ days: days.join(', ') });
}

/** What the forecast says against the label of a treatment before it goes in. */
function labelWords(act: Pick<GivenAct, 'item'>): string {
  const { content } = act.item.given;
  const { outside, unknownDays } = act.item.calendar;
  if (content.fromTemperatureC === null && content.toTemperatureC === null) {
    return whenWords.noTemperatures();
  }
  if (outside.length > 0) return outsideWords(act);
  return unknownDays > 0 ? whenWords.noForecastFor({ days: unknownDays }) : whenWords.withinLabel();
}

const STEP_WORDS: Readonly<
  Record<TreatmentStep, (values: { name: string; hives: string }) => string>
> = {
  'boxes-off': whenWords.boxesOff,
  'put-in': whenWords.putIn,
  'ask-out': whenWords.noEndOfTreatment,
  'take-out': whenWords.takeOut,
  'boxes-on': whenWords.boxesBackOn,
};

function givenActWords(act: GivenAct, book: Book): ActWords {
  const { content } = act.item.given;
  const hives = content.colonyIds.map((id) => colonyOf(book, id)?.content.name ?? '').join(', ');
  const title = STEP_WORDS[act.step]({ name: content.name, hives });
  switch (act.step) {
    case 'boxes-off':
      return { title, why: whenWords.freeThatDay() };
    case 'put-in':
      return { title, why: labelWords(act) };
    case 'ask-out':
      return { title, why: whenWords.noEndWhy() };
    case 'take-out':
      return {
        title,
        why: together([
          outsideWords(act),
          content.staysDays
            ? whenWords.staysByLabel({ days: content.staysDays })
            : whenWords.writeDownOut(),
        ]),
      };
    case 'boxes-on':
      return { title, why: whenWords.waitingIsOver() };
  }
}

/** An act of the season in words. */
export function seasonActWords(act: SeasonAct, book: Book): ActWords {
  return act.kind === 'treatment' ? givenActWords(act, book) : yardActWords(act, book);
}

/** What tells two acts apart. */
export function seasonActId(act: SeasonAct): string {
  return act.kind === 'treatment'
    ? `${act.step}-${act.item.given.entityId}`
    : `${act.kind}-${act.board.yard.entityId}-${act.flow?.entityId ?? ''}`;
}
