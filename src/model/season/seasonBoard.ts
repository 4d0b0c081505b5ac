import {
  treatmentCalendar,
  type DayWeather,
  type TreatmentCalendar,
  type TreatmentStep,
} from '../../core';
import type {
  Flow,
  GivenRecord,
  HiveWeight,
  SeasonPlan,
  SeasonPlanContent,
  Weather,
  Yard,
} from '../../records';
import { colonyOf, type Book } from '../day/book';
import type { KeptStory } from '../day/harvestFile';
import { dayNumber } from '../days';
import { hiveGains } from './hiveGains';
import { weatherOf } from './weather';
import { yardBoard, type YardBoard } from './yardBoard';

/** What is planned by where the keeper said nothing: what the last day at the hives was done by. */
export function usualPlan(book: Book): SeasonPlanContent {
  const [last] = book.harvests;
  const boards = book.harvests.find(({ content }) => content.clearing.method === 'escape-board');
  return {
    timing: last?.content.timing ?? 'after-each-flow',
    weekdays: [],
    helpDay: null,
    boxesOffBy: null,
    escapeDays: boards?.content.clearing.leadDays || null,
  };
}

/** A treatment or feed with its days. */
export interface GivenOnBoard {
  readonly given: GivenRecord;
  readonly calendar: TreatmentCalendar;
}

/** Something to do on a day, for a yard or for hives that are treated. */
export type SeasonAct =
  | {
      readonly kind:
        | 'escapes'
        | 'pull'
        | 'catch-rest'
        | 'clean-boxes'
        | 'boxes-on'
        | 'add-boxes'
        | 'no-more-boxes'
        | 'look-flow'
        | 'scale-flow'
        | 'ask-flow';
      readonly day: number;
      readonly board: YardBoard;
      readonly flow: Flow | null;
    }
  | {
      readonly kind: 'treatment';
      readonly step: TreatmentStep;
      readonly day: number;
      readonly item: GivenOnBoard;
    };

/** What comes, what is on, what must be done by when. */
export interface SeasonBoard {
  readonly today: number;
  readonly plan: SeasonPlanContent;
  readonly yards: readonly YardBoard[];
  /** the forecast of all yards, then of each that has one of its own */
  readonly forecasts: readonly {
    readonly yard: Yard | null;
    readonly days: readonly DayWeather[];
  }[];
  readonly givens: readonly GivenOnBoard[];
  /** soonest first */
  readonly acts: readonly SeasonAct[];
}

/** What the board is made of. */
export interface SeasonSources {
  readonly book: Book;
  readonly plans: readonly SeasonPlan[];
  readonly weathers: readonly Weather[];
  /** the last look at each frame that was looked at lately, with those before it */
  readonly looks: readonly KeptStory[];
  /** hives that were weighed; none where not there */
  readonly weights?: readonly HiveWeight[];
  readonly today: number;
}

/** Boxes are cleaned the day before they go on. */
const CLEANED_DAYS = 1;

/** What was over longer ago than this is no longer asked about [d]. @source our choice */
const ASKED_FOR_DAYS = 60;

/** A flow that is expected later than this has not begun yet [d]. @source our choice */
const DUE_DAYS = 14;

/** The flow that may have begun: the next, or one that is late. */
const flowNext = ({ next, today }: YardBoard): Flow | null =>
  next !== null && next.course.startDay <= today + DUE_DAYS ? next.flow : null;

