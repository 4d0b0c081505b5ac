import { clockNow } from '../../../store/clock';
import {
  entryRevision,
  firstRevision,
  nextRevision,
  type Chore,
  type ContainerContent,
  type Extraction,
  type ExtractionContent,
  type Stock,
  type Tick,
} from '../../../records';
import { perform, type ActOptions, type RecordAct } from '../../../store';
import { removeRecord } from '../../acts/removeRecord';
import { isoDay } from '../../format/dates';
import { TICK_NAMES } from '../../words/strainWords';
import { momentOfClock } from '../../../model';
import { toolsWords } from '../../words/english/tools';
import { lineWords } from '../../words/english/line';

interface DayChange {
  readonly label: string;
  readonly reason: string;
  readonly more: Partial<ExtractionContent>;
}

const changeDay = (extraction: Extraction, { label, reason, more }: DayChange): RecordAct =>
  perform(label, (scribe) => [
    nextRevision(scribe, extraction, { content: { ...extraction.content, ...more }, reason }),
  ]);

/** The day begins now; begun on another day than planned, it is that day's. */
export function beginDay(extraction: Extraction, now = clockNow()): RecordAct {
  const more = { day: isoDay(now), startedAt: now.toISOString() };
  return changeDay(extraction, {
    label: lineWords.theDayHasBegun(),
    reason: lineWords.begun(),
    more,
  });
}

/** It was begun too early. */
export const unbeginDay = (extraction: Extraction): RecordAct =>
  changeDay(extraction, {
    label: lineWords.notStartedAfterAll(),
    reason: lineWords.startedTooEarly(),
    more: { startedAt: null },
  });

export const endDay = (extraction: Extraction, now = clockNow()): RecordAct =>
  changeDay(extraction, {
    label: lineWords.theDayIsOver(),
    reason: lineWords.over(),
    more: { doneAt: now.toISOString() },
  });

/** Nobody ticked anything off: it began as planned, and its honey was done at that time. */
export const finishedAt = (
  extraction: Extraction,
  minutes: number,
  options: ActOptions = {},
): RecordAct => {
  const { content } = extraction;
  const at = (clock: number): string => new Date(momentOfClock(content.day, clock)).toISOString();
  return perform(
    toolsWords.finishNoted(),
    (scribe) => [
      nextRevision(scribe, extraction, {
        content: {
          ...content,
          startedAt: content.startedAt ?? at(content.startMin),
          doneAt: at(minutes),
        },
        reason: toolsWords.finishNoted(),
      }),
    ],
    options,
  );
};

export const resumeDay = (extraction: Extraction): RecordAct =>
  changeDay(extraction, {
    label: lineWords.dayResumed(),
    reason: lineWords.dayResumed(),
    more: { doneAt: null },
  });

/** What decides which tasks of cleaning up apply. */
export const changeCleanUp = (
  extraction: Extraction,
  change: Partial<ExtractionContent['cleanUp']>,
): RecordAct =>
  changeDay(extraction, {
    label: lineWords.cleanUpFactsChanged(),
    reason: lineWords.moreIsKnownNow(),
    more: { cleanUp: { ...extraction.content.cleanUp, ...change } },
  });

/** A load is out, a pail is full, the strainer was scraped: now. */
export const tickOff = (extraction: Extraction, what: Tick): RecordAct =>
  perform(TICK_NAMES[what], (scribe) => [
    firstRevision(scribe, 'line-tick', { what, at: scribe.now() }, extraction.entityId),
  ]);

/** A task of cleaning up is done, or was done in another way. */
export const choreDone = (
  extraction: Extraction,
  chore: Omit<Chore['content'], 'doneAt'>,
  options: ActOptions = {},
): RecordAct =>
  perform(
    chore.how === 'done' ? lineWords.tickedItOff() : lineWords.doneDifferently(),
    (scribe) => [
      firstRevision(scribe, 'chore', { ...chore, doneAt: scribe.now() }, extraction.entityId),
    ],
    options,
  );

export const choreUndone = (chore: Chore): RecordAct =>
  removeRecord(lineWords.notDoneAfterAll(), chore, { reason: lineWords.notDoneAfterAll() });

/** The pails that a day came to are the containers of a lot. */
export const recordPails = (containers: readonly ContainerContent[], lotId: string): RecordAct =>
  perform(lineWords.pailsRecorded(), (scribe) =>
    containers.map((container) => firstRevision(scribe, 'container', container, lotId)),
  );

interface Count {
  readonly item: Stock['content']['item'];
  readonly label: string;
  readonly have: number;
  readonly former: Stock | null;
}

/** So many of an item are there. */
export const countStock = (
  { item, label, have, former }: Count,
  options: ActOptions = {},
): RecordAct =>
  perform(
    label,
    (scribe) => [entryRevision(scribe, { kind: 'stock', former }, { item, have, remark: '' })],
    options,
  );
