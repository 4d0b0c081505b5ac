import { isoToday } from '../../format/dates';
import { useMemo, useState } from 'react';
import { expectedMixture, priorExpectation } from '../../../core';
import { seasonReport, type SeasonReport } from '../../../model';
import { useCurrent, useRuledLots, useLedger } from '../../data/useWorkspaceModel';

function useReport(): SeasonReport {
  const ledger = useLedger();
  const lots = useRuledLots().ruled;
  const guesses = useCurrent('guess');
  return useMemo(() => {
    const prior = priorExpectation();
    const pastLots = ledger.pastLots.map((pastLot) => ({
      ...pastLot,
      expectedPercent: expectedMixture(pastLot.shares, prior).mean,
    }));
    const { book, poured } = ledger.related;
    const blended = new Set(
      poured.map((pouredLine) => pouredLine.intoLotId).filter((text) => text !== null),
    );
    return seasonReport(lots, { book, guesses, pastLots, blended });
  }, [ledger, lots, guesses]);
}

/** Everything of the year that was picked, the latest one at first. */
export function useYearsController() {
  const report = useReport();
  const [picked, pick] = useState<number | null>(null);
  const year = picked ?? report.years[0] ?? Number(isoToday().slice(0, 4));
  return { report, year, years: report.years.length > 0 ? report.years : [year], pick };
}
