import type { ReactElement } from 'react';
import {
  GUARD_FACTOR,
  drierHoneyNeededKg,
  tankConforms,
  type BlendPlan,
  type BlendTask,
} from '../../../../core';
import { selectPreferences, useAppSelector } from '../../../../store';
import { RELAXATION_NAMES } from '../../../words/storeWords';
import { formatQuantity } from '../../../format/units';
import { Button } from '../../../ui/Button';
import { PlainTable } from '../../../ui/PlainTable';
import { SheetSection } from '../../../ui/page/SheetSection';
import type { BlendSearch } from '../useBlendPlan';
import { BlendRule } from './BlendRule';
import { blendWords } from '../../../words/english/blend';
import { commonWords } from '../../../words/english/common';
import { inHundred } from '../../../format/chance';
import { tell } from '../../../words/tell';
import { doubtful } from '../../../format/doubtful';

interface BlendAnswerProps {
  search: BlendSearch;
  onCancel: () => void;
  onKeep: () => void;
}

const useMass = (): ((kg: number) => string) => {
  const preferences = useAppSelector(selectPreferences);
  return (kg) => formatQuantity(kg, 'mass', preferences);
};

const totalKg = (plan: BlendPlan): number => plan.tanks.reduce((sum, tank) => sum + tank.massKg, 0);

function proofWords(plan: BlendPlan, mass: (kg: number) => string): string {
  const gap = plan.boundKg - plan.worthKg;
  return gap < 0.05
    ? blendWords.provenNoOtherBlendWithin()
    : blendWords.noOtherBlendWithinThese({
        gap: mass(gap),
        gap2: ((100 * gap) / Math.max(plan.boundKg, 0.001)).toFixed(1),
      });
}

function Reasons({ plan, task }: { plan: BlendPlan; task: BlendTask }): ReactElement {
  const mass = useMass();
  const dry = totalKg(plan) - plan.savedKg;
  const split = plan.opened.filter(
    (id) => plan.pours.filter((pour) => pour.containerId === id).length > 1,
  ).length;
  return (
    <ul className="mt-2 list-disc space-y-1 pl-5 text-lg">
      <li>{proofWords(plan, mass)}</li>
      <li>
        {blendWords.containersOpenedUsesOfHoney({
          opened: plan.opened.length,
          part: split > 0 ? blendWords.ofThemPouredIntoMore({ split }) : '',
          dry: mass(dry),
        })}
      </li>
      <li>{blendWords.eachTankStaysAtOr({ targetPercent: task.targetPercent.toFixed(1) })}</li>
      {plan.leftKg > 0.05 && <li>{blendWords.ofHoneyThatIsToo({ leftKg: mass(plan.leftKg) })}</li>}
    </ul>
  );
}

function Tanks({ plan, task }: { plan: BlendPlan; task: BlendTask }): ReactElement {
  const mass = useMass();
  return (
    <PlainTable
      label={blendWords.tanks()}
      head={[
        blendWords.tankHeading(),
        blendWords.holds(),
        commonWords.water(),
        blendWords.withGuardBand(),
        blendWords.atOrBelowTheTarget(),
      ]}
      rows={plan.tanks.map((tank) => [
        tank.tankId,
        mass(tank.massKg),
        `${doubtful(tank.moisture.mean, 2 * tank.moisture.standardUncertainty, 2)} %`,
        `${tank.upperPercent.toFixed(2)} %`,
        inHundred(tankConforms(tank, task.targetPercent)),
      ])}
    />
  );
}

function SecondBest({ search }: { search: BlendSearch }): ReactElement | null {
  const mass = useMass();
  const { best, second } = search;
  if (!best) return null;
  return (
    <SheetSection id="second" title={blendWords.theSecondBest()}>
      <p className="text-lg">
        {second === undefined
          ? blendWords.searching()
          : second === null
            ? blendWords.noOtherSetOfContainers()
            : blendWords.savesFromContainersWorthLess({
                savedKg: mass(second.savedKg),
                opened: second.opened.length,
                worthKg: mass(best.worthKg - second.worthKg),
              })}
      </p>
    </SheetSection>
  );
}

/** Moisture of honey that would help [%]: thick, as customers like it. @source common practice, no source */
const DRIER_PERCENT = 16.5;

function drierWords(task: BlendTask, mass: (kg: number) => string): string {
  const neededKg = drierHoneyNeededKg(task, DRIER_PERCENT, GUARD_FACTOR * task.systematicPercent);
  return neededKg === null || neededKg === 0
    ? blendWords.noSingleLimitDoes()
    : blendWords.noSingleLimitDoesAbout({ neededKg: mass(neededKg), drierPercent: DRIER_PERCENT });
}

function Relaxing({ search }: { search: BlendSearch }): ReactElement | null {
  const mass = useMass();
  const { relaxations, question } = search;
  if (!relaxations || !question) return null;
  return (
    <SheetSection id="relax" title={blendWords.whatWouldAllowMore()}>
      {relaxations.length === 0 ? (
        <p className="text-lg">{drierWords(question.task, mass)}</p>
      ) : (
        <ul className="space-y-1 text-lg">
          {relaxations.map(({ id, gainKg }) => (
            <li key={id}>
              {RELAXATION_NAMES[id]}
              {id === 'target'
                ? blendWords.ofLimitpercent({ limitPercent: question.limitPercent.toFixed(1) })
                : ''}
              : <strong>{blendWords.more({ gainKg: mass(gainKg) })}</strong>
            </li>
          ))}
        </ul>
      )}
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
      <section aria-label={commonWords.theAnswer()} className="border-l-8 border-lavender pl-4">
        <p className="text-xl">{isSaving ? blendWords.saves() : blendWords.fills()}</p>
        <p role="status" className="text-6xl leading-tight font-extrabold">
          {mass(isSaving ? plan.savedKg : totalKg(plan))}
        </p>
        <p className="text-xl">
          {isSaving
            ? blendWords.thatIsTooWetBy({ savedKg: mass(plan.savedKg + plan.leftKg) })
            : blendWords.intoTanks({ tanks: plan.tanks.length })}
        </p>
        <Reasons plan={plan} task={task} />
        <Button tone="ink" className="mt-4 min-h-14 text-lg" onClick={onKeep}>
          {blendWords.saveItAndPour()}
        </Button>
      </section>
      <BlendRule plan={plan} task={task} limitPercent={limitPercent} />
      <Tanks plan={plan} task={task} />
    </>
  );
}

/** The best blend, why, the second best, and what would bring more. */
export function BlendAnswer({ search, onCancel, onKeep }: BlendAnswerProps): ReactElement {
  const { status, best, question } = search;
  if (status === 'idle' || !question) {
    return <p className="text-xl">{blendWords.chooseWhatMayBePoured()}</p>;
  }
  return (
    <div className="space-y-6">
      {status === 'running' && (
        <p className="flex flex-wrap items-center gap-4 text-lg" role="status">
          {best === undefined
            ? blendWords.findingTheBestBlend()
            : blendWords.findingTheSecondBestAnd()}
          <Button onClick={onCancel}>{commonWords.stop()}</Button>
        </p>
      )}
      {status === 'given-up' && <p className="text-lg">{blendWords.stoppedThisIsTheBest()}</p>}
      {status === 'failed' && (
        <p className="text-lg" role="alert">
          {search.why ? tell(search.why) : blendWords.noBlendIsPossibleWith()}
        </p>
      )}
      {best === null && (
        <p role="status" className="border-l-8 border-lavender pl-4 text-2xl font-bold">
          {blendWords.nothingCanBeUsedUp()}
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
    </div>
  );
}
