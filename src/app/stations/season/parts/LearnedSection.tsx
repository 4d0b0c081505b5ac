import type { ReactElement } from 'react';
import {
  SPREAD_PRIORS,
  learnedBetweenVessels,
  updatedExpectation,
  priorExpectation,
} from '../../../../core';
import { learnedZero, repeatabilityOf, type Ledger } from '../../../../model';
import { PlainTable } from '../../../ui/PlainTable';
import { SheetSection } from '../../../ui/page/SheetSection';
import { commonWords } from '../../../words/english/common';
import { seasonWords } from '../../../words/english/season';

/** What own records have taught in place of guesses. */
export function LearnedSection({ ledger }: { ledger: Ledger }): ReactElement {
  const { replicates, scatters, meters, pastLots } = ledger;
  const readers = [...new Set(replicates.map((replicate) => replicate.reader))];
  const vessels = learnedBetweenVessels(scatters);
  const zero = learnedZero(meters);
  const combs = updatedExpectation(priorExpectation('not-said'), pastLots);
  const points = (value: number): string => seasonWords.points({ value: value.toFixed(2) });
  return (
    <SheetSection id="learned" title={seasonWords.whatYourRecordsHaveTaught()}>
      <PlainTable
        label={seasonWords.learnedInPlaceOfGuesses()}
        head={[commonWords.what(), seasonWords.guessed(), seasonWords.now(), commonWords.from()]}
        rows={[
          ...readers.map((reader) => {
            const own = repeatabilityOf(reader, replicates);
            const sets = replicates.filter(
              (replicate) => replicate.reader === reader && replicate.values.length > 1,
            );
            return [
              seasonWords.readingsByDifferBy({ reader }),
              points(SPREAD_PRIORS.repeatability.standardDeviation),
              points(own.standardDeviation),
              seasonWords.samples({ sets: sets.length }),
            ];
          }),
          [
            seasonWords.vesselsOfALotDiffer(),
            points(SPREAD_PRIORS.betweenVessels.standardDeviation),
            points(vessels.standardDeviation),
            seasonWords.lots({ from: vessels.from }),
          ],
          [
            seasonWords.uncheckedMetersAreOffBy(),
            points(learnedZero(new Map()).standardDeviation),
            points(zero.standardDeviation),
            seasonWords.meters({ from: zero.from }),
          ],
          [
            seasonWords.lotsDifferFromWhatTheir(),
            seasonWords.theUsual(),
            seasonWords.timesTheUsual({ scatterFactor: combs.scatterFactor.toFixed(1) }),
            seasonWords.lotsHeading({ lots: combs.lots }),
          ],
        ]}
      />
      <p className="mt-1 text-base">{seasonWords.eachIsOneStandardDeviation()}</p>
    </SheetSection>
  );
}
