import type { ReactElement } from 'react';
import {
  isToReread,
  rereadsOf,
  type Ledger,
  type LotFile,
  type Meter,
  type Reread,
} from '../../../../../model';
import { formatMoment } from '../../../../format/dates';
import { formatPercent } from '../../../../format/moisture';
import { PlainTable } from '../../../../ui/PlainTable';
import { FoldSummary } from '../../../../ui/page/FoldSummary';
import { PageLink } from '../../../../ui/page/PageLink';
import { SheetSection } from '../../../../ui/page/SheetSection';
import { benchWords } from '../../../../words/english/bench';
import { commonWords } from '../../../../words/english/common';
import { meterWords } from '../../../../words/english/meter';

/** "17.2", or "17.0 to 17.4" where they are not the same. */
function rangeWords(percents: readonly number[]): string {
  const [low, high] = [Math.min(...percents), Math.max(...percents)].map(formatPercent);
  return low === high ? (low ?? '') : commonWords.range({ low: low ?? '', high: high ?? '' });
}

const nameOf = ({ label }: Reread): string => label ?? benchWords.wholeLotHeading();

/** A container to read again: what it counts with now, and what that would be. */
function Container({ reread }: { reread: Reread }): ReactElement {
  const { doubted, isReadAgain } = reread;
  return (
    <li className="border-2 border-thread px-3 py-1.5 leading-tight">
      <strong className="block text-lg">{nameOf(reread)}</strong>
      <span className="text-base">
        {rangeWords(doubted.map(({ countsPercent }) => countsPercent))} →{' '}
        <strong>{rangeWords(doubted.map(({ wouldBePercent }) => wouldBePercent))} %</strong>
      </span>
      {isReadAgain && <span className="block text-base">{meterWords.readAgainSince()}</span>}
    </li>
  );
}

function Lot({ file, rereads }: { file: LotFile; rereads: readonly Reread[] }): ReactElement {
  const { content, entityId } = file.lot;
  const waiting = rereads.filter(isToReread).length;
  const rows = rereads.flatMap((reread) =>
    reread.doubted.map(({ reading, countsPercent, wouldBePercent }) => [
      nameOf(reread),
      formatMoment(reading.content.takenAt),
      `${formatPercent(countsPercent)} %`,
      `${formatPercent(wouldBePercent)} %`,
    ]),
  );
  return (
    <li className="py-3">
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h3 className="text-xl font-bold">{content.name || content.code}</h3>
        <span className="grow text-lg">
          {waiting === 0
            ? meterWords.nothingLeftToReadAgain()
            : meterWords.containersToReadAgain({ waiting })}
        </span>
        <PageLink to={`bench/${entityId}`}>{meterWords.readThemAgain()}</PageLink>
      </div>
      <ul className="mt-2 grid grid-cols-[repeat(auto-fill,minmax(9.5rem,1fr))] gap-2">
        {rereads.map((reread) => (
          <Container key={nameOf(reread)} reread={reread} />
        ))}
      </ul>
      <details>
        <FoldSummary>{meterWords.eachReadingOnItsOwn({ rows: rows.length })}</FoldSummary>
        <PlainTable
          label={meterWords.readingsInDoubt2()}
          head={[
            benchWords.container(),
            commonWords.taken(),
            meterWords.asItCounts(),
            meterWords.wouldBe(),
          ]}
          rows={rows}
        />
      </details>
    </li>
  );
}

/**
 * What a jump of the zero throws into doubt, by lot and container: what to read again, and what each would be.
 * No reading is changed.
 */
export function DoubtedReadings({
  meter,
  ledger,
}: {
  meter: Meter;
  ledger: Ledger;
}): ReactElement | null {
  const lots = ledger.files
    .map((file) => ({ file, rereads: rereadsOf(file, ledger, meter.instrument.entityId) }))
    .filter(({ rereads }) => rereads.length > 0);
  if (lots.length === 0) return null;
  const readings = lots.flatMap(({ rereads }) => rereads.flatMap(({ doubted }) => doubted));
  return (
    <SheetSection id="doubted" title={meterWords.readingsInDoubt({ rows: readings.length })}>
      <p className="mb-2 text-base">{meterWords.takenBetweenAGoodCheck()}</p>
      <ul className="divide-y divide-thread">
        {lots.map(({ file, rereads }) => (
          <Lot key={file.lot.entityId} file={file} rereads={rereads} />
        ))}
      </ul>
    </SheetSection>
  );
}
