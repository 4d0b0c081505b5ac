import { useMemo, useState, type ReactElement } from 'react';
import {
  ordinaryVessels,
  planVerdictOf,
  type CountVerdict,
  type PlanVerdict,
} from '../../../../core';
import type { LotFile } from '../../../../model';
import type { SamplingPlanContent } from '../../../../records';
import { selectPreferences, useAppSelector } from '../../../../store';
import { useMoment } from '../../../data/useMoment';
import { freshPlan, readPlanForm, type PlanContext } from '../../../forms/bench/planForm';
import { formatMoment } from '../../../format/dates';
import { SPOT_NAMES } from '../../../words/reading';
import type { Answer } from '../../../lot/useLot';
import { Button } from '../../../ui/Button';
import { EntrySheet } from '../../../ui/forms/EntrySheet';
import { PlanFields } from './PlanFields';
import { benchWords } from '../../../words/english/bench';
import { commonWords } from '../../../words/english/common';

/** "Bucket 2, 5, 8": labels of one stem are given once. */
function vesselWords(ids: readonly string[], { evidence }: Answer): string {
  const labels = ids.map(
    (id) =>
      evidence.vessels.find((vessel) => vessel.id === id)?.label ?? commonWords.removedInside(),
  );
  const stem = /^(.*?)\s*\d+$/.exec(labels[0] ?? '')?.[1];
  const alike = stem !== undefined && labels.every((label) => label.startsWith(`${stem} `));
  return alike
    ? `${stem} ${labels.map((label) => label.slice(stem.length + 1)).join(', ')}`
    : labels.join(', ');
}

const percentOf = (share: number): string => `${Math.round(share * 1000) / 10} %`;

function promise({ content, confidence, limitPercent }: SamplingPlanContent): string {
  return benchWords.atLeastOfTheVessels({
    content: percentOf(content),
    limitPercent: limitPercent.toFixed(1),
    confidence: percentOf(confidence),
  });
}

function verdictWords(verdict: PlanVerdict, answer: Answer): string {
  switch (verdict.status) {
    case 'incomplete':
      return benchWords.stillToReadUntilThen({ vesselWords: vesselWords(verdict.missing, answer) });
    case 'holds':
      return benchWords.completeThePlanHolds();
    case 'fails':
      return benchWords.completeThePlanDoesNot();
  }
}

/** Why vessels are counted although the plan goes by mean and spread. */
const COUNTED_BECAUSE: Readonly<Record<CountVerdict['because'], string>> = {
  asked: '',
  few: benchWords.withSoFewAWetter(),
  outlier: benchWords.oneContainerIsMuchWetter(),
  'not-normal': benchWords.theContainersDoNotVary(),
};

function VerdictSum({ verdict }: { verdict: PlanVerdict }): ReactElement | null {
  if (verdict.status === 'incomplete') return null;
  const { detail } = verdict;
  if (detail.by === 'by-count') {
    return (
      <p className="text-base">
        {benchWords.vesselsTestedNotShownTo({
          countedBecause: COUNTED_BECAUSE[detail.because],
          tested: verdict.tested,
          notConforming: detail.notConforming,
          badAtMost: detail.badAtMost,
          badAllowed: detail.badAllowed,
        })}
      </p>
    );
  }
  return (
    <p className="text-base">
      {benchWords.forTheMeterItself({
        meanPercent: detail.meanPercent.toFixed(2),
        factor: detail.factor.toFixed(2),
        standardDeviation: detail.standardDeviation.toFixed(2),
        systematicPercent: detail.systematicPercent.toFixed(2),
      })}{' '}
      <strong>{detail.boundPercent.toFixed(2)} %</strong>
    </p>
  );
}

/** A fixed plan with what it says so far. */
function FixedPlan({ file, answer }: { file: LotFile; answer: Answer }): ReactElement | null {
  const { plan } = file;
  const verdict = useMemo(() => planVerdictOf(answer.evidence), [answer.evidence]);
  if (!plan || !verdict) return null;
  const { content } = plan;
  const spots = content.spots.map((spot) => SPOT_NAMES[spot].toLowerCase()).join(', ');
  return (
    <div className="space-y-1">
      <p className="text-lg">{promise(content)}</p>
      <p className="text-lg">
        <strong>{benchWords.vessels({ plannedIds: content.plannedIds.flat().length })}</strong>:{' '}
        {content.plannedIds.map((look) => vesselWords(look, answer)).join(benchWords.then())} (
        {spots}).
      </p>
      <p role="status" className="text-xl font-bold">
        {verdictWords(verdict, answer)}
      </p>
      <VerdictSum verdict={verdict} />
      <p className="text-base text-ink-soft">
        {benchWords.fixedSeed({ fixedAt: formatMoment(content.fixedAt), seed: content.seed })}
        {content.readingsBefore > 0 &&
          benchWords.readingsHadBeenTakenBefore({ readingsBefore: content.readingsBefore })}
        .
      </p>
    </div>
  );
}

/** Seeds short enough to be read out and typed again. */
const SEEDS = 100_000;

/** A new seed; only here does chance come in, and it is written down. */
const freshSeed = (): number => (crypto.getRandomValues(new Uint32Array(1))[0] ?? 1) % SEEDS;

/** Which vessels to test, fixed before anybody looks. */
export function PlanPart({ file, answer }: { file: LotFile; answer: Answer }): ReactElement {
  const [open, setOpen] = useState(false);
  const [seed] = useState(freshSeed);
  const preferences = useAppSelector(selectPreferences);
  const fixedAt = useMoment();
  const vessels = ordinaryVessels(answer.evidence.vessels);
  const context: PlanContext = {
    preferences,
    vesselIds: vessels.map((vessel) => vessel.id),
    limitPercent: answer.ruling.limitPercent,
    readingsBefore: file.readings.filter((reading) => !reading.content.practice).length,
    fixedAt,
  };
  const formOf = useMemo(
    () => freshPlan(answer.ruling.belief.mean, { vessels: vessels.length, seed }, preferences),
    [answer.ruling.belief.mean, vessels.length, seed, preferences],
  );
  return (
    <section aria-labelledby="plan" className="border-t-2 border-ink pt-3">
      <div className="mb-2 flex flex-wrap items-center justify-between gap-3">
        <h2 id="plan" className="text-2xl font-bold">
          {benchWords.whichToTest()}
        </h2>
        {vessels.length > 1 && (
          <Button onClick={() => setOpen(true)}>
            {file.plan ? benchWords.anotherPlan() : benchWords.makeAPlan()}
          </Button>
        )}
      </div>
      {file.plan ? (
        <FixedPlan file={file} answer={answer} />
      ) : (
        <p className="text-base">
          {vessels.length > 1
            ? benchWords.containersAPlanSaysHow({ vessels: vessels.length })
            : benchWords.withOneContainerThereIs()}
        </p>
      )}
      <EntrySheet
        open={open}
        onOpenChange={setOpen}
        kind="sampling-plan"
        record={file.plan}
        ownerId={file.lot.entityId}
        what={benchWords.thePlan()}
        title={file.plan ? benchWords.anotherPlanForThisLot() : benchWords.aPlanForThisLot()}
        description={benchWords.howManyContainersAndWhich()}
        formOf={formOf}
        parse={(form) => readPlanForm(form, context)}
      >
        <PlanFields context={context} answer={answer} />
      </EntrySheet>
    </section>
  );
}
