import { Check } from 'lucide-react';
import type { ReactElement } from 'react';
import type { LeavingStep } from '../../../../core';
import type { Leaving } from '../../../../model';
import type { LeavingAct } from '../../../../records';
import { useAppDispatch } from '../../../../store';
import { Button } from '../../../ui/Button';
import { visitWords } from '../../../words/english/visit';
import { leavingStepWords } from '../../../words/visitWords';
import { leavingDone, leavingUndone } from '../leavingActs';

/** What only tells how it is, and nothing that is done. */
const ONLY_TOLD: readonly LeavingStep['step'][] = ['short', 'none-may-give', 'late-brood'];

interface LeavingStepsProps {
  hive: Leaving;
  harvestId: string;
  hiveNamed: (id: string) => string;
  /** what was done on the day, with all hives */
  done: readonly LeavingAct[];
}

/** What is done with what stays on a hive, each step ticked off as it is done. */
export function LeavingSteps(props: LeavingStepsProps): ReactElement {
  const { hive, harvestId, hiveNamed, done } = props;
  const dispatch = useAppDispatch();
  const actOf = (step: LeavingStep): LeavingAct | undefined =>
    done.find(({ content }) => content.colonyId === hive.id && content.step === step.step);
  return (
    <ul>
      {hive.steps.map((step) => {
        const words = leavingStepWords(step, hiveNamed);
        if (ONLY_TOLD.includes(step.step)) return <li key={step.step}>{words}</li>;
        const act = actOf(step);
        const press = (): void =>
          void dispatch(
            act ? leavingUndone(act) : leavingDone(step, hive.id, { harvestId, label: words }),
          );
        return (
          <li key={step.step} className="flex flex-wrap items-center gap-x-4">
            <span className="grow basis-60">{words}</span>
            <Button
              tone={act ? 'ink' : 'line'}
              className="min-h-14"
              aria-pressed={act !== undefined}
              onClick={press}
            >
              {act && <Check aria-hidden className="size-5" />} {visitWords.stepDone()}
              <span className="sr-only">
                : {hive.name}, {words}
              </span>
            </Button>
          </li>
        );
      })}
    </ul>
  );
}
