import type { PullPlan } from '../../core';
import { isoDayOf, type YardBoard } from '../../model';
import {
  firstRevision,
  nextRevision,
  type Flow,
  type FlowContent,
  type GivenRecord,
  type Lot,
  type Preferences,
  type WeatherContent,
} from '../../records';
import { perform, revise, type ActOptions, type RecordAct } from '../../store';
import { freshHarvest, harvestEntry } from '../forms/hives/harvestForm';
import { whenWords } from '../words/english/when';

const changed = (label: string, flow: Flow, more: Partial<FlowContent>): RecordAct =>
  revise(label, flow, { content: { ...flow.content, ...more }, reason: label });

/** A flow that was expected is there. */
export const flowBegun = (flow: Flow, today: string): RecordAct =>
  changed(whenWords.begunOn({ flow: flow.content.name }), flow, {
    observedStart: today,
    failed: false,
  });

/** A flow that nobody saw came all the same, as far as anybody knows on the days expected. */
export const flowCameUnseen = (flow: Flow): RecordAct =>
  changed(whenWords.cameOn({ flow: flow.content.name }), flow, {
    observedStart: flow.content.expectedStart,
    observedEnd: flow.content.expectedEnd,
    failed: false,
  });

/** A flow that was seen brings no more. */
export const flowOver = (flow: Flow, today: string): RecordAct =>
  changed(whenWords.overOn({ flow: flow.content.name }), flow, { observedEnd: today });

/** A flow that was expected did not come. */
export const flowFailed = (flow: Flow): RecordAct =>
  changed(whenWords.failedNoted({ flow: flow.content.name }), flow, { failed: true });

/** Lots of a flow get the name of its plant, which nobody knew before. */
export const callLots = (lots: readonly Lot[], plant: string): RecordAct =>
  perform(whenWords.lotsCalled({ plant }), (scribe) =>
    lots.map((lot) =>
      nextRevision(scribe, lot, {
        content: { ...lot.content, plant },
        reason: whenWords.lotsCalled({ plant }),
      }),
    ),
  );

/** What was given is out of the hive. */
export function givenOut(given: GivenRecord, today: string): RecordAct {
  const label = whenWords.outOn({ name: given.content.name });
  return revise(label, given, { content: { ...given.content, toDay: today }, reason: label });
}

/** A day at the hives for the honey of a yard, with the keeper's usual choices and the day proposed. */
export function planPull(
  { yard, taken }: YardBoard,
  pull: PullPlan,
  preferences: Preferences,
): RecordAct {
  const yardName = yard.content.name;
  const name = taken
    ? whenWords.dayName({ flow: taken.flow.content.name, yard: yardName })
    : whenWords.thisDay({ yard: yardName });
  const form = freshHarvest(isoDayOf(pull.day), preferences);
  const read = harvestEntry.read({ ...form, name: name.slice(0, 60) }, preferences);
  if (!read.ok) throw new Error('a day with the usual choices must be valid');
  const content = {
    ...read.content,
    flowId: taken?.flow.entityId ?? null,
    clearing:
      pull.escapesDay === null
        ? read.content.clearing
        : {
            ...read.content.clearing,
            method: 'escape-board' as const,
            leadDays: pull.day - pull.escapesDay,
          },
  };
  return perform(whenWords.dayPlanned({ name }), (scribe) => [
    firstRevision(scribe, 'harvest', content),
  ]);
}

/** Keeps a forecast. */
export const saveWeather = (content: WeatherContent, options: ActOptions = {}): RecordAct =>
  perform(
    whenWords.forecastSaved(),
    (scribe) => [firstRevision(scribe, 'weather', content)],
    options,
  );
