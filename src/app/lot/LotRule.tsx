import type { ReactElement } from 'react';
import { guardOf, readingUncertainty } from '../../core';
import { ruleSentence } from '../words/phrasing';
import { MoistureRule } from '../ui/charts/MoistureRule';
import type { RuleReading } from '../ui/charts/RuleReadings';
import { PROVISIONAL_ID, type Answer } from './useLot';

function readingsOnRule({ evidence }: Answer): RuleReading[] {
  return evidence.readings.map(({ id, moisturePercent, budget }) => ({
    id,
    percent: moisturePercent,
    plusMinus: readingUncertainty(budget).expanded,
    provisional: id === PROVISIONAL_ID,
  }));
}

/** The moisture rule of a lot: limit, target, guard band, hill and readings. */
export function LotRule({ answer }: { answer: Answer }): ReactElement {
  const { evidence, ruling } = answer;
  const measured = ruling.belief.basis === 'readings';
  return (
    <MoistureRule
      limitPercent={ruling.limitPercent}
      targetPercent={evidence.targetPercent}
      guardPercent={measured ? guardOf(ruling.belief) : null}
      belief={ruling.belief}
      readings={readingsOnRule(answer)}
      label={ruleSentence(ruling)}
    />
  );
}
