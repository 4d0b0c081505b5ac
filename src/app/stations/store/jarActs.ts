import type { OccasionPlan, RunOfJars } from '../../../model';
import {
  firstRevision,
  nextRevision,
  type AnyRecord,
  type JarMoveContent,
  type Scribe,
} from '../../../records';
import { perform, type RecordAct } from '../../../store';
import { jarCareWords } from '../../words/english/jarCare';

type Move = Pick<JarMoveContent, 'act' | 'purpose' | 'count' | 'to' | 'occasionId'>;

/** A move of jars of a run, with the reason that was kept when they were filled, where there was one. */
function moved(scribe: Scribe, { lot, stock: { packing } }: RunOfJars, move: Move): AnyRecord {
  const { release } = packing.content;
  const content = {
    ...move,
    packingId: packing.entityId,
    firstNumber: null,
    at: scribe.now(),
    remark: '',
    ...(release ? { release } : {}),
  };
  return firstRevision(scribe, 'jar-move', content, lot.file.lot.entityId);
}

/** The jars that are there for an occasion are set aside for it. */
export const setAsideFor = ({ occasion, from, fromCount }: OccasionPlan): RecordAct =>
  perform(jarCareWords.setAsideDone({ count: fromCount, name: occasion.content.name }), (scribe) =>
    from.map(({ run, count }) =>
      moved(scribe, run, {
        act: 'set-aside',
        purpose: occasion.content.purpose,
        count,
        to: '',
        occasionId: occasion.entityId,
      }),
    ),
  );

/** The occasion is over: what was set aside for it has gone. */
export const occasionGone = ({ occasion, aside }: OccasionPlan): RecordAct => {
  const { name } = occasion.content;
  const label = jarCareWords.goneDone({ name });
  return perform(label, (scribe) => [
    ...aside.map(({ run, purpose, count }) =>
      moved(scribe, run, {
        act: 'given-out',
        purpose,
        count,
        to: name,
        occasionId: occasion.entityId,
      }),
    ),
    nextRevision(scribe, occasion, { content: { ...occasion.content, over: true }, reason: label }),
  ]);
};

/** One sealed jar of a run stays in the house. */
export const keepOneBack = (run: RunOfJars): RecordAct =>
  perform(jarCareWords.keptBack({ code: run.stock.packing.content.code }), (scribe) => [
    moved(scribe, run, { act: 'set-aside', purpose: 'sample', count: 1, to: '', occasionId: null }),
  ]);
