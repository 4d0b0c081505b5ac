import { createContext, useContext, useMemo } from 'react';
import { groupBy } from '../../core';
import { useAllLotRecords, useEntities, useRecordsOf, useSetAside } from '../../db';
import {
  NO_METERS,
  framesToAsk,
  lotFilesOf,
  pouredLines,
  workshopOf,
  type Around,
  type LotFile,
  type Workshop,
} from '../../model';
import { current } from '../../records';
import { selectWorkspace, useAppSelector } from '../../store';
import { useBlends } from './useBlends';
import { useBook } from './useBook';
import { useHoneyHouse } from './useHoneyHouse';
import { useNow } from './useNow';
import { useRooms } from './useRooms';

/** Handed down by a page that waited for it, so that no part of the page begins without it. */
export const WorkshopContext = createContext<Workshop | undefined>(undefined);

/** All lots with what they teach about each other; undefined while loading. */
export function useWorkshop(): Workshop | undefined {
  const given = useContext(WorkshopContext);
  const own = useOwnWorkshop(given === undefined);
  return given ?? own;
}

/** @param needed - false: nothing is read or reckoned, since the page has it already */
function useOwnWorkshop(needed: boolean): Workshop | undefined {
  const workspace = useAppSelector(selectWorkspace);
  const records = useAllLotRecords(needed ? workspace : null);
  const files = useMemo(() => (records ? lotFilesOf(records) : NO_FILES), [records]);
  const around = useAround(files, needed);
  return useMemo(
    () => (records && around ? workshopOf(files, around.book.meters, around) : undefined),
    [records, files, around],
  );
}

function countBy<T>(items: readonly T[], keyOf: (item: T) => string): ReadonlyMap<string, number> {
  return new Map([...groupBy(items, keyOf)].map(([key, own]) => [key, own.length]));
}

const NO_FILES: readonly LotFile[] = [];

const CHOICE_KINDS = ['merge-choice'] as const;

/** How often what goes on in rooms is reckoned anew [ms]. */
const EVERY_MS = 3_600_000;

/** What rooms, days at the line, blends and hives tell of lots; undefined while loading. */
function useAround(files: readonly LotFile[], needed: boolean): Around | undefined {
  const workspace = useAppSelector(selectWorkspace);
  const book = useBook();
  const rooms = useRooms(needed);
  const house = useHoneyHouse(needed);
  const blends = useBlends(needed);
  const aside = useSetAside(needed ? workspace : null);
  const choices = useRecordsOf(needed ? workspace : null, CHOICE_KINDS);
  const nowMs = useNow(EVERY_MS);
  const asked = useMemo(
    () => (book ? files.flatMap((one) => framesToAsk(one, book)) : []),
    [files, book],
  );
  const found = useEntities(needed ? workspace : null, 'frame', asked);
  return useMemo(() => {
    if (!book || !rooms || !house || !blends || !found || !aside || !choices) return undefined;
    const frames = current(found).filter((one) => one.kind === 'frame');
    return {
      book,
      rooms,
      house,
      blends: blends.blends,
      poured: pouredLines(blends.blends, blends.ticks),
      frames: new Map(frames.map((one) => [one.entityId, one])),
      setAside: countBy(aside, (one) => one.ownerId),
      choices,
      nowMs,
    };
  }, [book, rooms, house, blends, found, aside, choices, nowMs]);
}

export const EMPTY_WORKSHOP: Workshop = {
  files: [],
  meters: NO_METERS,
  pastLots: [],
  replicates: [],
  scatters: [],
  around: null,
  stored: [],
};
