import { addDays, format } from 'date-fns';
import type { Hemisphere } from '../../core';
import { localDayOf } from '../../model';
import { firstRevision, type AnyRecord, type Scribe } from '../../records';
import { dayAfterMonths } from '../format/dates';
import { RISK_NAMES } from '../words/storeWords';
import { daysUntil, keepingBasis, storedYears, worstKeeping } from '../../model/store/keeping';
import type { SpringComb } from './useSpringCombs';
import type { StoredLot } from '../../model';
import { commonWords } from '../words/english/common';
import { todayWords } from '../words/english/today';

/** Why something in the store is watched. */
export const WATCH_KINDS = [
  'rising',
  'recheck',
  'setting',
  'opened',
  'best-before',
  'spring',
] as const;
export type WatchKind = (typeof WATCH_KINDS)[number];

/** Something in the store to look at, with the one act that it asks for. */
export interface Watch {
  readonly id: string;
  readonly kind: WatchKind;
  /** null for combs that are of no lot */
  readonly lotId: string | null;
  readonly title: string;
  readonly why: string;
  /** ISO day by which */
  readonly by: string;
  /** page below the workspace */
  readonly to: string;
}

const today = (nowMs: number): string => format(nowMs, 'yyyy-MM-dd');
const nameOf = ({ file }: StoredLot): string =>
  file.lot.content.name || commonWords.lot({ code: file.lot.content.code });

/** The day from which the months to the next look count: the last ruling, reading, tasting or look, else the extraction. */
function lookedAt({ file }: StoredLot): string {
  const readings = [...file.readings, ...file.senses].map((reading) =>
    localDayOf(reading.content.takenAt),
  );
  const looks = file.storeMoves
    .filter((storeMove) => storeMove.content.act === 'looked')
    .map((storeMove) => localDayOf(storeMove.content.at));
  const signed = file.ruling ? [localDayOf(file.ruling.recordedAt)] : [];
  return [...readings, ...looks, ...signed, file.lot.content.date].sort().at(-1)!;
}

/** Setting within so many months is reported, from this share of the glucose on [1]. @source our choice, no source */
const SETS_WITHIN_MONTHS = 3;
const SET_SHARE = 0.25;

/** What is to be done before the risk of a lot rises, or before it sets. */
function byForecast(lot: StoredLot, nowMs: number, hemisphere: Hemisphere): Watch[] {
  const { entityId: lotId } = lot.file.lot;
  const basis = keepingBasis(lot.evidence, lot.ruling);
  const found = worstKeeping(basis, storedYears(lot.file.lot, lot.vessels), {
    nowMs,
    hemisphere,
  });
  if (!found) return [];
  const { forecast } = found;
  const at = { lotId, to: `store/keep/${lotId}` };
  const rises = forecast.months.find((month) => month.month >= forecast.checkMonths);
  const rising: Watch = {
    ...at,
    id: `rising-${lotId}`,
    kind: 'rising',
    title: todayWords.useFirstOrMoveIt({ nameOf: nameOf(lot) }),
    why: todayWords.asItSetsThereIts({ risk: RISK_NAMES[rises?.risk ?? 'watch'] }),
    by: dayAfterMonths(today(nowMs), forecast.checkMonths),
  };
  const sets = forecast.months.findIndex((month) => month.crystallisedShare > SET_SHARE);
  const setting: Watch = {
    ...at,
    id: `setting-${lotId}`,
    kind: 'setting',
    title: todayWords.isAboutToSet({ nameOf: nameOf(lot) }),
    why: todayWords.fillJarsOrCreamIt(),
    by: dayAfterMonths(today(nowMs), Math.max(0, sets)),
  };
  const isSetting = sets > 0 && sets <= SETS_WITHIN_MONTHS && basis.startShare < SET_SHARE;
  return [...(forecast.checkReason === 'rising' ? [rising] : []), ...(isSetting ? [setting] : [])];
}

function recheck(lot: StoredLot): Watch {
  const { entityId: lotId } = lot.file.lot;
  return {
    id: `recheck-${lotId}`,
    kind: 'recheck',
    lotId,
    title: todayWords.lookAtAgain({ nameOf: nameOf(lot) }),
    why: todayWords.itMayStartToFerment(),
    by: dayAfterMonths(lookedAt(lot), lot.ruling.checkAgainMonths),
    to: `lots/${lotId}`,
  };
}

