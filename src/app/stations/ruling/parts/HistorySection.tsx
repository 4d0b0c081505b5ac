import type { ReactElement } from 'react';
import type { LotFile } from '../../../../model';
import type { LotRecord } from '../../../../records';
import { formatMoment } from '../../../format/dates';
import { lotRecordWords } from '../../../words/lotRecordWords';
import { FoldSummary } from '../../../ui/page/FoldSummary';
import { commonWords } from '../../../words/english/common';
import { rulingWords } from '../../../words/english/ruling';
import { reasonWords } from '../../../words/reasonWords';

function act(record: LotRecord): string {
  if (record.withdrawn) return commonWords.removedInside();
  return record.supersedes === null ? rulingWords.entered() : rulingWords.changed();
}

/** Every revision ever written, latest first. */
export function HistorySection({ file }: { file: LotFile }): ReactElement {
  return (
    <details className="border-t-2 border-ink pt-3">
      <FoldSummary size="heading">
        {rulingWords.history({ history: file.history.length })}
      </FoldSummary>
      <ol className="divide-y divide-thread">
        {[...file.history].reverse().map((lot) => (
          <li key={lot.id} className="py-2 text-base">
            <strong>{lotRecordWords(lot)}</strong> {act(lot)} {formatMoment(lot.recordedAt)}
            {lot.author === '' ? '' : commonWords.byAuthor({ author: lot.author })}
            {lot.reason === null ? '' : ` · ${reasonWords(lot.reason)}`}
          </li>
        ))}
      </ol>
    </details>
  );
}
