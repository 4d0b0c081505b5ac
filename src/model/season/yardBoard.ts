import {
  boxAdvice,
  isFlowing,
  pullPlan,
  USUAL_GAIN_KG_PER_DAY,
  type BoxAdvice,
  type DayWeather,
  type PullPlan,
} from '../../core';
import type { BoxContent, Harvest, SeasonPlanContent, Yard } from '../../records';
import { schoolOfDay, type Book } from '../day/book';
import { dayNumber, isoDayOf } from '../days';
import { flowOnDay, type FlowOnDay } from './flowBoard';
import type { KeptStory } from '../day/harvestFile';
import { scaleSince, type HiveGain } from './hiveGains';
import { putBackOf, type PutBack } from './putBack';

/** Flows further ahead than this are not planned for yet [d]. @source our choice */
const AHEAD_DAYS = 60;

/** Honey of a flow that ended longer ago is no longer waited for [d]. @source our choice */
const BEHIND_DAYS = 45;

/** So far ahead boxes that only have to be off are spoken of [d]. @source our choice */
const MUST_DAYS = 21;

/** Boxes stand ready so many days before a flow: later, nectar goes elsewhere; sooner, they are cold. @source common practice, no source */
const READY_DAYS = 3;

/** Bees cap what they have within a week of the flow; where honey is dried, nobody waits. @source common practice, no source */
const RIPENING_DAYS = 7;

/** A hive and whether another box is due on it. */
export interface HiveBox {
  readonly colonyId: string;
  readonly advice: BoxAdvice;
}

/** What a yard asks for, on a day. */
export interface YardBoard {
  readonly today: number;
  readonly yard: Yard;
  readonly hives: number;
  /** boxes of the yard, or on no hive, that hold the last honey still */
  readonly toClean: number;
  /** honey boxes on its hives */
  readonly boxes: number;
  /** that are on, come, or were not seen; in the order of their days */
  readonly flows: readonly FlowOnDay[];
  /** what looks tell of its hives */
  readonly gains: readonly HiveGain[];
  /** the flow whose honey is to be taken; null where none is */
  readonly taken: FlowOnDay | null;
  /** null where no honey is waited for */
  readonly pull: PullPlan | null;
  /** a day at the hives that is planned for it already */
  readonly planned: Harvest | null;
  /** nectar still comes when the honey is taken: a box catches the rest */
  readonly catchRest: boolean;
  readonly next: FlowOnDay | null;
  /** boxes for the next flow go on; null where none comes */
  readonly boxesOnDay: number | null;
  /** the flow that brings nectar now; null where none does */
  readonly flowing: FlowOnDay | null;
  readonly hiveBoxes: readonly HiveBox[];
  /** frames that went back, and how many are finished by the day proposed */
  readonly putBack: PutBack;
  /** hives gain by their weights since that day; null where no scale tells of a flow */
  readonly scaleSince: number | null;
  readonly forecast: readonly DayWeather[];
}

/** What every yard is planned by. */
export interface Planning {
  readonly book: Book;
  readonly today: number;
  readonly plan: SeasonPlanContent;
  readonly gains: readonly HiveGain[];
  readonly looks: readonly KeptStory[];
  readonly weatherOf: (yardId: string) => readonly DayWeather[];
}

/** What is typed once for all years comes back each year: the day that is nearest ahead, or just past. */
export function daysOfYear(iso: string | null, today: number): number | null {
  if (iso === null) return null;
  const year = Number(isoDayOf(today).slice(0, 4));
  const days = [year - 1, year, year + 1].map((each) => dayNumber(`${each}${iso.slice(4)}`));
  return days.find((day) => day >= today - BEHIND_DAYS) ?? null;
}

/** The last visit before winter is at most so many days ahead of the day on which boxes are off [d]. @source our choice */
const CLOSING_DAYS = 21;

/** Whether a day is that of the last visit before winter, by the day that the keeper chose for it. */
export function isClosing(boxesOffBy: string | null, day: string): boolean {
  const off = daysOfYear(boxesOffBy, dayNumber(day));
  return off !== null && off - dayNumber(day) <= CLOSING_DAYS;
}

const startsBy = (a: FlowOnDay, b: FlowOnDay): number => a.course.startDay - b.course.startDay;

