import { firstRevision, type PracticeLookContent } from '../../../records';
import { perform, type RecordAct } from '../../../store';
import { practiceWords } from '../../words/english/practice';

/** An answer beside the truth, kept at once. */
export const saveLook = (look: Omit<PracticeLookContent, 'at'>): RecordAct =>
  perform(practiceWords.lookSaved(), (scribe) => [
    firstRevision(scribe, 'practice-look', { ...look, at: scribe.now() }),
  ]);
