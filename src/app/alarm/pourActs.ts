import { nextRevision, firstRevision, type Pour } from '../../records';
import { perform } from '../../store';

/** What is in the pail now, read from a scale or a line on it. */
export const markPour = (pour: Pour, kg: number) =>
  perform('Read the pail', (scribe) => {
    const marks = [...pour.content.marks, { at: scribe.now(), kg }];
    const content = { ...pour.content, marks };
    return [nextRevision(scribe, pour, { content, reason: 'Read' })];
  });

/** The gate is shut with the pail full; that is ticked off at the line, too. */
export const closePour = (pour: Pour) =>
  perform(`${pour.content.label} is full`, (scribe) => {
    const at = scribe.now();
    const { fullKg, marks } = pour.content;
    const content = { ...pour.content, marks: [...marks, { at, kg: fullKg }], closedAt: at };
    return [
      nextRevision(scribe, pour, { content, reason: 'Gate shut' }),
      firstRevision(scribe, 'line-tick', { what: 'pail-full', at }, pour.ownerId),
    ];
  });
