import type { ReactElement } from 'react';
import type { BatchFile } from '../../../../model';
import type { BatchCheck } from '../../../../records';
import { selectPreferences, useAppSelector } from '../../../../store';
import { formatMoment } from '../../../format/dates';
import { formatPercent } from '../../../format/moisture';
import { formatQuantity } from '../../../format/units';
import { Button } from '../../../ui/Button';
import { commonWords } from '../../../words/english/common';
import { roomWords } from '../../../words/english/room';

const PARTS = {
  open: roomWords.openCells(),
  capped: roomWords.underCappings(),
  all: roomWords.mixed(),
} as const;

function useWords(): (check: BatchCheck) => string {
  const preferences = useAppSelector(selectPreferences);
  const kg = (value: number): string => formatQuantity(value, 'mass', preferences, 2);
  return ({ content: { found } }) =>
    found.by === 'moisture'
      ? `${formatPercent(found.percent)} ± ${formatPercent(found.plusMinus)} %, ${PARTS[found.of]}`
      : roomWords.weighedAtFirstThen({ firstKg: kg(found.firstKg), nowKg: kg(found.nowKg) });
}

interface ChecksListProps {
  file: BatchFile;
  onEdit: (check: BatchCheck) => void;
}

/** What was measured of a batch, the latest first. */
export function ChecksList({ file, onEdit }: ChecksListProps): ReactElement | null {
  const words = useWords();
  if (file.checks.length === 0) return null;
  return (
    <ul aria-label={roomWords.whatWasMeasured()} className="mt-2 divide-y divide-thread">
      {[...file.checks].reverse().map((check) => (
        <li key={check.entityId} className="flex flex-wrap items-center gap-x-4">
          <span className="grow text-base">
            <strong>{words(check)}</strong> · {formatMoment(check.content.takenAt)}
            {check.content.who === '' ? '' : ` · ${check.content.who}`}
            {check.content.remark === '' ? '' : ` · ${check.content.remark}`}
          </span>
          <Button tone="quiet" onClick={() => onEdit(check)}>
            {commonWords.change()}
            <span className="sr-only"> {roomWords.whatWasMeasured2({ one: words(check) })}</span>
          </Button>
        </li>
      ))}
    </ul>
  );
}
