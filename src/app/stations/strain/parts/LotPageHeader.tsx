import type { ReactElement } from 'react';
import type { LotFile } from '../../../../model';
import { LotHead } from '../../../lot/LotHead';
import { PageTabs } from '../../../ui/page/PageTabs';
import { useHoneyHouse } from '../../../data/useWorkspaceModel';
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
  const { entityId } = file.lot;
  const days = useHoneyHouse()
    .days.filter(({ extraction }) => extraction.content.lotId === entityId)
    .map(({ extraction }) => ({
      to: `strain/day/${extraction.entityId}`,
      name: lineWords.theDayAtTheLine(),
    }));
  const to = (page: string): string => `strain/${page}/${entityId}`;
  return (
    <LotHead file={file} at="line">
      <PageTabs
        label={lineWords.pagesOfThisHoney()}
        pages={[...PAGES.map((page) => ({ to: to(page.at), name: page.name })), ...days]}
        at={to(at)}
      />
    </LotHead>
  );
}
