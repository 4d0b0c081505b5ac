import type { ReactElement } from 'react';
import {
  GUARD_FACTOR,
  drierHoneyNeededKg,
  tankConforms,
  inHundred,
  type BlendPlan,
  type BlendTask,
} from '../../../../core';
import { selectPreferences, useAppSelector } from '../../../../store';
import { counted } from '../../../format/counted';
import { RELAXATION_NAMES } from '../../../words/storeWords';
import { formatQuantity } from '../../../format/units';
import { Button } from '../../../ui/Button';
import { PlainTable } from '../../../ui/PlainTable';
import { SheetSection } from '../../../ui/page/SheetSection';
import type { BlendSearch } from '../useBlendPlan';
import { BlendRule } from './BlendRule';
import type { StoredLot } from '../../../../model';

interface BlendAnswerProps {
  search: BlendSearch;
  lots: readonly StoredLot[];
  onCancel: () => void;
  onKeep: () => void;
}

const useMass = (): ((kg: number) => string) => {
  const preferences = useAppSelector(selectPreferences);
  return (kg) => formatQuantity(kg, 'mass', preferences);
};

const totalKg = (plan: BlendPlan): number => plan.tanks.reduce((sum, one) => sum + one.massKg, 0);

function proofWords(plan: BlendPlan, mass: (kg: number) => string): string {
  const gap = plan.boundKg - plan.worthKg;
  return gap < 0.05
    ? 'Proven: no other blend under these limits is worth more.'
    : `No other blend under these limits is worth more than ${mass(gap)} above it (${((100 * gap) / Math.max(plan.boundKg, 0.001)).toFixed(1)} %).`;
}

function Reasons({ plan, task }: { plan: BlendPlan; task: BlendTask }): ReactElement {
  const mass = useMass();
  const dry = totalKg(plan) - plan.savedKg;
  const split = plan.opened.filter(
    (id) => plan.pours.filter((one) => one.containerId === id).length > 1,
  ).length;
  return (
    <ul className="mt-2 list-disc space-y-1 pl-5 text-lg">
      <li>{proofWords(plan, mass)}</li>
      <li>
        {counted(plan.opened.length, 'container')} opened
        {split > 0 ? `, ${split} of them poured into more than one tank` : ''}; {mass(dry)} of honey
        that meets the target by itself goes in.
      </li>
      <li>
        Each tank stays at or under {task.targetPercent.toFixed(1)} % with its guard band of 95 in
        100, by mass and with what the meter shares counted once.
      </li>
      {plan.leftKg > 0.05 && <li>{mass(plan.leftKg)} of too wet honey is still left.</li>}
    </ul>
  );
}

function Tanks({ plan, task }: { plan: BlendPlan; task: BlendTask }): ReactElement {
  const mass = useMass();
  return (
    <PlainTable
      label="Tanks"
      head={['Tank', 'Holds', 'Water', 'With guard band', 'At or under the target']}
      rows={plan.tanks.map((one) => [
        one.tankId,
        mass(one.massKg),
        `${one.moisture.mean.toFixed(2)} ± ${(2 * one.moisture.standardUncertainty).toFixed(2)} %`,
        `${one.upperPercent.toFixed(2)} %`,
        inHundred(tankConforms(one, task.targetPercent)),
      ])}
    />
  );
}

function SecondBest({ search }: { search: BlendSearch }): ReactElement | null {
  const mass = useMass();
  const { best, second } = search;
  if (!best) return null;
  return (
    <SheetSection id="second" title="The second best">
      <p className="text-lg">
        {second === undefined
          ? 'Being looked for.'
          : second === null
            ? 'No other set of containers saves anything.'
            : `Saves ${mass(second.savedKg)} from ${counted(second.opened.length, 'container')}, worth ${mass(best.worthKg - second.worthKg)} less.`}
      </p>
    </SheetSection>
  );
}

/** Moisture of honey that would help [%]: thick, as customers like it. @source common practice, no source */
const DRIER_PERCENT = 16.5;

function drierWords(task: BlendTask, mass: (kg: number) => string): string {
  const neededKg = drierHoneyNeededKg(task, DRIER_PERCENT, GUARD_FACTOR * task.systematicPercent);
  return neededKg === null || neededKg === 0
    ? 'No single limit does.'
    : `No single limit does; about ${mass(neededKg)} of honey of ${DRIER_PERCENT} % in all would, poured into one tank.`;
}

