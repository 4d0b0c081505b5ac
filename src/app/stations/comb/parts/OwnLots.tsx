import type { ReactElement } from 'react';
import {
  expectedMixture,
  priorExpectation,
  updatedExpectation,
  type Climate,
  expandedOf,
} from '../../../../core';
import { pastLotsBefore } from '../../../../model';
import { PlainTable } from '../../../ui/PlainTable';
import { FoldSummary } from '../../../ui/page/FoldSummary';
import { usePastLots } from '../../../data/useWorkspaceModel';
import { combWords } from '../../../words/english/comb';
import { commonWords } from '../../../words/english/common';
import { doubtful } from '../../../format/doubtful';

/** Own lots: what the comb let expect before each reading, beside what was measured. */
export function OwnLots({ climate }: { climate: Climate }): ReactElement | null {
  const lots = usePastLots();
  if (lots.length === 0) return null;
  const rows = [...lots]
    .sort((a, b) => b.day.localeCompare(a.day))
    .map((lot) => {
      const before = updatedExpectation(priorExpectation(climate), pastLotsBefore(lots, lot));
      const expected = expectedMixture(lot.shares, before);
      const apart = lot.measured.mean - expected.mean;
      return [
        lot.code,
        `${Math.round(lot.shares.capped * 100)} %`,
        `${doubtful(expected.mean, expandedOf(expected))} %`,
        `${lot.measured.mean.toFixed(1)} %`,
        `${apart > 0 ? '+' : '−'}${Math.abs(apart).toFixed(1)}`,
      ];
    });
  return (
    <details className="mt-2">
      <FoldSummary>{combWords.ownLotsExpectedAndMeasured({ lots: lots.length })}</FoldSummary>
      <PlainTable
        label={combWords.ownLotsExpectedAndMeasured2()}
        head={[
          commonWords.lotHeading(),
          commonWords.capped(),
          combWords.expectedThen(),
          combWords.measured(),
          combWords.apart(),
        ]}
        rows={rows}
      />
    </details>
  );
}
