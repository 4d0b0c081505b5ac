import { type ReactElement } from 'react';
import { type StorageForecast } from '../../../../core';
import { dayAfterMonths, formatDay, isoDay } from '../../../format/dates';
import { RISK_NAMES } from '../../../words/storeWords';
import { commonWords } from '../../../words/english/common';
import { storeWords } from '../../../words/english/store';

const REASONS: Readonly<Record<StorageForecast['checkReason'], string>> = {
  class: storeWords.itMayStartToFerment(),
  rising: storeWords.beforeItsRiskRisesAs(),
  longest: storeWords.noHoneyGoesUncheckedFor(),
};

/** When to check the honey again, in the largest letters. */
export function KeepAnswer({
  forecast,
  nowMs,
}: {
  forecast: StorageForecast;
  nowMs: number;
}): ReactElement {
  const now = forecast.months[0];
  const by = dayAfterMonths(isoDay(new Date(nowMs)), forecast.checkMonths);
  return (
    <section aria-label={commonWords.theAnswer()} className="border-l-8 border-lavender pl-4">
      <p className="text-xl">{storeWords.checkItAgainBy()}</p>
      <p role="status" className="text-6xl leading-tight font-extrabold">
        {formatDay(by)}
      </p>
      <p className="mt-1 text-xl">
        {storeWords.now()} <strong>{RISK_NAMES[now?.risk ?? 'watch']}</strong>
        {storeWords.atWorst()} <strong>{RISK_NAMES[forecast.worst]}</strong>{' '}
        {storeWords.withinMonthsTheDay({ reason: REASONS[forecast.checkReason] })}
      </p>
      <p className="mt-1 text-base">{storeWords.thisSaysWhenToCheck()}</p>
    </section>
  );
}
