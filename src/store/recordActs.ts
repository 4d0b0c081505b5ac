import type { ThunkAction, UnknownAction } from '@reduxjs/toolkit';
import { v7 as uuid } from 'uuid';
import { groupBy, say } from '../core';
import {
  createDexieRecordStore,
  databaseOf,
  draftRowKey,
  snapshotOf,
  type AppendOptions,
  type RecordStore,
} from '../db';
import {
  failed,
  firstRevision,
  heads,
  mergedRevision,
  nextRevision,
  ok,
  onTopOf,
  type AnyRecord,
  type Change,
  type RecordKind,
  type Rivalry,
  type Result,
  type Scribe,
  type Stale,
} from '../records';
import {
  actDone,
  actForgotten,
  actRedone,
  actUndone,
  noticeShown,
  type Act,
  type Step,
  type TakenBack,
} from './actsSlice';
import { clockNow } from './clock';
import { draftDropped } from './draftsSlice';
import { nextRivalChoice } from './rivalChoice';
import { rivalAsked, type RivalChoice } from './rivalSlice';
import type { RootState } from './rootReducer';

type Thunk<T> = ThunkAction<Promise<T>, RootState, unknown, UnknownAction>;

/** Writes with the time and the initials of this moment. */
export function scribeOf(state: RootState): Scribe {
  return {
    newId: uuid,
    now: () => clockNow().toISOString(),
    author: state.session.preferences.initials,
  };
}

export function recordStoreOf(state: RootState): RecordStore {
  return createDexieRecordStore(databaseOf(state.session.workspace));
}

/** Waits until the page shows what was written: what comes after an act rests on it. */
const shown = (state: RootState): Promise<void> => snapshotOf(state.session.workspace).caughtUp();

function stepOf(record: AnyRecord): Step {
  const { kind, entityId, id, supersedes } = record;
  return { kind, entityId, revisionId: id, formerId: supersedes };
}

/** How an act is kept. */
export interface ActOptions {
  /** the form that it comes from: its draft is forgotten with the same stroke that keeps the records */
  readonly draft?: string;
  /**
   * What holds now of things that did not exist yet when this act was begun: the person is asked, as if
   * both had been written at once.
   */
  readonly against?: readonly AnyRecord[];
}

/** An act on records: what the store is given to do it, and says whether it was kept. */
export type RecordAct = Thunk<Result<readonly AnyRecord[]>>;

const STILL_HERE = say('errors.stillHere');

/**
 * Appends records of an act. Where another tab changed the same thing meanwhile, both are put together
 * field by field; where they say different things of one field, the person is asked.
 *
 * @returns what was written; everything that was left to the other tab is missing from it
 */
function keepRecords(
  records: readonly AnyRecord[],
  options: AppendOptions,
  unmet: readonly Stale[],
): RecordAct {
  return async (dispatch, getState) => {
    let wanted = records;
    let stale = unmet;
    for (;;) {
      if (stale.length === 0) {
        const appended = await recordStoreOf(getState()).append(wanted, options);
        if (appended.ok) return ok(wanted);
        stale = appended.error.stale ?? [];
        if (stale.length === 0) return appended;
      }
      const merged = new Map(stale.map((item) => [item.mine.id, mergedRevision(item)]));
      const rivals = stale.filter((item) => merged.get(item.mine.id) === null);
      const choice = rivals.length > 0 ? await dispatch(askRival(rivals)) : 'mine';
      if (choice === 'back') return failed({ code: 'changed-since', message: STILL_HERE });
      const theirs = new Map(stale.map((item) => [item.mine.id, item.theirs]));
      wanted = wanted.flatMap((record) => {
        const held = theirs.get(record.id);
        if (!held) return record;
        const together = merged.get(record.id);
        return together ?? (choice === 'mine' ? onTopOf(record, held) : []);
      });
      stale = [];
      if (wanted.length === 0) return ok([]);
    }
  };
}

/** Asks which of two versions is to hold, and waits for the answer. */
function askRival(rivals: readonly Stale[]): Thunk<RivalChoice> {
  return async (dispatch) => {
    dispatch(rivalAsked(rivals));
    return nextRivalChoice();
  };
}

/** Appends what `write` makes as one act that can be undone. */
export function perform(
  label: string,
  write: (scribe: Scribe) => readonly AnyRecord[],
  { draft, against = [] }: ActOptions = {},
): RecordAct {
  return async (dispatch, getState) => {
    const records = write(scribeOf(getState()));
    const unmet = against.flatMap((theirs): Stale[] => {
      const mine = records.find((record) => record.entityId === theirs.entityId);
      return mine ? [{ mine, base: null, theirs }] : [];
    });
    const { tabId } = getState().session;
    const draftKey = draft === undefined ? {} : { draftKey: draftRowKey(tabId, draft) };
    const kept = await dispatch(keepRecords(records, draftKey, unmet));
    if (!kept.ok) {
      dispatch(noticeShown({ text: kept.error.message, tone: 'refused' }));
      return kept;
    }
    if (draft !== undefined) dispatch(draftDropped(draft));
    // before the page shows it, so that whoever sees it can undo it
    if (kept.value.length > 0) dispatch(actDone({ label, steps: kept.value.map(stepOf) }));
    await shown(getState());
    return ok(kept.value.length > 0 ? kept.value : records);
  };
}

