import type { ReactElement } from 'react';
import { Link } from 'react-router';
import type { LotFile } from '../../../../model';
import { selectWorkspace, useAppSelector } from '../../../../store';
import { LotTitle } from '../../../lot/LotTitle';
import { BUTTON_BASE, BUTTON_TONES } from '../../../ui/classes';
import { commonWords } from '../../../words/english/common';
import { lineWords } from '../../../words/english/line';

const PAGES = [
  { at: 'settle', name: lineWords.settling() },
  { at: 'heat', name: lineWords.warmth() },
  { at: 'mass', name: lineWords.balanceAndJars() },
] as const;

interface LotPageHeaderProps {
  file: LotFile;
  at: (typeof PAGES)[number]['at'];
}

/** Name of the lot, with the pages that follow its honey after extraction. */
export function LotPageHeader({ file, at }: LotPageHeaderProps): ReactElement {
  const workspace = useAppSelector(selectWorkspace);
  const { entityId } = file.lot;
  return (
    <header className="flex flex-wrap items-end justify-between gap-x-6 gap-y-3 pt-5">
      <LotTitle file={file} station={lineWords.strainSettle()} />
      <nav aria-label={lineWords.pagesOfThisHoney()} className="flex flex-wrap gap-2">
        {PAGES.map((page) => (
          <Link
            key={page.at}
            to={`/${workspace}/strain/${page.at}/${entityId}`}
            aria-current={page.at === at ? 'page' : undefined}
            className={`${BUTTON_BASE} ${BUTTON_TONES[page.at === at ? 'ink' : 'line']} min-h-14`}
          >
            {page.name}
          </Link>
        ))}
        <Link
          to={`/${workspace}/lots/${entityId}`}
          className={`${BUTTON_BASE} ${BUTTON_TONES.line} min-h-14`}
        >
          {commonWords.theLot()}
        </Link>
      </nav>
    </header>
  );
}
