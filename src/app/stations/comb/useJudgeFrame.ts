import { useMemo } from 'react';
import type { KnownEye } from '../../../core';
import {
  allowedOverride,
  judgeFrames,
  decisionContent,
  undecided,
  type BoxPlace,
  type FrameStory,
  type JudgedFrame,
  type Judging,
} from '../../../model';
import {
  firstRevision,
  nextRevision,
  type AnyRecord,
  type Box,
  type FrameCheckContent,
  type FrameContent,
  type Harvest,
  type Preferences,
  type Scribe,
} from '../../../records';
import {
  perform,
  selectDraft,
  selectPreferences,
  useAppDispatch,
  useAppSelector,
} from '../../../store';
import { useDraftForm } from '../../forms/useDraftForm';
import {
  frameDraftOf,
  frameDraftOfCheck,
  readFrameDraft,
  temperatureText,
  type DraftRead,
  type FrameDraft,
} from './frameDraft';
import { useTakeBack } from './useTakeBack';
import { ACT_NAMES } from './words';
import { frameWords } from '../../words/english/frame';

/** A place of a box on a day, and what its frame is judged with. */
export interface JudgeTask {
  readonly harvest: Harvest;
  readonly judging: Judging;
  readonly box: Box;
  readonly place: BoxPlace;
  /** all other frames that are judged together with it */
  readonly others: readonly FrameStory[];
  /** of the comb in hand before, which may not be written down yet [°C] */
  readonly warmthC: number | null;
  /** of who judges now, where it has practised */
  readonly eye: KnownEye | null;
}

export const frameFormKey = (harvestId: string, boxId: string, slot: number): string =>
  `frame:${harvestId}:${boxId}:${slot}`;

/** Identifier of a frame that is not written down yet. */
const NEW_FRAME = 'new-frame';

/** The frame of a place; one that nobody looked at before has hung there as long as its box stood. */
export function frameOfTask({ box, place }: JudgeTask, formerBrood: boolean): FrameContent {
  if (place.frame) return { ...place.frame.content, formerBrood };
  return {
    boxId: box.entityId,
    slot: place.slot,
    sinceDay: box.content.onDay,
    earlier: [],
    hiveId: box.content.colonyId,
    formerBrood,
  };
}

/** A look that was kept goes on with the eye that it was made with. */
export const eyeOfTask = ({ place, eye }: JudgeTask): KnownEye | null =>
  place.today ? (place.today.content.eye ?? null) : eye;

function checkOf(task: JudgeTask, read: DraftRead, frameId: string): FrameCheckContent {
  const { harvest, box, place, judging } = task;
  const eye = eyeOfTask(task);
  return {
    harvestId: harvest.entityId,
    frameId,
    boxId: box.entityId,
    slot: place.slot,
    day: harvest.content.day,
    ...read.look,
    ...(eye && { eye }),
    decision: undecided(judging.harvest.content.schoolId),
  };
}

/** The frame as it stands on the form, judged together with the others. */
export function judgedDraft(task: JudgeTask, read: DraftRead): JudgedFrame | null {
  const frameId = task.place.frame?.entityId ?? NEW_FRAME;
  const story: FrameStory = {
    frameId,
    frame: frameOfTask(task, read.formerBrood),
    check: checkOf(task, read, frameId),
    earlier: task.place.earlier.map((item) => item.content),
  };
  const others = task.others.filter((other) => other.frameId !== frameId);
  const judged = judgeFrames([...others, story], task.judging).at(-1);
  if (!judged) return null;
  const act = read.override && allowedOverride(judged.evidence, read.override.act);
  return act ? { ...judged, act, overridden: act !== judged.decision.act } : judged;
}

