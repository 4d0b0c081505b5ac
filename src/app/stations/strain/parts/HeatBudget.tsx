import { type ReactElement } from 'react';
import { HMF_HARMS_BEES, type HeatBalance, type HeatBand } from '../../../../core';
import { type LotHeat } from '../../../../model';
import { commonWords } from '../../../words/english/common';
import { settlingWords } from '../../../words/english/settling';
import { formatDay } from '../../../format/dates';

const figure = (value: number): string => value.toFixed(value < 10 ? 1 : 0);

const bandText = ({ low, likely, high }: HeatBand, unit: string): string =>
  settlingWords.toOneUnitOne2One3({
    one: figure(likely),
    unit,
    one2: figure(low),
    one3: figure(high),
  });

function spentWords({ spentShare }: HeatBalance): string {
  const { low, likely, high } = spentShare;
  const percent = (share: number): string =>
    Number.isFinite(share) ? `${Math.round(100 * share)} %` : commonWords.all();
  return settlingWords.toLikelyLowHigh({
    likely: percent(likely),
    low: percent(low),
    high: percent(high),
  });
}

/** What warmth has used up of what a lot may take, in the largest letters. */
export function HeatBudget({ heat }: { heat: LotHeat }): ReactElement {
  const { balance, origin, limits } = heat;
  const { spentShare, hmf } = balance;
  return (
    <section aria-label={commonWords.theAnswer()} className="border-l-8 border-lavender pl-4">
      <p className="text-xl">{settlingWords.usedUpOfWhatWarmth()}</p>
      <p role="status" className="text-6xl leading-none font-bold">
        {Number.isFinite(spentShare.likely)
          ? `${Math.round(100 * spentShare.likely)} %`
          : commonWords.all()}
      </p>
      <p className="mt-2 text-xl">
        {settlingWords.nearerToTheLimitOf({
          spentWords: spentWords(balance),
          part: balance.nearer === 'hmf' ? 'HMF' : settlingWords.diastase(),
        })}
      </p>
      <dl className="mt-3 grid gap-x-6 gap-y-1 text-lg sm:grid-cols-[auto_1fr]">
        <dt className="font-semibold">{settlingWords.hmfNow()}</dt>
        <dd>
          {settlingWords.atMost({
            bandText: bandText(hmf, 'mg/kg'),
            hmfMgPerKg: limits.hmfMgPerKg,
          })}
        </dd>
        <dt className="font-semibold">{settlingWords.diastaseNow()}</dt>
        <dd>
          {settlingWords.atLeast({
            bandText: bandText(balance.diastase, settlingWords.units()),
            diastaseSchade: limits.diastaseSchade,
          })}
        </dd>
      </dl>
      {hmf.high > HMF_HARMS_BEES && (
        <p className="mt-2 text-lg font-bold">
          {settlingWords.doNotFeedItBack({ hmfHarmsBees: HMF_HARMS_BEES })}
        </p>
      )}
      <p className="mt-2 text-base">
        {settlingWords.computedFromTemperatureAndTime({
          part:
            origin.reportedMs === null
              ? settlingWords.noLaboratoryReportItStarts()
              : settlingWords.startsFromTheReportOf({
                  laboratory: origin.laboratory,
                  reportedMs: formatDay(origin.reportedMs),
                }),
        })}
      </p>
    </section>
  );
}
