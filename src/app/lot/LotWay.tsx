import clsx from 'clsx';
import { Check, Circle } from 'lucide-react';
import { useMemo, type ReactElement } from 'react';
import { Link } from 'react-router';
import {
  WAY_PLACES,
  lotWay,
  type LotFile,
  type LotWay as Way,
  type WayPlace,
  ruledLots,
  storeOf,
} from '../../model';
import { selectWorkspace, useAppSelector } from '../../store';
import { useNow } from '../data/useNow';
import { useHoneyHouse, useLedger, useRooms } from '../data/useWorkspaceModel';
import { wayWords } from '../words/english/way';
import { WAY_NAMES, isSettledAt, wayFact } from '../words/wayWords';

const MINUTE_MS = 60_000;

function useLotWay(file: LotFile): Way {
  const [rooms, house, ledger] = [useRooms(), useHoneyHouse(), useLedger()];
  const nowMs = useNow(MINUTE_MS);
  return useMemo(() => {
    // only this lot is ruled, not the whole store
    const { ruled } = ruledLots({ ...ledger, files: [file] });
    const [stored] = storeOf(ruled, ledger.related.poured);
    return lotWay(file, { rooms, house, stored, nowMs });
  }, [file, rooms, house, ledger, nowMs]);
}

/** Where a place of this honey is looked after; inside the workspace. */
function addressOf(place: WayPlace, lotId: string, { comb, room }: Way): string {
  switch (place) {
    case 'comb':
      return comb?.by === 'frames' ? `comb/${comb.harvestId}` : `lots/${lotId}#comb`;
    case 'room':
      return room ? `warm-room/${room.roomId}` : `warm-room?lot=${lotId}`;
    case 'line':
      return `strain/mass/${lotId}`;
    case 'bench':
      return `bench/${lotId}`;
    case 'ruling':
      return `lots/${lotId}`;
    case 'store':
      return `store/keep/${lotId}`;
  }
}

interface LotWayProps {
  file: LotFile;
  /** the place whose page this is */
  at: WayPlace;
}

/** The way of this honey from comb to store: what is settled at each place, one tap to each. */
export function LotWay({ file, at }: LotWayProps): ReactElement {
  const workspace = useAppSelector(selectWorkspace);
  const way = useLotWay(file);
  return (
    <nav
      aria-label={wayWords.wayOfThisHoney()}
      className="lot-way mt-4 border-y-2 border-ink print:hidden"
    >
      <ol className="grid grid-cols-3 wide:grid-cols-6">
        {WAY_PLACES.map((place) => {
          const isSettled = isSettledAt(place, way);
          const Mark = isSettled ? Check : Circle;
          return (
            <li key={place} className="flex">
              <Link
                to={`/${workspace}/${addressOf(place, file.lot.entityId, way)}`}
                aria-current={place === at ? 'page' : undefined}
                className={clsx(
                  'min-h-16 grow border-b-4 px-1 py-1 leading-tight hover:bg-lavender-pale sm:px-2',
                  place === at ? 'border-lavender bg-lavender-pale' : 'border-transparent',
                )}
              >
                <span className="flex items-center gap-1 text-base font-bold tracking-tight sm:tracking-normal">
                  <Mark
                    aria-hidden
                    strokeWidth={isSettled ? 3 : 2}
                    className={clsx('shrink-0', isSettled ? 'size-5' : 'size-4 text-ink-soft')}
                  />
                  {WAY_NAMES[place]}
                </span>
                <span className="block text-base text-ink-soft">{wayFact(place, way)}</span>
              </Link>
            </li>
          );
        })}
      </ol>
    </nav>
  );
}
