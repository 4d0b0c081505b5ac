import type { ReactElement } from 'react';
import { makeUpCount, type LotFile, type LotRecord } from '../../../../records';
import { formatMoment } from '../../../format/dates';
import { colourWords } from '../../../format/colour';
import { PURPOSE_NAMES, STORE_ACT_NAMES } from '../../../format/storeWords';
import { OCCASION_NAMES, STAGE_NAMES } from '../../../format/strainWords';
import { OUTCOME_NAMES, formatDial } from '../../../format/moisture';
import { FoldSummary } from '../../../ui/FoldSummary';

/** One revision in words. */
function said(record: LotRecord): string {
  switch (record.kind) {
    case 'lot':
      return `Lot ${record.content.code}`;
    case 'container':
      return `${record.content.count} × ${record.content.label}`;
    case 'comb-judgement':
      return `Comb: ${record.content.cappedTenths} of 10 capped`;
    case 'reading':
      return `Reading: dial ${formatDial(record.content.scale, record.content.dialValue)}`;
    case 'ruling':
      return `Ruling: ${OUTCOME_NAMES[record.content.outcome]}`;
    case 'lot-frames':
      return `Made of ${makeUpCount(record.content)} frames`;
    case 'sampling-plan':
      return `Sampling plan: ${record.content.plannedIds.flat().length} vessels`;
    case 'colour':
      return `Colour in glass: ${colourWords(record.content)}`;
    case 'senses':
      return 'Smell, taste and purity';
    case 'lab-report':
      return `Report of ${record.content.laboratory}`;
    case 'settling':
      return `Stands to clear: ${record.content.name}`;
    case 'heat-spell':
      return `Warmth: ${OCCASION_NAMES[record.content.occasion]}`;
    case 'weighing':
      return `Weighed ${STAGE_NAMES[record.content.stage]}: ${record.content.massKg.toFixed(1)} kg`;
    case 'circumstances':
      return 'What else bears on it';
    case 'piece':
      return `Piece ${record.content.label}`;
    case 'store-move':
      return `Store: ${STORE_ACT_NAMES[record.content.act]}`;
    case 'packing':
      return `Jars ${record.content.code}: ${record.content.count} of ${record.content.jarG} g`;
    case 'jar-move':
      return `${record.content.count} jars ${record.content.act === 'given-out' ? 'given out' : 'set aside'}: ${PURPOSE_NAMES[record.content.purpose]}`;
  }
}

function act(record: LotRecord): string {
  if (record.withdrawn) return 'removed';
  return record.supersedes === null ? 'entered' : 'changed';
}

/** Every revision ever written, latest first. */
export function HistorySection({ file }: { file: LotFile }): ReactElement {
  return (
    <details className="border-t-2 border-ink pt-3">
      <FoldSummary size="heading">History ({file.history.length})</FoldSummary>
      <ol className="divide-y divide-thread">
        {[...file.history].reverse().map((one) => (
          <li key={one.id} className="py-2 text-base">
            <strong>{said(one)}</strong> {act(one)} {formatMoment(one.recordedAt)}
            {one.author === '' ? '' : ` by ${one.author}`}
            {one.reason === null ? '' : ` · ${one.reason}`}
          </li>
        ))}
      </ol>
    </details>
  );
}