function yardActs(board: YardBoard, today: number): SeasonAct[] {
  const { pull, taken, next, planned, boxesOnDay } = board;
  const act = (
    kind: Exclude<SeasonAct['kind'], 'treatment'>,
    day: number | null | undefined,
    flow: Flow | null = null,
  ): SeasonAct[] => (day === null || day === undefined ? [] : [{ kind, day, board, flow }]);
  const flow = taken?.flow ?? null;
  const wanted = pull !== null && planned === null ? pull : null;
  const adding = board.hiveBoxes.some(({ advice }) => advice.advice === 'add');
  const tooLate =
    board.hiveBoxes.length > 0 &&
    board.hiveBoxes.every(({ advice }) => advice.advice === 'too-late');
  return [
    ...act('escapes', wanted?.escapesDay, flow),
    ...act('pull', wanted?.day, flow),
    ...act('catch-rest', board.catchRest ? pull?.day : null, flow),
    ...act(
      'clean-boxes',
      boxesOnDay !== null && board.toClean > 0 ? Math.max(today, boxesOnDay - CLEANED_DAYS) : null,
      next?.flow,
    ),
    ...act('boxes-on', boxesOnDay, next?.flow),
    ...act('add-boxes', adding ? today : null, board.flowing?.flow),
    ...act('no-more-boxes', tooLate ? today : null, board.flowing?.flow),
    // the scale felt a flow that nobody wrote down yet
    ...act(
      'scale-flow',
      board.scaleSince !== null && board.flowing === null ? today : null,
      flowNext(board),
    ),
    ...board.flows.flatMap(({ flow: each, course }) => {
      if (course.state === 'late') return act('look-flow', today, each);
      const over = dayNumber(each.content.expectedEnd);
      return course.state === 'never-seen' && over >= today - ASKED_FOR_DAYS
        ? act('ask-flow', today, each)
        : [];
    }),
  ];
}

function givenOnBoard(given: GivenRecord, forecast: readonly DayWeather[]): GivenOnBoard {
  const { content } = given;
  return {
    given,
    calendar: treatmentCalendar(
      {
        fromDay: dayNumber(content.fromDay),
        toDay: content.toDay === null ? null : dayNumber(content.toDay),
        boxesOn: content.boxesOn,
        staysDays: content.staysDays ?? null,
        waitDays: content.waitDays,
        fromTemperatureC: content.fromTemperatureC,
        toTemperatureC: content.toTemperatureC,
      },
      forecast,
    ),
  };
}

/** A removal is due until it is written down; other steps are over once their time is past. */
function givenActs(item: GivenOnBoard, today: number): SeasonAct[] {
  const { content } = item.given;
  return item.calendar.steps
    .filter(({ step, day }) => {
      if (step === 'take-out') return content.toDay === null;
      if (step === 'ask-out') return day <= today && day >= today - ASKED_FOR_DAYS;
      return day >= today;
    })
    .map(({ step, day }) => ({
      kind: 'treatment',
      step,
      day: step === 'ask-out' ? today : day,
      item,
    }));
}

/** What the season asks for, on a day since 1970-01-01. */
export function seasonBoard(sources: SeasonSources): SeasonBoard {
  const { book, plans, weathers, today } = sources;
  const plan = plans.at(-1)?.content ?? usualPlan(book);
  const gains = hiveGains(book, sources.looks, sources.weights);
  const forecasts = new Map(
    [null, ...book.yards.map((yard) => yard.entityId)].map((id) => [id, weatherOf(weathers, id)]),
  );
  const forecastOf = (yardId: string | null): DayWeather[] =>
    forecasts.get(yardId) ?? forecasts.get(null) ?? [];
  const yards = book.yards.map((yard) =>
    yardBoard(yard, {
      book,
      today,
      plan,
      gains,
      looks: sources.looks,
      weatherOf: forecastOf,
    }),
  );
  const givens = book.givens.map((given) => {
    const [first] = given.content.colonyIds;
    const yardId = colonyOf(book, first ?? null)?.content.yardId ?? null;
    // what is past cannot be helped: of the days that it is in, those to come are held against its label
    return givenOnBoard(
      given,
      forecastOf(yardId).filter(({ day }) => day >= today),
    );
  });
  const acts = [
    ...yards.flatMap((board) => yardActs(board, today)),
    ...givens.flatMap((item) => givenActs(item, today)),
  ];
  const apart = book.yards.filter(({ entityId }) =>
    weathers.some(({ content }) => content.yardId === entityId),
  );
  return {
    today,
    plan,
    yards,
    forecasts: [null, ...apart].map((yard) => ({ yard, days: forecastOf(yard?.entityId ?? null) })),
    givens,
    acts: acts.sort((a, b) => a.day - b.day),
  };
}