/** Whether honey of a flow was taken after it ended, before today. */
function isTaken({ flow, course }: FlowOnDay, { book, today }: Planning): boolean {
  return book.harvests.some(
    ({ content }) =>
      content.flowId === flow.entityId &&
      dayNumber(content.day) < today &&
      course.endDay !== null &&
      dayNumber(content.day) >= course.endDay,
  );
}

/** The flow whose honey is taken: the first to end of those that gave any; once a year, the last. */
function flowTaken(flows: readonly FlowOnDay[], planning: Planning): FlowOnDay | null {
  const { today, plan } = planning;
  const gave = flows.filter(
    (item) =>
      (isFlowing(item.course) || item.course.state === 'over') &&
      (item.course.endDay ?? -Infinity) >= today - BEHIND_DAYS &&
      !isTaken(item, planning),
  );
  const late =
    plan.timing === 'once-a-year'
      ? flows.filter(({ course }) => course.endDay !== null && course.endDay >= today - BEHIND_DAYS)
      : [];
  const all = gave.length > 0 ? [...gave, ...late] : [];
  const byEnd = [...all].sort((a, b) => (a.course.endDay ?? 0) - (b.course.endDay ?? 0));
  return (plan.timing === 'once-a-year' ? byEnd.at(-1) : byEnd[0]) ?? null;
}

/** The next treatment or feed for which the boxes of all hives of a yard come off. */
function treatmentStart(supered: ReadonlySet<string>, { book, today }: Planning): number | null {
  const starts = book.givens
    .filter(
      ({ content }) =>
        !content.boxesOn && [...supered].every((colonyId) => content.colonyIds.includes(colonyId)),
    )
    .map(({ content }) => dayNumber(content.fromDay))
    .filter((day) => day >= today);
  return starts.length > 0 ? Math.min(...starts) : null;
}

/** Bees need days to cap where nobody dries for them. */
function ripeningDays({ book }: Planning): number {
  const [last] = book.harvests;
  return last && schoolOfDay(book, last).drying !== 'none' ? 0 : RIPENING_DAYS;
}

/** When the boxes of the first hive of the yard are full, where looks tell [day]. */
function fullDay(gains: readonly HiveGain[], today: number): number | null {
  const days = gains.flatMap((gain) => {
    const room = roomOf(gain, today);
    if (room === null || gain.kgPerDay === null || gain.kgPerDay <= 0) return [];
    return [today + Math.ceil(room / gain.kgPerDay)];
  });
  return days.length > 0 ? Math.min(...days) : null;
}

/** Room left in the boxes of a hive now, from the last look and what came since; null where not looked. */
function roomOf(gain: HiveGain, today: number): number | null {
  if (gain.honeyKg === null || gain.lastLookDay === null) return null;
  const since = Math.max(0, today - gain.lastLookDay);
  return Math.max(0, gain.fullKg - gain.honeyKg - Math.max(0, gain.kgPerDay ?? 0) * since);
}

const KEEPS_APART: readonly SeasonPlanContent['timing'][] = ['after-each-flow', 'before-next-flow'];

/** What is known of a yard when its honey is planned for. */
interface YardNow {
  readonly taken: FlowOnDay | null;
  readonly next: FlowOnDay | null;
  readonly gains: readonly HiveGain[];
  /** hives with honey boxes on */
  readonly supered: ReadonlySet<string>;
}

function pullOf(
  yardId: string,
  { taken, next, gains, supered }: YardNow,
  planning: Planning,
): PullPlan | null {
  const { today, plan } = planning;
  const treatment = treatmentStart(supered, planning);
  const winter = daysOfYear(plan.boxesOffBy, today);
  const apart = KEEPS_APART.includes(plan.timing) && next !== null;
  // one that is late may begin any day
  const nextStart = apart && taken !== null ? Math.max(today, next.course.startDay - 1) : null;
  const must = Math.min(treatment ?? Infinity, winter ?? Infinity);
  const comesFirst = next !== null && next.course.startDay <= must;
  // where no honey is waited for, boxes come off when they must, and not before
  const full = plan.timing === 'out-of-room' ? fullDay(gains, today) : null;
  // who takes honey when there is no room needs no flow to be written down: full boxes tell
  const isFull = full !== null && full <= today + MUST_DAYS;
  if (taken === null && !isFull && (comesFirst || must > today + MUST_DAYS)) return null;
  return pullPlan({
    today,
    flowEnd: full ?? taken?.course.endDay ?? (taken === null ? must : null),
    ripeningDays: full === null && taken !== null ? ripeningDays(planning) : 0,
    latest: { 'next-flow': nextStart, treatment, winter },
    leadDays: plan.escapeDays ?? 0,
    weekdays: plan.weekdays,
    helpDay: plan.helpDay === null ? null : dayNumber(plan.helpDay),
    forecast: planning.weatherOf(yardId),
  });
}

