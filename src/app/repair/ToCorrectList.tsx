import { useState, type ReactElement } from 'react';
import { type RowSetAside } from '../../db';
import { type AnyRecord } from '../../records';
import { removeRecord } from '../acts/removeRecord';
import { type RecordAct, useAppDispatch } from '../../store';
import type { UnruledLot } from '../../model';
import { formatMoment } from '../format/dates';
import { titleOfRecord } from '../words/recordNames';
import { Button } from '../ui/Button';
import { RepairSheet } from './RepairSheet';
import { repairFields } from './repairForm';
import { commonWords } from '../words/english/common';
import { kitWords } from '../words/english/kit';
import { tell } from '../words/tell';

const removal = (row: AnyRecord): RecordAct => removeRecord(kitWords.recordRemoved(), row);

function AsideRow({ aside, onCorrect }: { aside: RowSetAside; onCorrect: () => void }) {
  const dispatch = useAppDispatch();
  const { row, troubles } = aside;
  const [field] = repairFields(row, troubles);
  const title = titleOfRecord(row);
  const by = row.author === '' ? '' : commonWords.byAuthor({ author: row.author });
  return (
    <li className="flex flex-wrap items-center gap-x-4 gap-y-2 py-3">
      <div className="grow basis-72">
        <p className="text-xl leading-tight font-bold">{title}</p>
        <p className="text-base">
          {field && (
            <strong>
              {field.label}: {field.text.replace('T', ', ') || commonWords.empty()}.{' '}
            </strong>
          )}
          {troubles[0] && tell(troubles[0].message)}
        </p>
        <p className="text-base text-ink-soft">
          {kitWords.entered({ recordedAt: formatMoment(row.recordedAt), by })}
        </p>
      </div>
      {field && (
        <Button tone="ink" onClick={onCorrect}>
          {commonWords.correct()}
          <span className="sr-only"> {title}</span>
        </Button>
      )}
      <Button onClick={() => void dispatch(removal(row))}>
        {commonWords.remove()}
        <span className="sr-only"> {title}</span>
      </Button>
    </li>
  );
}

function UnruledRow({ lot }: { lot: UnruledLot }): ReactElement {
  const dispatch = useAppDispatch();
  const { content } = lot.file.lot;
  return (
    <li className="py-3">
      <p className="text-xl leading-tight font-bold">
        {content.name || commonWords.lot({ code: content.code })}
      </p>
      <p className="text-base">
        {kitWords.noDecisionCanBeMade({
          part:
            lot.suspects.length > 0
              ? kitWords.withoutTheRecordBelowThere()
              : kitWords.pleaseReportThisLine({ why: lot.why }),
        })}
      </p>
      {lot.suspects.map((suspect) => {
        const title = titleOfRecord(suspect);
        return (
          <p key={suspect.id} className="mt-2 flex flex-wrap items-center gap-x-4">
            <span className="grow basis-60 text-base">
              {kitWords.entered2({ title, recordedAt: formatMoment(suspect.recordedAt) })}
            </span>
            <Button onClick={() => void dispatch(removal(suspect))}>
              {commonWords.remove()}
              <span className="sr-only"> {title}</span>
            </Button>
          </p>
        );
      })}
    </li>
  );
}

interface ToCorrectListProps {
  aside: readonly RowSetAside[];
  unruled: readonly UnruledLot[];
}

/** Each record and each lot with what is wrong of it, and a way out. */
export function ToCorrectList({ aside, unruled }: ToCorrectListProps): ReactElement {
  const [correcting, setCorrecting] = useState<RowSetAside | null>(null);
  return (
    <>
      <ul className="mt-2 divide-y divide-thread">
        {aside.map((row) => (
          <AsideRow key={row.id} aside={row} onCorrect={() => setCorrecting(row)} />
        ))}
        {unruled.map((lot) => (
          <UnruledRow key={lot.file.lot.entityId} lot={lot} />
        ))}
      </ul>
      <RepairSheet aside={correcting} onClose={() => setCorrecting(null)} />
    </>
  );
}
