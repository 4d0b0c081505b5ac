import { PageTabs } from '../../../ui/page/PageTabs';
import { LotHead } from '../../../lot/LotHead';
import type { ReactElement } from 'react';
import { useNavigate } from 'react-router';
import type { LotFile } from '../../../../model';
import { selectWorkspace, useAppSelector } from '../../../../store';
import { useCommands } from '../../../commands/useCommands';
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
    <LotHead file={file} at="bench">
      <PageTabs
        label={benchWords.waysToWorkOnThis()}
        pages={ways.slice(0, -1)}
        at={ways[at]?.to ?? ''}
      />
    </LotHead>
  );
}
