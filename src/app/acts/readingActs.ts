import { firstRevision, type LotContent, type Proof, type ReadingContent } from '../../records';
import { perform, type ActOptions, type RecordAct } from '../../store';
import { momentWords } from '../words/english/moment';
import { formatDial } from '../format/moisture';
import { lotWords } from '../words/english/lot';

/** A reading of a lot, taken now, with the photograph that it was read from. */
export const saveReading = (
  content: ReadingContent,
  lotId: string,
  proof: Proof['content'] | null = null,
): RecordAct =>
  perform(
    lotWords.readingSaved({ scale: formatDial(content.scale, content.dialValue) }),
    (scribe) => {
      const taken = { ...content, takenAt: scribe.now() };
      const reading = firstRevision(scribe, 'reading', taken, lotId);
      return proof ? [reading, firstRevision(scribe, 'proof', proof, reading.entityId)] : [reading];
    },
  );

/** A reading that belonged to no lot yet becomes the first of a new one. */
export const keepAsLot = (
  content: ReadingContent,
  lot: LotContent,
  options: ActOptions = {},
): RecordAct =>
  perform(
    momentWords.keptAsLot({ code: lot.code }),
    (scribe) => {
      const first = firstRevision(scribe, 'lot', lot);
      const reading = { ...content, takenAt: scribe.now() };
      return [first, firstRevision(scribe, 'reading', reading, first.entityId)];
    },
    options,
  );

/** A photograph of scale or display that proves a reading. */
export const saveProof = (photo: Proof['content'], readingId: string): RecordAct =>
  perform(lotWords.photographOfTheScaleSaved(), (scribe) => [
    firstRevision(scribe, 'proof', photo, readingId),
  ]);
