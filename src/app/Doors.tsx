import clsx from 'clsx';
import type { ReactElement } from 'react';
import { Link, useLocation } from 'react-router';
import { DOORS, placeOf } from './doorList';
import { shellWords } from './words/english/shell';

/** The doors: below on a phone, where a thumb reaches them; at the head on a desk. */
export function DoorLinks({ workspace }: { workspace: string }): ReactElement {
  const { door } = placeOf(useLocation().pathname);
  return (
    <nav
      aria-label={shellWords.doors()}
      className="door-links fixed inset-x-0 bottom-0 z-10 border-t-2 border-ink bg-linen wide:static wide:border-0"
    >
      <ul className="grid grid-cols-5 wide:flex wide:gap-2">
        {DOORS.map((each) => (
          <li key={each.name}>
            <Link
              to={`/${workspace}/${each.stations[0].to}`}
              aria-current={each === door ? 'true' : undefined}
              className={clsx(
                'flex min-h-[min(4rem,18vw)] flex-col items-center justify-center border-t-4 px-0.5 text-center text-[min(1rem,4.1vw)] leading-tight font-semibold wide:min-h-11 wide:flex-row wide:border-t-0 wide:border-b-4 wide:px-3 wide:whitespace-nowrap',
                each === door ? 'border-lavender' : 'border-transparent hover:bg-lavender-pale',
              )}
            >
              <each.mark aria-hidden className="size-[min(1.5rem,7vw)] shrink-0 wide:hidden" />
              {each.name}
            </Link>
          </li>
        ))}
      </ul>
    </nav>
  );
}

/** Places of work behind the same door, beside each other. */
export function StationRow({ workspace }: { workspace: string }): ReactElement | null {
  const { door, at } = placeOf(useLocation().pathname);
  if (!door || door.stations.length < 2) return null;
  return (
    <nav
      aria-label={door.name}
      className="station-row flex flex-wrap gap-x-5 border-b border-thread print:hidden"
    >
      {door.stations.map(({ to, name }) => (
        <Link
          key={to}
          to={`/${workspace}/${to}`}
          aria-current={to === at ? 'page' : undefined}
          className={clsx(
            'flex min-h-11 items-center border-b-4 text-base',
            to === at ? 'border-lavender font-bold' : 'border-transparent hover:border-thread-deep',
          )}
        >
          {name}
        </Link>
      ))}
    </nav>
  );
}