function Relaxing({ search }: { search: BlendSearch }): ReactElement | null {
  const mass = useMass();
  const { relaxations, question } = search;
  if (!relaxations || !question) return null;
  return (
    <SheetSection id="relax" title="What would bring more">
      {relaxations.length === 0 ? (
        <p className="text-lg">{drierWords(question.task, mass)}</p>
      ) : (
        <ul className="space-y-1 text-lg">
          {relaxations.map(({ id, gainKg }) => (
            <li key={id}>
              {RELAXATION_NAMES[id]}
              {id === 'target' ? ` of ${question.limitPercent.toFixed(1)} %` : ''}:{' '}
              <strong>{mass(gainKg)} more</strong>
            </li>
          ))}
        </ul>
      )}
    </SheetSection>
  );
}

function Barred({
  task,
  lots,
}: {
  task: BlendTask;
  lots: readonly StoredLot[];
}): ReactElement | null {
  const barred = new Map<string, string>();
  for (const lot of lots) {
    const own = task.containers.find((one) => lot.vessels.some((each) => each.id === one.id));
    if (own?.barredBecause)
      barred.set(lot.file.lot.content.name || lot.file.lot.content.code, own.barredBecause);
  }
  if (barred.size === 0) return null;
  return (
    <SheetSection id="barred" title="Left out">
      <ul className="list-disc space-y-1 pl-5 text-lg">
        {[...barred].map(([name, because]) => (
          <li key={name}>
            {name}: {because}.
          </li>
        ))}
      </ul>
    </SheetSection>
  );
}

function Found({
  plan,
  task,
  limitPercent,
  onKeep,
}: {
  plan: BlendPlan;
  task: BlendTask;
  limitPercent: number;
  onKeep: () => void;
}): ReactElement {
  const mass = useMass();
  const isSaving = task.aim === 'save';
  return (
    <>
      <section aria-label="The answer" className="border-l-8 border-lavender pl-4">
        <p className="text-xl">{isSaving ? 'Saves' : 'Fills'}</p>
        <p role="status" className="text-6xl leading-tight font-extrabold">
          {mass(isSaving ? plan.savedKg : totalKg(plan))}
        </p>
        <p className="text-xl">
          {isSaving
            ? `that is too wet by itself, of ${mass(plan.savedKg + plan.leftKg)}.`
            : `into ${counted(plan.tanks.length, 'tank')}.`}
        </p>
        <Reasons plan={plan} task={task} />
        <Button tone="ink" className="mt-4 min-h-14 text-lg" onClick={onKeep}>
          Keep it and pour
        </Button>
      </section>
      <BlendRule plan={plan} task={task} limitPercent={limitPercent} />
      <Tanks plan={plan} task={task} />
    </>
  );
}

/** The best blend, why, the second best, and what would bring more. */
export function BlendAnswer({ search, lots, onCancel, onKeep }: BlendAnswerProps): ReactElement {
  const { status, best, question } = search;
  if (status === 'idle' || !question) {
    return (
      <p className="text-xl">
        Say what may be poured and how wet it may be; the answer stands here.
      </p>
    );
  }
  return (
    <div className="space-y-6">
      {status === 'running' && (
        <p className="flex flex-wrap items-center gap-4 text-lg" role="status">
          {best === undefined
            ? 'Looking for the best blend.'
            : 'Looking for the second best and for what would bring more.'}
          <Button onClick={onCancel}>Stop</Button>
        </p>
      )}
      {status === 'given-up' && (
        <p className="text-lg">Stopped; what was found until then stands here.</p>
      )}
      {status === 'failed' && (
        <p className="text-lg" role="alert">
          {search.why ||
            'No blend can be planned with these values; try fewer tanks or other limits.'}
        </p>
      )}
      {best === null && (
        <p role="status" className="border-l-8 border-lavender pl-4 text-2xl font-bold">
          Nothing can be saved under these limits.
        </p>
      )}
      {best && (
        <Found
          plan={best}
          task={question.task}
          limitPercent={question.limitPercent}
          onKeep={onKeep}
        />
      )}
      <SecondBest search={search} />
      <Relaxing search={search} />
      <Barred task={question.task} lots={lots} />
    </div>
  );
}
