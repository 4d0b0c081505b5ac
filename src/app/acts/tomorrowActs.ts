import { firstRevision, type Extraction, type Harvest } from '../../records';
import { perform, revise, type RecordAct } from '../../store';
import { visitWords } from '../words/english/visit';

/** A day at the hives that is broken off goes on as a day of its own: what was seen on the first stays with it. */
export const goOnTomorrow = ({ content }: Harvest, day: string): RecordAct =>
  perform(visitWords.dayMoved({ name: content.name }), (scribe) => [
    firstRevision(scribe, 'harvest', { ...content, day }),
  ]);

/** A day at the line that has not begun is put off. */
export function lineGoesOnTomorrow(extraction: Extraction, day: string): RecordAct {
  const reason = visitWords.dayMoved({ name: extraction.content.name });
  return revise(reason, extraction, { content: { ...extraction.content, day }, reason });
}
