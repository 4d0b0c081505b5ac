import { addDays, addHours, formatISO, parseISO } from 'date-fns';
import { extractWithinHours, groupBy } from '../../../core';
import {
  boxOf,
  colonyOf,
  dayNumber,
  harvestOf,
  looksAgainDue,
  type Book,
  type KeptStory,
} from '../../../model';
import { isoDay } from '../../format/dates';
import { todayWords } from '../../words/english/today';

/** Something to do at the hives: when, what, and where to go. */
export interface Due {
  readonly id: string;
  /** ISO day, or moment with its time */
  readonly at: string;
  readonly title: string;
  readonly why: string;
  /** address inside the workspace */
  readonly to: string;
  readonly overdue: boolean;
  /** the frame that is looked at again */
  readonly look?: { readonly boxId: string; readonly slot: number };
}

/** How far ahead the hives are shown [d]. */
const AHEAD_DAYS = 7;

/** How long a clock that has run out stays in sight [d]. */
const PAST_DAYS = 3;

function placeWords(book: Book, boxId: string): string {
  const box = boxOf(book, boxId);
  const hive = colonyOf(book, box?.content.colonyId ?? null)?.content.name;
  return [hive, box?.content.label].filter((text) => text !== undefined).join(', ');
}

const byBox = (looks: readonly KeptStory[]): ReadonlyMap<string, KeptStory[]> =>
  groupBy(looks, (look) => look.frame.boxId);

/** Frames that went back and are to be looked at again, by box. */
function looksAgain(looks: readonly KeptStory[], book: Book, today: string): Due[] {
  return [...byBox(looksAgainDue(looks))].flatMap(([boxId, own]) => {
    const day = own[0]?.check.decision.lookAgainDay;
    if (!day || dayNumber(day) - dayNumber(today) > AHEAD_DAYS) return [];
    return [
      {
        id: `look-${boxId}`,
        at: day,
        title: todayWords.lookAgainAtFramesIn({
          own: own.length,
          placeWords: placeWords(book, boxId),
        }),
        why: todayWords.putBackForTheBees(),
        to: 'comb',
        overdue: day < today,
        look: { boxId, slot: own[0]?.frame.slot ?? 1 },
      },
    ];
  });
}

/** Adult beetles start a clock, by box. */
function beetleClocks(looks: readonly KeptStory[], book: Book, now: Date): Due[] {
  const seen = looks.filter((look) => look.check.beetles === 'adults');
  return [...byBox(seen)].flatMap(([boxId, own]) => {
    const [first] = own;
    const harvest = harvestOf(book, first?.check.harvestId ?? null);
    if (!first || !harvest) return [];
    const { outdoorTemperatureC, relativeHumidity } = harvest.content;
    const hours = extractWithinHours(outdoorTemperatureC, relativeHumidity);
    const end = addHours(parseISO(first.checkRecord.recordedAt), hours);
    if (end < addDays(now, -PAST_DAYS)) return [];
    return [
      {
        id: `beetles-${boxId}`,
        at: formatISO(end),
        title: todayWords.extract({ placeWords: placeWords(book, boxId) }),
        why: todayWords.beetlesWereSeenWithinHours({ hours }),
        to: `comb/${harvest.entityId}`,
        overdue: end < now,
      },
    ];
  });
}

/** Escape boards that go on ahead of a day at the hives. */
function boardsToSet(book: Book, today: string): Due[] {
  return book.harvests.flatMap(({ entityId, content }) => {
    const { method, leadDays } = content.clearing;
    if (method !== 'escape-board' || leadDays === null || content.day <= today) return [];
    const at = isoDay(addDays(parseISO(content.day), -leadDays));
    if (dayNumber(at) - dayNumber(today) > AHEAD_DAYS) return [];
    return [
      {
        id: `boards-${entityId}`,
        at,
        title: todayWords.setEscapeBoardsFor({ name: content.name }),
        why: todayWords.theyNeedDaysBeforeThe({ leadDays }),
        to: `comb/${entityId}`,
        overdue: at < today,
      },
    ];
  });
}

/** Days at the hives that were planned. */
function plannedDays(book: Book, today: string): Due[] {
  return book.harvests
    .filter(
      ({ content: { day } }) => day > today && dayNumber(day) - dayNumber(today) <= AHEAD_DAYS,
    )
    .map(({ entityId, content }) => ({
      id: `day-${entityId}`,
      at: content.day,
      title: todayWords.goToTheHives({ name: content.name }),
      why: todayWords.plannedByYou(),
      to: `comb/${entityId}`,
      overdue: false,
    }));
}

/** What waits at the hives, soonest first. */
export function dueList(looks: readonly KeptStory[], book: Book, now: Date): Due[] {
  const today = isoDay(now);
  return [
    ...beetleClocks(looks, book, now),
    ...looksAgain(looks, book, today),
    ...boardsToSet(book, today),
    ...plannedDays(book, today),
  ].sort((a, b) => a.at.localeCompare(b.at));
}