/** Opened containers are used first. @source common practice, no source */
const OPEN_FOR_DAYS = 60;

function byContainers(lot: StoredLot): Watch[] {
  return lot.vessels.flatMap((vessel): Watch[] => {
    if (vessel.isEmpty || vessel.openedAt === null) return [];
    const opened = localDayOf(vessel.openedAt);
    return [
      {
        id: `opened-${vessel.id}`,
        kind: 'opened',
        lotId: vessel.lotId,
        title: todayWords.useOfFirst({ label: vessel.label, nameOf: nameOf(lot) }),
        why: todayWords.itHasBeenOpenedAir(),
        by: format(addDays(new Date(`${opened}T12:00`), OPEN_FOR_DAYS), 'yyyy-MM-dd'),
        to: 'store',
      },
    ];
  });
}

function byJars(lot: StoredLot): Watch[] {
  return lot.jars
    .filter((jar) => jar.left > 0)
    .map(({ packing, left }) => ({
      id: `best-before-${packing.entityId}`,
      kind: 'best-before',
      lotId: lot.file.lot.entityId,
      title: todayWords.jarsBestBeforeIsNear({ left, code: packing.content.code }),
      why: todayWords.sellOrUseThemFirst(),
      by: packing.content.bestBefore,
      to: 'store',
    }));
}

/** "I looked: all well", for every container of a lot that is not empty. */
export function lookedRecords(scribe: Scribe, { file, vessels }: StoredLot): AnyRecord[] {
  return vessels
    .filter((vessel) => !vessel.isEmpty)
    .map(({ containerId, item }) =>
      firstRevision(
        scribe,
        'store-move',
        {
          containerId,
          item,
          act: 'looked',
          at: scribe.now(),
          placeKind: null,
          place: '',
          temperatureC: null,
          massKg: null,
          remark: '',
        },
        file.lot.entityId,
      ),
    );
}

/** How far ahead each kind is reported [d]. */
const AHEAD_DAYS: Readonly<Record<WatchKind, number>> = {
  rising: 60,
  recheck: 21,
  setting: 60,
  opened: 45,
  'best-before': 60,
  spring: 14,
};

/** Whether anything of a lot is left in the house. */
export const isInStore = ({ vessels, jars }: StoredLot): boolean =>
  vessels.some((vessel) => !vessel.isEmpty) || jars.some((jar) => jar.left > 0);

/** Combs kept for spring are looked at once in so many days. @source common practice, no source */
const SPRING_EVERY_DAYS = 30;

/** Open cells take up water, and moths come: combs kept whole are looked at month by month. */
function springCombs(combs: readonly SpringComb[], nowMs: number): Watch[] {
  const [first] = [...combs].sort((a, b) => a.day.localeCompare(b.day));
  if (!first) return [];
  const gone = Math.max(0, -daysUntil(first.day, nowMs));
  const rounds = Math.max(1, Math.ceil(gone / SPRING_EVERY_DAYS));
  const open = combs.filter((comb) => comb.hasOpenCells).length;
  return [
    {
      id: 'spring-combs',
      kind: 'spring',
      lotId: null,
      title: todayWords.checkCombsKeptForSpring({ combs: combs.length }),
      why: open > 0 ? todayWords.withOpenCellsWhichTake({ open }) : todayWords.mothsComeAboveC(),
      by: format(addDays(new Date(`${first.day}T12:00`), rounds * SPRING_EVERY_DAYS), 'yyyy-MM-dd'),
      to: 'store',
    },
  ];
}

/** What in the store is to be looked at, soonest first. */
export function watchList(
  lots: readonly StoredLot[],
  combs: readonly SpringComb[],
  nowMs: number,
  hemisphere: Hemisphere = 'not-said',
): Watch[] {
  const ofLots = lots
    // what is blocked is kept apart, never to be used first
    .filter((lot) => isInStore(lot) && lot.ruling.outcome !== 'reject')
    .flatMap((lot) => [
      recheck(lot),
      ...byForecast(lot, nowMs, hemisphere),
      ...byContainers(lot),
      ...byJars(lot),
    ]);
  return [...ofLots, ...springCombs(combs, nowMs)]
    .filter((lot) => daysUntil(lot.by, nowMs) <= AHEAD_DAYS[lot.kind])
    .sort((a, b) => a.by.localeCompare(b.by) || a.title.localeCompare(b.title));
}
