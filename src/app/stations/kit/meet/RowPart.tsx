import { useState, type ReactElement } from 'react';
import { MOST_ROW_BYTES } from '../../../../meeting';
import { formatBytes } from '../../../format/bytes';
import { Button } from '../../../ui/Button';
import { Fold } from '../../../ui/page/Fold';
import { meetWords } from '../../../words/english/meet';
import { tell } from '../../../words/tell';
import { RowShown } from './RowShown';
import type { ShownRow, useShownRow } from './useRow';

/** Spans that a row can be made of [days], today included. */
const SPANS: readonly (readonly [days: number, name: string])[] = [
  [1, meetWords.today()],
  [7, meetWords.lastSevenDays()],
  [30, meetWords.lastThirtyDays()],
];

function sentenceOf(row: Exclude<ShownRow, { at: 'shown' }>): string {
  if (row.at === 'empty') return meetWords.nothingToShow();
  if (row.at === 'trouble') return tell(row.error.message);
  const [size, most] = [formatBytes(row.bytes), formatBytes(MOST_ROW_BYTES)];
  return meetWords.tooLargeForARow({ size, most });
}

function Shown({ row }: { row: ShownRow }): ReactElement {
  if (row.at !== 'shown') {
    return (
      <p role="alert" className="mt-3 max-w-xl text-lg font-semibold">
        {sentenceOf(row)}
      </p>
    );
  }
  return (
    <>
      <p role="status" className="mt-3 max-w-xl text-lg">
        {meetWords.holdTheCamera({ records: row.records })}
      </p>
      <RowShown key={row.texts[0]} texts={row.texts} />
    </>
  );
}

/** Without any network: the last days as a row of codes on the screen. */
export function RowPart({ row, show, hide }: ReturnType<typeof useShownRow>): ReactElement {
  const [days, setDays] = useState(1);
  return (
    <Fold
      summary={meetWords.withoutANetwork()}
      size="large"
      className="mt-8 border-t-2 border-ink pt-2"
    >
      <p className="max-w-2xl text-lg">{meetWords.daysAsCodes()}</p>
      <div className="mt-3 flex flex-wrap gap-3">
        {SPANS.map(([span, name]) => (
          <Button
            key={span}
            aria-pressed={row !== null && span === days}
            onClick={() => {
              setDays(span);
              show(span);
            }}
          >
            {name}
          </Button>
        ))}
        {row && <Button onClick={hide}>{meetWords.hide()}</Button>}
      </div>
      {row && <Shown row={row} />}
    </Fold>
  );
}
