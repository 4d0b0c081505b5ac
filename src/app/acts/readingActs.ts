import { firstRevision, type Proof, type ReadingContent } from '../../records';
import { perform, type RecordAct } from '../../store';
import { formatDial } from '../format/moisture';
import { lotWords } from '../words/english/lot';

/** A reading of a lot, taken now. */
export const saveReading = (content: ReadingContent, lotId: string): RecordAct =>
  perform(
    lotWords.readingSaved({ scale: formatDial(content.scale, content.dialValue) }),
    (scribe) => [firstRevision(scribe, 'reading', { ...content, takenAt: scribe.now() }, lotId)],
  );

/** A photograph of scale or display that proves a reading. */
export const saveProof = (photo: Proof['content'], readingId: string): RecordAct =>
  perform(lotWords.photographOfTheScaleSaved(), (scribe) => [
    firstRevision(scribe, 'proof', photo, readingId),
  ]);
