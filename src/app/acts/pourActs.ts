import { nextRevision, firstRevision, type Pour, type PourContent } from '../../records';
import { perform, type ActOptions, type RecordAct } from '../../store';
import { lineWords } from '../words/english/line';
import { todayWords } from '../words/english/today';

/**
 * Now, or a moment after what was last written down of the pail: where the clock was set back, the
 * order of what was done still holds.
 */
function afterLast({ content }: Pour, now: string): string {
  const last = content.marks.at(-1)?.at ?? content.openedAt;
  return now > last ? now : new Date(Date.parse(last) + 1).toISOString();
}

/** A gate is opened on a pail, at this moment. */
export const openPour = (
  pour: PourContent,
  extractionId: string,
  options: ActOptions = {},
): RecordAct =>
  perform(
    lineWords.gateOpenOn({ label: pour.label }),
    (scribe) => [firstRevision(scribe, 'pour', { ...pour, openedAt: scribe.now() }, extractionId)],
    options,
  );

/** What is in the pail now, read from a scale or a line on it. */
export const markPour = (pour: Pour, kg: number, options: ActOptions = {}): RecordAct =>
  perform(
    todayWords.readThePail(),
    (scribe) => {
      const marks = [...pour.content.marks, { at: afterLast(pour, scribe.now()), kg }];
      const content = { ...pour.content, marks };
      return [nextRevision(scribe, pour, { content, reason: todayWords.read() })];
    },
    options,
  );

/** The gate is shut with the pail full; that is ticked off at the line, too. */
export const closePour = (pour: Pour): RecordAct =>
  perform(todayWords.isFull({ label: pour.content.label }), (scribe) => {
    const at = afterLast(pour, scribe.now());
    const { fullKg, marks } = pour.content;
    const content = { ...pour.content, marks: [...marks, { at, kg: fullKg }], closedAt: at };
    return [
      nextRevision(scribe, pour, { content, reason: todayWords.gateShut() }),
      firstRevision(scribe, 'line-tick', { what: 'pail-full', at }, pour.ownerId),
    ];
  });
