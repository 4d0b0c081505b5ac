import { nextRevision, firstRevision, type Pour } from '../../records';
import { perform, type ActOptions } from '../../store';
import { todayWords } from '../words/english/today';

/**
 * Now, or a moment after what was last written down of the pail: where the clock was set back, the
 * order of what was done still holds.
 */
function afterLast({ content }: Pour, now: string): string {
  const last = content.marks.at(-1)?.at ?? content.openedAt;
  return now > last ? now : new Date(Date.parse(last) + 1).toISOString();
}

/** What is in the pail now, read from a scale or a line on it. */
export const markPour = (pour: Pour, kg: number, options: ActOptions) =>
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
export const closePour = (pour: Pour) =>
  perform(todayWords.isFull({ label: pour.content.label }), (scribe) => {
    const at = afterLast(pour, scribe.now());
    const { fullKg, marks } = pour.content;
    const content = { ...pour.content, marks: [...marks, { at, kg: fullKg }], closedAt: at };
    return [
      nextRevision(scribe, pour, { content, reason: todayWords.gateShut() }),
      firstRevision(scribe, 'line-tick', { what: 'pail-full', at }, pour.ownerId),
    ];
  });