/** Appends the next revision of an entity as one act. */
export function revise<T extends AnyRecord>(
  label: string,
  former: T,
  change: Change<T>,
  options: ActOptions = {},
): RecordAct {
  return perform(label, (scribe) => [nextRevision(scribe, former, change)], options);
}

const WAS_WRONG = say('errors.wasWrong');

const CHANGED_SINCE = say('errors.changedSince');

/** The revision that brings back what held before a step, or null where it no longer holds. */
function reversal(records: readonly AnyRecord[], step: Step, scribe: Scribe, reason: string) {
  const [head] = heads(records);
  if (!head || head.id !== step.revisionId) return null;
  const former = records.find((record) => record.id === step.formerId);
  return nextRevision(scribe, head, {
    content: (former ?? head).content,
    withdrawn: former ? former.withdrawn : true,
    reason,
  });
}

/** Every revision of the entities that an act touched, those it replaced even where they are set aside. */
async function touchedBy(
  store: RecordStore,
  steps: readonly Step[],
): Promise<ReadonlyMap<string, readonly AnyRecord[]>> {
  const parts = await Promise.all(
    [...groupBy(steps, (step) => step.kind)].flatMap(([kind, own]) => [
      store.ofEntities(
        kind,
        own.map((step) => step.entityId),
      ),
      store.rows(
        kind,
        own.flatMap((step) => step.formerId ?? []),
      ),
    ]),
  );
  const found = new Map(parts.flat().map((part) => [part.id, part]));
  return groupBy([...found.values()], (record) => record.entityId);
}

/** Appends revisions that take the steps of an act back; itself an act of the same shape. */
function takeBack(act: Act, reason: string): Thunk<Result<TakenBack>> {
  return async (_dispatch, getState) => {
    const store = recordStoreOf(getState());
    const scribe = scribeOf(getState());
    const touched = await touchedBy(store, act.steps);
    const reversed: AnyRecord[] = [];
    const standsFor: Record<string, string> = {};
    for (const step of act.steps) {
      const record = reversal(touched.get(step.entityId) ?? [], step, scribe, reason);
      if (!record) return failed({ code: 'changed-since', message: CHANGED_SINCE });
      reversed.push(record);
      if (step.formerId !== null) standsFor[step.formerId] = record.id;
    }
    const appended = await store.append(reversed);
    if (!appended.ok) return appended;
    return ok({ act: { label: act.label, steps: reversed.map(stepOf) }, standsFor });
  };
}

const NOT_OF_HERE = say('errors.notOfHere');

/**
 * Takes the last act of this tab back, if nobody changed its result since.
 *
 * @param only - kinds that may be taken back here: undo on a frame never removes its day
 */
export function undo(only?: readonly RecordKind[]): Thunk<void> {
  return async (dispatch, getState) => {
    const act = getState().acts.undo.at(-1);
    if (!act) return;
    if (only && !act.steps.every((step) => only.includes(step.kind))) {
      dispatch(noticeShown({ text: NOT_OF_HERE, tone: 'refused' }));
      return;
    }
    const taken = await dispatch(takeBack(act, 'Undone'));
    if (taken.ok) {
      dispatch(actUndone(taken.value));
      await shown(getState());
      return;
    }
    // What was there before could not be right: it is not brought back, and the acts before can be undone.
    const isWrong = taken.error.code === 'invalid-record';
    if (isWrong) dispatch(actForgotten());
    dispatch(noticeShown({ text: isWrong ? WAS_WRONG : taken.error.message, tone: 'refused' }));
  };
}

/** Does again what was undone last. */
export function redo(): Thunk<void> {
  return async (dispatch, getState) => {
    const act = getState().acts.redo.at(-1);
    if (!act) return;
    const taken = await dispatch(takeBack(act, 'Done again'));
    if (taken.ok) {
      dispatch(actRedone(taken.value));
      await shown(getState());
    } else dispatch(noticeShown({ text: taken.error.message, tone: 'refused' }));
  };
}

/** Notes that a file was brought in, as one act that can be undone. */
export function broughtIn(label: string, steps: readonly Step[]): Thunk<void> {
  return (dispatch) => {
    dispatch(actDone({ label, steps }));
    return Promise.resolve();
  };
}

/** Chooses which of rivals holds; the others stay in the history. */
export function chooseRival(
  label: string,
  { entityId, rivals }: Rivalry,
  chosen: AnyRecord,
): RecordAct {
  const against = rivals.filter((rival) => rival.id !== chosen.id).map((rival) => rival.id);
  return perform(label, (scribe) => [
    nextRevision(scribe, chosen, {
      content: chosen.content,
      withdrawn: chosen.withdrawn,
      reason: 'Chosen of several after merging',
    }),
    firstRevision(scribe, 'merge-choice', { of: entityId, chosen: chosen.id, against }),
  ]);
}

/** A day at the hives with its looks, read once. */
export function harvestRecords(harvestId: string): Thunk<AnyRecord[]> {
  return (_dispatch, getState) => recordStoreOf(getState()).ofHarvest(harvestId);
}

/** Every revision of one kind, for a table. */
export function recordsOfKind(kind: RecordKind): Thunk<AnyRecord[]> {
  return (_dispatch, getState) => recordStoreOf(getState()).ofKinds([kind]);
}
