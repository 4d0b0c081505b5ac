import type { ReactElement } from 'react';
import {
  bucketsToBring,
  conformityProbability,
  type Climate,
  type Expectation,
  expandedOf,
} from '../../../../core';
import { limitOfDay, type HarvestDay, crop, doneFrames } from '../../../../model';
import { selectPreferences, useAppSelector } from '../../../../store';
import { formatQuantity, unitOf } from '../../../format/units';
import { MoistureRule } from '../../../ui/charts/MoistureRule';
import { OwnLots } from './OwnLots';
import { combWords } from '../../../words/english/comb';
import { inHundred } from '../../../format/chance';

/** Half width of a 95 % interval in standard uncertainties. */
const COVERAGE = 1.96;

interface CropSlabProps {
  day: HarvestDay;
  expectation: Expectation;
  climate: Climate;
}

/** What the frames taken so far amount to: kilograms, buckets, and the moisture to expect. */
export function CropSlab({ day, expectation, climate }: CropSlabProps): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const found = crop(doneFrames(day), expectation);
  if (!found) {
    return (
      <p className="on-ink bg-ink p-5 text-2xl leading-snug font-bold text-linen">
        {combWords.nothingTakenYetJudgeA()}
      </p>
    );
  }
  const { mass, expected, openShare } = found;
  const { bucketKg, targetPercent } = day.harvest.content;
  const limit = limitOfDay(day.book, day.harvest);
  const over = 1 - conformityProbability(expected, limit);
  const unit = unitOf('mass', preferences);
  const half = unit.fromBase(COVERAGE * mass.standardUncertaintyKg);
  const low = (expected.mean - expandedOf(expected)).toFixed(1);
  const high = (expected.mean + expandedOf(expected)).toFixed(1);
  return (
    <section aria-labelledby="crop">
      <div className="on-ink bg-ink p-5 text-linen">
        <h2 id="crop" className="text-lg font-semibold">
          {combWords.expectedFromWhatYouTake()}
        </h2>
        <p className="text-6xl leading-tight font-extrabold min-[24rem]:whitespace-nowrap">
          {unit.fromBase(mass.massKg).toFixed(0)}
          <span className="text-3xl font-bold">
            {' '}
            ± {half.toFixed(0)} {unit.name}
          </span>
        </p>
        <p className="text-lg">
          {combWords.bringBucketsOfOfThe({
            bucketsToBring: bucketsToBring(mass, bucketKg),
            bucketKg: formatQuantity(bucketKg, 'mass', preferences, 0),
            openShare: Math.round(openShare * 100),
          })}
        </p>
        <p className="mt-2 text-lg">
          {combWords.moistureBeforeAnyReading()}{' '}
          <strong className="text-2xl">{expected.mean.toFixed(1)} %</strong>{' '}
          {combWords.toOver({ low, high, over: inHundred(over), limit: limit.toFixed(1) })}
          {expectation.lots > 0 && combWords.correctedByLotsOfYour({ lots: expectation.lots })}
        </p>
      </div>
      <div className="mt-4">
        <MoistureRule
          limitPercent={limit}
          targetPercent={targetPercent}
          guardPercent={null}
          belief={expected}
          readings={[]}
          label={combWords.moistureRuleFromToWater({
            mean: expected.mean.toFixed(1),
            low,
            high,
            limit: limit.toFixed(1),
          })}
        />
      </div>
      <OwnLots climate={climate} />
    </section>
  );
}