/** The frame and the look at it as revisions: new ones, or the next of those that are there. */
function revisions(
  task: JudgeTask,
  read: DraftRead,
  { judged, scribe, base }: { judged: JudgedFrame; scribe: Scribe; base: string | null },
): AnyRecord[] {
  const { place, box, judging } = task;
  const content = frameOfTask(task, read.formerBrood);
  const frame = place.frame ?? firstRevision(scribe, 'frame', content, box.entityId);
  const records: AnyRecord[] = [];
  if (!place.frame) records.push(frame);
  else if (place.frame.content.formerBrood !== read.formerBrood) {
    records.push(nextRevision(scribe, place.frame, { content, reason: frameWords.lookedAgain() }));
  }
  const override = judged.overridden ? read.override : null;
  const decision = decisionContent(judged, judging, override);
  const check = { ...checkOf(task, read, frame.entityId), decision };
  records.push(
    place.today
      ? nextRevision(
          scribe,
          { ...place.today, id: base ?? place.today.id },
          {
            content: check,
            reason: frameWords.lookedAgain(),
          },
        )
      : firstRevision(scribe, 'frame-check', check, box.entityId),
  );
  return records;
}

/** Warmth of the comb as it was last noted on this day; frames of a box are as warm as each other. */
function lastCombTemperatureC({ others, box, warmthC }: JudgeTask): number | null {
  if (warmthC !== null) return warmthC;
  const noted = others.filter((other) => other.check.boxId === box.entityId);
  return noted.at(-1)?.check.combTemperatureC ?? null;
}

/** The draft to start from: today's look, else a fresh one with what stays the same of the comb. */
function startingDraft(task: JudgeTask, preferences: Preferences): FrameDraft {
  const { place } = task;
  const rest = { preferences, frame: place.frame?.content ?? null };
  if (place.today) return frameDraftOfCheck(place.today.content, rest);
  const fresh = {
    ...frameDraftOf(null, rest),
    combTemperature: temperatureText(lastCombTemperatureC(task), preferences),
  };
  const last = place.earlier.at(-1)?.content;
  if (!last) return fresh;
  fresh.sides.forEach((side, at) => {
    const before = last.sides[at];
    if (before) Object.assign(side, { face: before.face, oldComb: before.oldComb });
  });
  return { ...fresh, pieces: last.pieces };
}

/** The form of one frame: what it says, what the school says, and keeping it. */
export function useJudgeFrame(task: JudgeTask) {
  const dispatch = useAppDispatch();
  const preferences = useAppSelector(selectPreferences);
  const formKey = frameFormKey(task.harvest.entityId, task.box.entityId, task.place.slot);
  const typed = useAppSelector((state) => selectDraft(state, formKey) !== undefined);
  const defaults = useMemo(() => startingDraft(task, preferences), [task, preferences]);
  const parse = (draft: FrameDraft) => readFrameDraft(draft, preferences);
  const { form, parsed, start, baseOf } = useDraftForm({
    formKey,
    defaults,
    parse,
    base: task.place.today?.id ?? null,
  });
  const read = parsed.ok ? parsed.content : null;
  const judged = read ? judgedDraft(task, read) : null;

  /** Writes the frame down; true where nothing is left unsaid that was begun. */
  const keep = async (): Promise<boolean> => {
    // what stands at this moment, not at the last drawing: keys may come faster than the page
    const begun = dispatch((_, getState) => selectDraft(getState(), formKey) !== undefined);
    if (!begun) return true;
    const now = parse(form.getValues());
    const found = now.ok ? judgedDraft(task, now.content) : null;
    if (!now.ok || !found) return false;
    const label = frameWords.frame3({
      slot: task.place.slot,
      act: ACT_NAMES[found.act].toLowerCase(),
    });
    const base = baseOf() ?? null;
    // looked at in another tab since this was begun: as new as that look is to who taps here
    const against = base === null && task.place.today ? [task.place.today] : [];
    const done = await dispatch(
      perform(label, (scribe) => revisions(task, now.content, { judged: found, scribe, base }), {
        draft: formKey,
        against,
      }),
    );
    if (!done.ok) return false;
    const check = done.value.find((record) => record.kind === 'frame-check');
    start(form.getValues(), check?.id);
    return true;
  };
  const discard = (): void => start(defaults);
  const takeBack = useTakeBack(form, formKey);
  const warmthC = read?.look.combTemperatureC ?? null;
  return { form, parsed, judged, typed, warmthC, keep, discard, takeBack };
}

export type JudgeForm = ReturnType<typeof useJudgeFrame>;
