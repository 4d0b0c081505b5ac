import type { ReactElement } from 'react';
import { Link } from 'react-router';
import type { ExtractionFile } from '../../../../model';
import { selectWorkspace, useAppSelector } from '../../../../store';
import { formatDay } from '../../../format/dates';
import { BUTTON_BASE, BUTTON_TONES } from '../../../ui/classes';
import { lineWords } from '../../../words/english/line';

const PAGES = [
  { at: '', name: lineWords.theDay2() },
  { at: '/strainer', name: lineWords.strainer() },
  { at: '/combs', name: lineWords.combsAndTools() },
  { at: '/clean-up', name: lineWords.cleanUp() },
] as const;

interface DayHeaderProps {
  file: ExtractionFile;
  at: (typeof PAGES)[number]['at'];
}

/** Name of a day at the line, and its pages. */
export function DayHeader({ file, at }: DayHeaderProps): ReactElement {
  const workspace = useAppSelector(selectWorkspace);
  const { content, entityId } = file.extraction;
  return (
    <header className="flex flex-wrap items-end justify-between gap-x-6 gap-y-3 pt-5">
      <div className="grow basis-72">
        <p className="text-base font-semibold">{formatDay(content.day)}</p>
        <h1 className="text-4xl leading-tight font-bold">{content.name}</h1>
        {content.remark !== '' && <p className="text-lg">{content.remark}</p>}
      </div>
      <nav aria-label={lineWords.pagesOfThisDay()} className="flex flex-wrap gap-2">
        {PAGES.map((page) => (
          <Link
            key={page.at}
            to={`/${workspace}/strain/day/${entityId}${page.at}`}
            aria-current={page.at === at ? 'page' : undefined}
            className={`${BUTTON_BASE} ${BUTTON_TONES[page.at === at ? 'ink' : 'line']} min-h-14`}
          >
            {page.name}
          </Link>
        ))}
      </nav>
    </header>
  );
}
