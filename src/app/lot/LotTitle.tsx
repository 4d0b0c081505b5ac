import type { ReactElement } from 'react';
import type { LotFile } from '../../model';
import { formatDay } from '../format/dates';

/** Name of a lot at the head of a station's page, with what tells it from others. */
export function LotTitle({ file, station }: { file: LotFile; station: string }): ReactElement {
  const { content } = file.lot;
  const facts = [content.code, `extracted ${formatDay(content.date)}`, content.plant];
  return (
    <div className="grow basis-72">
      <p className="text-base font-semibold">{station}</p>
      <h1 className="text-4xl leading-tight font-bold">{content.name || `Lot ${content.code}`}</h1>
      <p className="mt-1 text-lg text-ink-soft">{facts.filter((one) => one !== '').join(' · ')}</p>
    </div>
  );
}
