import type { ReactElement, ReactNode } from 'react';
import type { LotFile, WayPlace } from '../../model';
import { formatDay } from '../format/dates';
import { PageHead } from '../ui/page/PageHead';
import { commonWords } from '../words/english/common';
import { LotWay } from './LotWay';
import { lotWords } from '../words/english/lot';

interface LotHeadProps {
  file: LotFile;
  /** the place on its way whose page this is */
  at: WayPlace;
  children?: ReactNode;
}

/** Name of a lot at the head of a station's page, with what tells it from others, and its way. */
export function LotHead({ file, at, children }: LotHeadProps): ReactElement {
  const { code, name, date, plant } = file.lot.content;
  const facts = [code, lotWords.extracted({ date: formatDay(date) }), plant];
  return (
    <>
      <PageHead
        title={name || commonWords.lot({ code })}
        lead={facts.filter((fact) => fact !== '').join(' · ')}
      >
        {children}
      </PageHead>
      <LotWay file={file} at={at} />
    </>
  );
}
