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
import { counted } from '../../../format/counted';
import { formatMoment } from '../../../format/dates';
import { SPOT_NAMES } from '../../../words/reading';
import type { Answer } from '../../../lot/useLot';
import { Button } from '../../../ui/Button';
import { EntrySheet } from '../../../ui/forms/EntrySheet';
import { PlanFields } from './PlanFields';

/** "Bucket 2, 5, 8": labels of one stem are told once. */
function vesselWords(ids: readonly string[], { evidence }: Answer): string {
  const labels = ids.map((id) => evidence.vessels.find((one) => one.id === id)?.label ?? 'removed');
  const stem = /^(.*?)\s*\d+$/.exec(labels[0] ?? '')?.[1];
  const alike = stem !== undefined && labels.every((one) => one.startsWith(`${stem} `));
  return alike
    ? `${stem} ${labels.map((one) => one.slice(stem.length + 1)).join(', ')}`
    : labels.join(', ');
}

const percentOf = (share: number): string => `${Math.round(share * 1000) / 10} %`;

function promise({ content, confidence, limitPercent }: SamplingPlanContent): string {
  return `At least ${percentOf(content)} of the vessels at or under ${limitPercent.toFixed(1)} %, with ${percentOf(confidence)} confidence.`;
}

function verdictWords(verdict: PlanVerdict, answer: Answer): string {
  switch (verdict.status) {
    case 'incomplete':
      return `Still to read: ${vesselWords(verdict.missing, answer)}. It says nothing before.`;
    case 'holds':
      return 'Complete: the plan holds.';
    case 'fails':
      return 'Complete: the plan does not hold. Read every vessel and go by each.';
  }
}

/** Why vessels are counted although the plan goes by mean and spread. */
const COUNTED_BECAUSE: Readonly<Record<CountVerdict['because'], string>> = {
  asked: '',
  few: 'With so few, a wetter tenth could be missed, so vessels are counted instead.',
  outlier: 'One vessel is much wetter than the rest, so vessels are counted instead.',
  'not-normal': 'The vessels do not scatter evenly about one mean, so they are counted instead.',
};

function VerdictSum({ verdict }: { verdict: PlanVerdict }): ReactElement | null {
  if (verdict.status === 'incomplete') return null;
  const { detail } = verdict;
  if (detail.by === 'by-count') {
    return (
      <p className="text-base">
        {COUNTED_BECAUSE[detail.because]} {counted(verdict.tested, 'vessel')} tested,{' '}
        {detail.notConforming} not shown to conform: at most {detail.badAtMost} bad ones of all are
        not ruled out, {detail.badAllowed} would be allowed.
      </p>
    );
  }
  return (
    <p className="text-base">
      {detail.meanPercent.toFixed(2)} + {detail.factor.toFixed(2)} ×{' '}
      {detail.standardDeviation.toFixed(2)} + {detail.systematicPercent.toFixed(2)} for the meter
      itself = <strong>{detail.boundPercent.toFixed(2)} %</strong>
    </p>
  );
}

/** A fixed plan with what it says so far. */
function FixedPlan({ file, answer }: { file: LotFile; answer: Answer }): ReactElement | null {
  const { plan } = file;
  const verdict = useMemo(() => planVerdictOf(answer.evidence), [answer.evidence]);
  if (!plan || !verdict) return null;
  const { content } = plan;
  const spots = content.spots.map((one) => SPOT_NAMES[one].toLowerCase()).join(', ');
  return (
    <div className="space-y-1">
      <p className="text-lg">{promise(content)}</p>
      <p className="text-lg">
        <strong>{counted(content.plannedIds.flat().length, 'vessel')}</strong>:{' '}
        {content.plannedIds.map((look) => vesselWords(look, answer)).join('; then ')} ({spots}).
      </p>
      <p role="status" className="text-xl font-bold">
        {verdictWords(verdict, answer)}
      </p>
      <VerdictSum verdict={verdict} />
      <p className="text-base text-ink-soft">
        Fixed {formatMoment(content.fixedAt)}, seed {content.seed}
        {content.readingsBefore > 0 &&
          `; ${counted(content.readingsBefore, 'reading')} had been taken before, so that it was not quite blind`}
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
    vesselIds: vessels.map((one) => one.id),
    limitPercent: answer.ruling.limitPercent,
    readingsBefore: file.readings.filter((one) => !one.content.practice).length,
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
          Which to test
        </h2>
        {vessels.length > 1 && (
          <Button onClick={() => setOpen(true)}>
            {file.plan ? 'Another plan' : 'Make a plan'}
          </Button>
        )}
      </div>
      {file.plan ? (
        <FixedPlan file={file} answer={answer} />
      ) : (
        <p className="text-base">
          {vessels.length > 1
            ? `${counted(vessels.length, 'vessel')}: a plan says how many and which to read so that a few speak for all. Fix it before you look: reading on until it passes is no test.`
            : 'With one vessel there is nothing to choose: read it, stirred, two or three times.'}
        </p>
      )}
      <EntrySheet
        open={open}
        onOpenChange={setOpen}
        kind="sampling-plan"
        record={file.plan}
        ownerId={file.lot.entityId}
        what="the plan"
        title={file.plan ? 'Another plan for this lot' : 'A plan for this lot'}
        description="How many vessels, and which, is fixed now and stays in the history."
        formOf={formOf}
        parse={(form) => readPlanForm(form, context)}
      >
        <PlanFields context={context} answer={answer} />
      </EntrySheet>
    </section>
  );
}
