import type { ReactElement } from 'react';
import {
  CAPPING_RATE_PRIOR,
  COLD_COMB_BELOW_C,
  EXPECTED_BY_STATE,
  EYE,
  HONEY_DEPTH_MM,
  SCHOOLS,
  extractWithinHours,
  type HoneyState,
} from '../../../core';
import { HEFT_PLUS_MINUS_KG } from '../../../model';
import { PlainTable } from '../../ui/PlainTable';
import { Chapter } from './Chapter';
import { commonWords } from '../../words/english/common';
import { handbookWords } from '../../words/english/handbook';
import { weakPointOf } from '../../words/limitNotes';

const percent = (share: number): string => `${Math.round(share * 100)} %`;

/** What is expected of honey before any reading. */
export function Expectation(): ReactElement {
  const row = (name: string, state: HoneyState) => {
    const { mean, knowledge, scatter } = EXPECTED_BY_STATE[state];
    return [name, `${mean} %`, `${knowledge} %`, `${scatter} %`];
  };
  return (
    <Chapter id="expectation" title={handbookWords.withoutAMeter()}>
      <p>{handbookWords.beforeAnyReadingTheState()}</p>
      <PlainTable
        label={handbookWords.expectedMoistureByStateOf()}
        head={[
          handbookWords.cells(),
          commonWords.mean(),
          handbookWords.howWellKnown(),
          handbookWords.fromLotToLot(),
        ]}
        rows={[
          row(commonWords.capped(), 'capped'),
          row(handbookWords.openNothingFellAtThe(), 'nothing-fell'),
          row(handbookWords.openNoShakeTest(), 'not-done'),
          row(handbookWords.openDropsFell(), 'drops'),
          row(handbookWords.openHoneyRan(), 'runs'),
        ]}
      />
    </Chapter>
  );
}

function ShareAndMass(): ReactElement {
  return (
    <>
      <p>{handbookWords.cappedShareCappedCellsOver({ worthPoints: EYE.worthPoints })}</p>
      <p>
        {handbookWords.honeyOfASideComb({
          sunken: HONEY_DEPTH_MM.sunken,
          flush: HONEY_DEPTH_MM.flush,
          proud: HONEY_DEPTH_MM.proud,
          hand: HEFT_PLUS_MINUS_KG.hand,
          scale: HEFT_PLUS_MINUS_KG.scale,
        })}
      </p>
    </>
  );
}

/** How frames are judged. */
export function JudgingComb(): ReactElement {
  const { mean, standardDeviation } = CAPPING_RATE_PRIOR;
  return (
    <Chapter id="comb" title={handbookWords.judgingTheComb()}>
      <ShareAndMass />
      <PlainTable
        label={handbookWords.schools()}
        head={[
          handbookWords.school(),
          handbookWords.cappedShareAskedFor(),
          handbookWords.cleanShakeExcusesTo(),
          handbookWords.weakPoint(),
        ]}
        rows={SCHOOLS.map((school) => [
          school.name,
          `${percent(school.ripeShare)}${school.rule === 'pooled' ? handbookWords.ofAllTakenTogether() : school.rule === 'all-honey' ? handbookWords.theRestIsDried() : handbookWords.onEachSide()}`,
          school.excusedShare === null ? handbookWords.nothing() : percent(school.excusedShare),
          weakPointOf(school),
        ])}
      />
      <p>{handbookWords.schoolsAreCommonPracticeWithout()}</p>
      <p>
        {handbookWords.puttingBackBeesAreTaken({
          mean: percent(mean),
          standardDeviation: percent(standardDeviation),
          coldCombBelowC: COLD_COMB_BELOW_C,
        })}
      </p>
      <p>
        {handbookWords.adultSmallBeetlesExtractWithin({
          extractWithinHours: extractWithinHours(28, 0.6),
          extractWithinHours2: extractWithinHours(28, 0.4),
          extractWithinHours3: extractWithinHours(18, 0.4),
        })}
      </p>
      <p>{handbookWords.dryingInTheComparisonOf()}</p>
    </Chapter>
  );
}
