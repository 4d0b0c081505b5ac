import { Hexagon, House, ListChecks, Warehouse, Wrench, type LucideIcon } from 'lucide-react';
import { commonWords } from './words/english/common';
import { shellWords } from './words/english/shell';

/** A place of work: its address inside the workspace, and the key that opens it. */
export interface Station {
  readonly to: string;
  readonly name: string;
  readonly key: string;
}

/** What a person goes through to one place of work or to several beside each other. */
export interface Door {
  readonly name: string;
  readonly mark: LucideIcon;
  readonly stations: readonly [Station, ...Station[]];
  /** first part of further addresses behind it */
  readonly also?: string;
}

export const DOORS: readonly Door[] = [
  {
    name: shellWords.today(),
    mark: ListChecks,
    stations: [{ to: 'today', name: shellWords.today(), key: 't' }],
    also: 'lots',
  },
  {
    name: shellWords.hives(),
    mark: Hexagon,
    stations: [
      { to: 'comb', name: commonWords.comb(), key: 'm' },
      { to: 'season', name: commonWords.season(), key: 'y' },
      { to: 'practice', name: shellWords.practice(), key: 'e' },
    ],
  },
  {
    name: shellWords.honeyHouse(),
    mark: House,
    stations: [
      { to: 'warm-room', name: commonWords.warmRoom(), key: 'w' },
      { to: 'strain', name: commonWords.extraction(), key: 'p' },
      { to: 'bench', name: shellWords.metersAndReadings(), key: 'i' },
    ],
  },
  {
    name: commonWords.store(),
    mark: Warehouse,
    stations: [{ to: 'store', name: commonWords.store(), key: 'j' }],
  },
  {
    name: shellWords.settingsAndHelp(),
    mark: Wrench,
    stations: [
      { to: 'kit', name: commonWords.settings(), key: 'k' },
      { to: 'handbook', name: shellWords.handbook(), key: 'h' },
    ],
  },
];

export const STATIONS: readonly Station[] = DOORS.flatMap(({ stations }) => stations);

const stationOf = (pathname: string): string => pathname.split('/')[2] ?? '';

/** The door behind which an address lies, and the station there. */
export function placeOf(pathname: string): {
  readonly door: Door | undefined;
  readonly at: string;
} {
  const at = stationOf(pathname);
  const door = DOORS.find(
    ({ stations, also }) => also === at || stations.some((station) => station.to === at),
  );
  return { door, at };
}
