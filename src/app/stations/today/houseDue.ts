import { addDays, parseISO } from 'date-fns';
import { EVENT_EVERY_DAYS, HOUSE_EVENTS } from '../../../core';
import { localDayOf, type OccasionPlan, type StoredLot } from '../../../model';
import { daysUntil } from '../../../model/store/keeping';
import type { HouseLog, Occasion } from '../../../records';
import { jarsInHouse } from '../../data/jarsInHouse';
import { isoDay } from '../../format/dates';
import { houseWords } from '../../words/english/house';
import { jarCareWords } from '../../words/english/jarCare';
import { EVENT_NAMES } from '../../words/houseNames';
import type { DueItem } from './dueItem';

/** What rounds and occasions are found from. */
export interface HouseSources {
  readonly lots: readonly StoredLot[];
  readonly occasions: readonly Occasion[];
  readonly log: readonly HouseLog[];
  /** combs stand in store, counted on that day; not there where none do */
  readonly combsSince: string | undefined;
  readonly nowMs: number;
}

/** Ahead of their day, jars that are short are asked about so early [d], and those that are there so early. */
const SHORT_AHEAD_DAYS = 28;
const ASIDE_AHEAD_DAYS = 14;
const ROUND_AHEAD_DAYS = 7;

const noon = (day: string): number => parseISO(`${day}T12:00`).getTime();

interface Said {
  readonly title: string;
  readonly why: string;
}

/** What an occasion asks for now; null for nothing yet. */
function occasionSaid(plan: OccasionPlan, days: number): Said | null {
  const { short, fromCount, asideCount } = plan;
  const { name } = plan.occasion.content;
  if (short > 0 && days <= SHORT_AHEAD_DAYS) {
    return {
      title: jarCareWords.occasionShortDue({ name }),
      why: jarCareWords.occasionShortWhy({ short }),
    };
  }
  if (fromCount > 0 && days <= ASIDE_AHEAD_DAYS) {
    return {
      title: jarCareWords.occasionDue({ name }),
      why: jarCareWords.occasionSetWhy({ count: fromCount }),
    };
  }
  if (asideCount > 0 && days <= 0) {
    return {
      title: jarCareWords.occasionGoDue({ name }),
      why: jarCareWords.occasionGoWhy({ count: asideCount }),
    };
  }
  return null;
}

const inStore = { station: 'store', timed: false, to: 'store/jars' } as const;

function ofJars({ lots, occasions, nowMs }: HouseSources): DueItem[] {
  const { plans, withoutSample } = jarsInHouse(lots, occasions);
  const wanted = plans.flatMap((plan): DueItem[] => {
    const { day } = plan.occasion.content;
    const said = occasionSaid(plan, daysUntil(day, nowMs));
    return said
      ? [{ ...inStore, ...said, id: `occasion-${plan.occasion.entityId}`, atMs: noon(day) }]
      : [];
  });
  const [first] = withoutSample;
  if (!first) return wanted;
  const { code } = first.stock.packing.content;
  const runs = withoutSample.length;
  const samples: DueItem = {
    ...inStore,
    id: 'samples',
    // nothing is late about it: it stands among what is for today
    atMs: nowMs,
    title: runs === 1 ? jarCareWords.sampleDue({ code }) : jarCareWords.samplesDue({ lots: runs }),
    why: jarCareWords.sampleDueWhy(),
  };
  return [...wanted, samples];
}

/** Rounds of the house that were made once come again. */
function ofRounds({ log, combsSince, nowMs }: HouseSources): DueItem[] {
  return HOUSE_EVENTS.flatMap((event): DueItem[] => {
    const every = EVENT_EVERY_DAYS[event];
    const last =
      log
        .filter(({ content }) => content.what === event)
        .map(({ content }) => localDayOf(content.at))
        .sort()
        .at(-1) ?? (event === 'combs' ? combsSince : undefined);
    if (every === null || last === undefined) return [];
    const day = isoDay(addDays(parseISO(last), every));
    if (daysUntil(day, nowMs) > ROUND_AHEAD_DAYS) return [];
    return [
      {
        id: `round-${event}`,
        station: 'line',
        timed: false,
        to: 'strain/house',
        atMs: noon(day),
        title: EVENT_NAMES[event],
        why: houseWords.roundWhy({ days: every }),
      },
    ];
  });
}

/** What jars and the house ask for in the coming days. */
export const houseDue = (sources: HouseSources): readonly DueItem[] => [
  ...ofJars(sources),
  ...ofRounds(sources),
];
