import type { LeavingStep } from '../../../core';
import { firstRevision, type LeavingAct } from '../../../records';
import { perform, type RecordAct } from '../../../store';
import { removeRecord } from '../../acts/removeRecord';
import { visitWords } from '../../words/english/visit';

/** Something was done with what stays on a hive; where a frame was given, by which hive. */
export const leavingDone = (
  step: LeavingStep,
  colonyId: string,
  { harvestId, label }: { readonly harvestId: string; readonly label: string },
): RecordAct =>
  perform(label, (scribe) => [
    firstRevision(
      scribe,
      'leaving-act',
      {
        colonyId,
        step: step.step,
        fromColonyId: step.step === 'take-from' ? step.from : null,
        at: scribe.now(),
      },
      harvestId,
    ),
  ]);

export const leavingUndone = (act: LeavingAct): RecordAct =>
  removeRecord(visitWords.notDoneAfterAll(), act, { reason: visitWords.notDoneAfterAll() });
