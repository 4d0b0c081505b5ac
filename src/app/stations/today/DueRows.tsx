import { ChevronRight } from 'lucide-react';
import type { ReactElement, ReactNode } from 'react';
import { Link } from 'react-router';
import { selectWorkspace, useAppSelector } from '../../../store';

/** Something that waits, with the page where it is done. */
export interface DueRow {
  readonly id: string;
  readonly title: string;
  readonly why: string;
  /** page below the workspace */
  readonly to: string;
  /** stands before it; nothing where not there */
  readonly when?: ReactNode;
}

interface DueRowsProps {
  id: string;
  title: string;
  rows: readonly DueRow[];
}

/** What waits at one place, each row a way there; nothing where nothing waits. */
export function DueRows({ id, title, rows }: DueRowsProps): ReactElement | null {
  const workspace = useAppSelector(selectWorkspace);
  if (rows.length === 0) return null;
  return (
    <section aria-labelledby={id} className="mt-6">
      <h2 id={id} className="text-2xl font-bold">
        {title} ({rows.length})
      </h2>
      <ul className="mt-2 divide-y divide-thread border-y-2 border-ink">
        {rows.map((one) => (
          <li key={one.id}>
            <Link
              to={`/${workspace}/${one.to}`}
              className="flex min-h-16 items-center gap-x-6 py-2 hover:bg-lavender-pale sm:px-2"
            >
              {one.when !== undefined && (
                <span className="w-28 shrink-0 text-base sm:w-44">{one.when}</span>
              )}
              <span className="grow">
                <span className="block text-xl leading-tight font-bold">{one.title}</span>
                <span className="block text-base text-ink-soft">{one.why}</span>
              </span>
              <ChevronRight aria-hidden className="size-6 shrink-0" />
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
