import type { ReactElement } from 'react';
import { Link } from 'react-router';
import type { LotFile } from '../../../../model';
import { selectWorkspace, useAppSelector } from '../../../../store';
import { LotTitle } from '../../../lot/LotTitle';
import { BUTTON_BASE, BUTTON_TONES } from '../../../ui/classes';

const PAGES = [
  { at: 'settle', name: 'Settling' },
  { at: 'heat', name: 'Warmth' },
  { at: 'mass', name: 'Balance and jars' },
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
      <LotTitle file={file} station="Strain & settle" />
      <nav aria-label="Pages of this honey" className="flex flex-wrap gap-2">
        {PAGES.map((one) => (
          <Link
            key={one.at}
            to={`/${workspace}/strain/${one.at}/${entityId}`}
            aria-current={one.at === at ? 'page' : undefined}
            className={`${BUTTON_BASE} ${BUTTON_TONES[one.at === at ? 'ink' : 'line']} min-h-14`}
          >
            {one.name}
          </Link>
        ))}
        <Link
          to={`/${workspace}/lots/${entityId}`}
          className={`${BUTTON_BASE} ${BUTTON_TONES.line} min-h-14`}
        >
          The lot
        </Link>
      </nav>
    </header>
  );
}
