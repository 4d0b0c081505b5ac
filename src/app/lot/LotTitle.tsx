import type { ReactElement } from 'react';
import type { LotFile } from '../../model';
import { formatDay } from '../format/dates';
import { commonWords } from '../words/english/common';
import { lotWords } from '../words/english/lot';

/** Name of a lot at the head of a station's page, with what tells it from others. */
export function LotTitle({ file, station }: { file: LotFile; station: string }): ReactElement {
  const { content } = file.lot;
  const facts = [
    content.code,
    lotWords.extracted({ date: formatDay(content.date) }),
    content.plant,
  ];
  return (
    <div className="grow basis-72">
      <p className="text-base font-semibold">{station}</p>
      <h1 className="text-4xl leading-tight font-bold">
        {content.name || commonWords.lot({ code: content.code })}
      </h1>
      <p className="mt-1 text-lg text-ink-soft">
        {facts.filter((fact) => fact !== '').join(' · ')}
      </p>
    </div>
  );
}
