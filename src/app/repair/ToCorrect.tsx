import { useState, type ReactElement } from 'react';
import { useSetAside, type RowSetAside } from '../../db';
import { type AnyRecord } from '../../records';
import { removeRecord } from '../acts/removeRecord';
import { type RecordAct, selectWorkspace, useAppDispatch, useAppSelector } from '../../store';
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

const NONE: readonly UnruledLot[] = [];

interface ToCorrectProps {
  unruled?: readonly UnruledLot[];
  /** only what belongs to this lot */
  ownerId?: string;
}

/** Records with a value that cannot be right, and lots that cannot be ruled on: each with a way out. */
export function ToCorrect({ unruled = NONE, ownerId }: ToCorrectProps): ReactElement | null {
  const workspace = useAppSelector(selectWorkspace);
  const all = useSetAside(workspace) ?? [];
  const aside = all.filter((one) => ownerId === undefined || one.ownerId === ownerId);
  const [correcting, setCorrecting] = useState<RowSetAside | null>(null);
  const count = aside.length + unruled.length;
  if (count === 0) return null;
  return (
    <section aria-labelledby="to-correct" className="mt-5 border-4 border-lavender p-4">
      <h2 id="to-correct" className="text-2xl font-bold">
        {kitWords.correctRecords({ count })}
      </h2>
      <p className="mt-1 max-w-2xl text-lg">{kitWords.theseHoldAValueThat()}</p>
      <ul className="mt-2 divide-y divide-thread">
        {aside.map((one) => (
          <AsideRow key={one.id} aside={one} onCorrect={() => setCorrecting(one)} />
        ))}
        {unruled.map((one) => (
          <UnruledRow key={one.file.lot.entityId} lot={one} />
        ))}
      </ul>
      <RepairSheet aside={correcting} onClose={() => setCorrecting(null)} />
    </section>
  );
}