function boxesDue(
  yardGains: readonly HiveGain[],
  flow: FlowOnDay | null,
  { today, forecast }: { today: number; forecast: readonly DayWeather[] },
): HiveBox[] {
  const endDay = flow?.course.endDay;
  if (endDay === undefined || endDay === null) return [];
  const ahead = forecast.filter(({ day }) => day >= today).map(({ lowestC }) => lowestC);
  return yardGains.flatMap((gain) => {
    const roomKg = roomOf(gain, today);
    if (roomKg === null || gain.fullKg === 0) return [];
    const advice = boxAdvice({
      daysLeft: Math.min(366, Math.max(0, endDay - today)),
      gainKgPerDay: Math.min(20, Math.max(0, gain.kgPerDay ?? USUAL_GAIN_KG_PER_DAY)),
      roomKg: Math.min(500, roomKg),
      boxKg: Math.min(100, Math.max(0.5, gain.boxKg)),
      coldestNightC: ahead.length > 0 ? Math.min(...ahead) : null,
    });
    return [{ colonyId: gain.colonyId, advice }];
  });
}

/** A honey box that waits for the next flow with the last honey in it. */
const isToClean = (
  { boxKind, role, yardId, colonyId, lastHoney, cleanedSince }: BoxContent,
  ofYard: string,
): boolean =>
  boxKind === 'box' &&
  role === 'honey' &&
  lastHoney !== '' &&
  !cleanedSince &&
  (yardId === ofYard || (yardId === null && colonyId === null));

/** What a yard asks for. */
export function yardBoard(yard: Yard, planning: Planning): YardBoard {
  const { book, today } = planning;
  const colonies = book.colonies.filter(({ content }) => content.yardId === yard.entityId);
  const hives = new Set(colonies.map((colony) => colony.entityId));
  const boxes = book.boxes.flatMap(({ content: { role, offDay, colonyId } }) =>
    role === 'honey' && offDay === null && colonyId !== null && hives.has(colonyId)
      ? [colonyId]
      : [],
  );
  const supered = new Set(boxes);
  const flows = book.flows
    .filter(({ content }) => content.yardIds.includes(yard.entityId))
    .map((flow) => flowOnDay(flow, today))
    .sort(startsBy);
  const isSoon = ({ course }: FlowOnDay): boolean =>
    (course.state === 'to-come' || course.state === 'late') &&
    course.startDay <= today + AHEAD_DAYS;
  const next = flows.find(isSoon) ?? null;
  const gains = planning.gains.filter(({ colonyId }) => hives.has(colonyId));
  const taken = boxes.length > 0 ? flowTaken(flows, planning) : null;
  const pull =
    boxes.length > 0 ? pullOf(yard.entityId, { taken, next, gains, supered }, planning) : null;
  const forecast = planning.weatherOf(yard.entityId);
  const planned = book.harvests.filter(({ content }) => {
    const day = dayNumber(content.day);
    const isOfFlow = taken !== null && content.flowId === taken.flow.entityId;
    // a visit while nectar comes is a look, not the day on which the honey comes off
    return (
      isOfFlow && day >= today && day >= Math.min(pull?.day ?? today, taken.course.endDay ?? today)
    );
  });
  const flowing = flows.find(({ course }) => isFlowing(course)) ?? null;
  return {
    today,
    yard,
    hives: colonies.length,
    toClean: book.boxes.filter(({ content }) => isToClean(content, yard.entityId)).length,
    boxes: boxes.length,
    flows,
    gains,
    taken,
    pull,
    planned: planned.at(-1) ?? null,
    catchRest: pull !== null && (taken?.course.endDay ?? -Infinity) >= pull.day,
    next,
    boxesOnDay: next === null ? null : Math.max(today, next.course.startDay - READY_DAYS),
    flowing,
    hiveBoxes: boxesDue(gains, flowing, { today, forecast }),
    putBack: putBackOf(planning.looks, { book, yardId: yard.entityId, day: pull?.day ?? today }),
    scaleSince: scaleSince(gains, today),
    forecast,
  };
}
