import type { ReactElement } from 'react';
import type { ExtractionFile } from '../../../../model';
import { formatDay } from '../../../format/dates';
import { PageHead } from '../../../ui/page/PageHead';
import { PrintButton } from '../../../ui/page/PrintButton';
import { PageTabs } from '../../../ui/page/PageTabs';
import { lineWords } from '../../../words/english/line';

const PAGES = [
  { at: '', name: lineWords.theDayHeading() },
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
  const { content, entityId } = file.extraction;
  const to = (page: string): string => `strain/day/${entityId}${page}`;
  return (
    <PageHead over={formatDay(content.day)} title={content.name} lead={content.remark}>
      <PrintButton />
      <PageTabs
        label={lineWords.pagesOfThisDay()}
        pages={PAGES.map((page) => ({ to: to(page.at), name: page.name }))}
        at={to(at)}
      />
    </PageHead>
  );
}
