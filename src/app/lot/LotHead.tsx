import type { ReactElement, ReactNode } from 'react';
import type { LotFile } from '../../model';
import { formatDay } from '../format/dates';
import { PageHead } from '../ui/page/PageHead';
import { commonWords } from '../words/english/common';
import { lotWords } from '../words/english/lot';

interface LotHeadProps {
  file: LotFile;
  station: string;
  children?: ReactNode;
}

/** Name of a lot at the head of a station's page, with what tells it from others. */
export function LotHead({ file, station, children }: LotHeadProps): ReactElement {
  const { code, name, date, plant } = file.lot.content;
  const facts = [code, lotWords.extracted({ date: formatDay(date) }), plant];
  return (
    <PageHead
      over={station}
      title={name || commonWords.lot({ code })}
      lead={facts.filter((fact) => fact !== '').join(' · ')}
    >
      {children}
    </PageHead>
  );
}
