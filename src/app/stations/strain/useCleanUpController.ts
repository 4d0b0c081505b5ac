import { cleanUpSteps } from '../../../core';
import { useAppDispatch } from '../../../store';
import { changeCleanUp } from './lineActs';
import type { DayOfHouse } from './parts/DayGate';
import type { CleanUpFacts } from './parts/SituationForm';

/** What is to be done once the honey is out, how much of it is left, and the facts that decide it. */
export function useCleanUpController({ file }: DayOfHouse) {
  const dispatch = useAppDispatch();
  const { extraction, chores } = file;
  const { cleanUp } = extraction.content;
  const steps = cleanUpSteps(cleanUp).map((step) => ({
    step,
    chore: chores.find((chore) => chore.content.task === step.task) ?? null,
  }));
  return {
    file,
    facts: cleanUp,
    steps,
    left: steps.filter(({ chore }) => chore === null).length,
    change: (change: Partial<CleanUpFacts>) => void dispatch(changeCleanUp(extraction, change)),
  };
}
