import type { LotWay, WayPlace } from '../../model';
import { formatDayMonth } from '../format/dates';
import { commonWords } from './english/common';
import { wayWords } from './english/way';

/** Places on the way of a honey, as their doors are called. */
export const WAY_NAMES: Readonly<Record<WayPlace, string>> = {
  comb: commonWords.comb(),
  room: commonWords.warmRoom(),
  line: commonWords.extraction(),
  bench: wayWords.readings(),
  ruling: wayWords.decision(),
  store: commonWords.store(),
};

const day = (iso: string): string => formatDayMonth(iso);

function combFact({ comb }: LotWay): string {
  if (!comb) return wayWords.notNoted();
  return comb.by === 'frames' ? wayWords.frames({ frames: comb.frames }) : wayWords.lookedAt();
}

function roomFact({ room }: LotWay): string {
  if (!room) return wayWords.notDried();
  const since = { day: day(room.inAt) };
  return room.isIn ? wayWords.inSince(since) : wayWords.driedFrom(since);
}

function lineFact({ line }: LotWay): string {
  if (!line) return wayWords.notNoted();
  const when = { day: day(line.at) };
  switch (line.act) {
    case 'planned':
      return wayWords.planned(when);
    case 'extracted':
      return wayWords.extracted(when);
    case 'settling':
      return wayWords.settling(when);
    case 'settled':
      return wayWords.settled(when);
    case 'warmed':
      return wayWords.warmed(when);
    case 'weighed':
      return wayWords.weighed(when);
  }
}

function storeFact({ store }: LotWay): string {
  if (!store) return wayWords.notInContainers();
  const { vessels, jars } = store;
  const parts = [
    ...(vessels > 0 ? [wayWords.vessels({ vessels })] : []),
    ...(jars > 0 ? [wayWords.jars({ jars })] : []),
  ];
  return parts.length === 0 ? wayWords.allGone() : parts.join(', ');
}

function rulingFact({ ruling: { isSigned, isSettled } }: LotWay): string {
  if (!isSigned) return wayWords.notSigned();
  return isSettled ? wayWords.signed() : wayWords.signAgain();
}

/** What is settled at one place, in a few words. */
export function wayFact(place: WayPlace, way: LotWay): string {
  switch (place) {
    case 'comb':
      return combFact(way);
    case 'room':
      return roomFact(way);
    case 'line':
      return lineFact(way);
    case 'bench':
      return way.bench ? wayWords.readingsTaken(way.bench) : wayWords.nothingRead();
    case 'ruling':
      return rulingFact(way);
    case 'store':
      return storeFact(way);
  }
}

/** Whether anything is settled there. */
export function isSettledAt(place: WayPlace, way: LotWay): boolean {
  return place === 'ruling' ? way.ruling.isSettled : way[place] !== null;
}
