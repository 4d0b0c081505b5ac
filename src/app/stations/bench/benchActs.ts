import {
  firstRevision,
  type Container,
  type ReadingContent,
  type Suspicion,
  type ZeroCheckContent,
} from '../../../records';
import { perform, revise, type ActOptions, type RecordAct } from '../../../store';
import { benchWords } from '../../words/english/bench';
import { meterWords } from '../../words/english/meter';

/** Many readings of a lot at once, all taken now. */
export const saveReadings = (contents: readonly ReadingContent[], lotId: string): RecordAct =>
  perform(benchWords.readingsSaved({ contents: contents.length }), (scribe) => {
    const takenAt = scribe.now();
    return contents.map((content) =>
      firstRevision(scribe, 'reading', { ...content, takenAt }, lotId),
    );
  });

/** A check of the zero, made now. */
export const saveZeroCheck = (
  content: ZeroCheckContent,
  instrumentId: string,
  options: ActOptions = {},
): RecordAct =>
  perform(
    meterWords.zeroCheckSaved(),
    (scribe) => [
      firstRevision(scribe, 'zero-check', { ...content, takenAt: scribe.now() }, instrumentId),
    ],
    options,
  );

/** A vessel is kept apart: it is always tested, and judged by itself. @param because - null: no longer */
export const markSuspect = (
  container: Container,
  item: number,
  because: Suspicion | null,
): RecordAct => {
  const others = container.content.suspects.filter((suspect) => suspect.item !== item);
  const suspects = because === null ? others : [...others, { item, because }];
  const label =
    because === null ? benchWords.noLongerKeptApart() : benchWords.markedToBeKeptApart();
  return revise(label, container, { content: { ...container.content, suspects }, reason: label });
};
