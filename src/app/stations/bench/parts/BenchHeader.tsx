import type { ReactElement } from 'react';
import { Link, useNavigate } from 'react-router';
import type { LotFile } from '../../../../model';
import { selectWorkspace, useAppSelector } from '../../../../store';
import { useCommands } from '../../../commands/useCommands';
import { LotTitle } from '../../../lot/LotTitle';
import { BUTTON_BASE, BUTTON_TONES } from '../../../ui/classes';
import { benchWords } from '../../../words/english/bench';
import { commonWords } from '../../../words/english/common';

interface Way {
  readonly to: string;
  readonly name: string;
  readonly title: string;
  readonly key: string;
}

const waysOf = (lotId: string): Way[] => [
  { to: `bench/${lotId}`, name: benchWords.oneByOne(), title: benchWords.readOneByOne(), key: 'o' },
  {
    to: `bench/${lotId}/table`,
    name: benchWords.allInATable(),
    title: benchWords.readAllInATable(),
    key: 'a',
  },
  {
    to: `bench/${lotId}/quality`,
    name: benchWords.colourTasteLaboratory(),
    title: benchWords.colourTasteAndLaboratoryOf(),
    key: 'q',
  },
  { to: `lots/${lotId}`, name: commonWords.theLot(), title: benchWords.openTheLot(), key: 'l' },
];

/** Name of the lot at the bench, and the other ways to work on it. */
export function BenchHeader({ file, at = 0 }: { file: LotFile; at?: number }): ReactElement {
  const workspace = useAppSelector(selectWorkspace);
  const navigate = useNavigate();
  const { entityId } = file.lot;
  const ways = waysOf(entityId);
  useCommands(
    ways.map(({ to, title, key }) => ({
      id: `bench ${key}`,
      title,
      key,
      run: () => void navigate(`/${workspace}/${to}`),
    })),
  );
  return (
    <header className="flex flex-wrap items-end justify-between gap-x-6 gap-y-2 pt-5">
      <LotTitle file={file} station={benchWords.bench()} />
      <nav aria-label={benchWords.waysToWorkOnThis()} className="flex flex-wrap gap-2">
        {ways
          .filter((_, index) => index !== at)
          .map(({ to, name }) => (
            <Link
              key={to}
              to={`/${workspace}/${to}`}
              className={`${BUTTON_BASE} ${BUTTON_TONES.line}`}
            >
              {name}
            </Link>
          ))}
      </nav>
    </header>
  );
}
