import { FEATURES_VERSION, likeliest, type RuleSet } from '../../../core';
import { classOfLetter, localDayOf } from '../../../model';
import {
  firstRevision,
  nextRevision,
  type Box,
  type Frame,
  type Harvest,
  type Photo,
  type Survey,
  type SurveyContent,
} from '../../../records';
import { perform, type ActOptions, type RecordAct } from '../../../store';
import { removeRecord } from '../../acts/removeRecord';
import { combWords } from '../../words/english/comb';
import { frameWords } from '../../words/english/frame';
import { photoWords } from '../../words/english/photo';
import { sideName } from './frameDraft';
import type { ReadPhotoSide } from './usePhotoMeasure';
import { quickTakeRecords, takenFrames, type QuickTake } from './quickTake';
import { frameOfTask, type JudgeTask } from './useJudgeFrame';

/** Some frames and a bucket: their day, hive and box, the looks at them, and the lot of what is taken. */
export function makeQuickTake(
  quickTake: QuickTake,
  given: { readonly code: string; readonly ruleSets: readonly RuleSet[] },
  options: ActOptions = {},
): RecordAct {
  const takenCount = takenFrames(quickTake, given.ruleSets);
  const label =
    takenCount > 0
      ? combWords.lotMadeOfFrames({ takenCount })
      : combWords.framesJudgedNoneTakenNo({ looks: quickTake.looks.length });
  return perform(label, (scribe) => quickTakeRecords(scribe, quickTake, given), options);
}

/** A yard, a stack or a box judged as a whole. */
export const saveSurvey = (
  content: SurveyContent,
  harvestId: string,
  options: ActOptions = {},
): RecordAct =>
  perform(
    combWords.judged({ label: content.label }),
    (scribe) => [firstRevision(scribe, 'stroke', content, harvestId)],
    options,
  );

export const removeSurvey = (survey: Survey): RecordAct =>
  removeRecord(combWords.removed({ label: survey.content.label }), survey);

/** Another rule holds for the day; what was seen stays. */
export const chooseSchool = (harvest: Harvest, schoolId: string): RecordAct =>
  perform(combWords.ruleChanged(), (scribe) => [
    nextRevision(scribe, harvest, {
      content: { ...harvest.content, schoolId },
      reason: combWords.anotherRule(),
    }),
  ]);

/** Where frames go: a box, its free places, and the day on which they go there. */
interface MoveTarget {
  readonly box: Box;
  readonly free: readonly number[];
  readonly day: string;
}

/** The frame in another place; where it hung before stays written. */
function moved(frame: Frame, boxId: string, { slot, day }: { slot: number; day: string }) {
  const { boxId: from, sinceDay, earlier } = frame.content;
  return {
    ...frame.content,
    boxId,
    slot,
    sinceDay: day,
    earlier: [...earlier, { boxId: from, sinceDay, untilDay: day }],
  };
}

/** Frames into free places of another box, in one act. There must be a place for each. */
export const moveFrames = (frames: readonly Frame[], { box, free, day }: MoveTarget): RecordAct => {
  const { label } = box.content;
  return perform(frameWords.framesMovedTo({ frames: frames.length, label }), (scribe) =>
    frames.map((frame, at) =>
      nextRevision(scribe, frame, {
        content: moved(frame, box.entityId, { slot: free[at] ?? 1, day }),
        reason: frameWords.movedTo({ label }),
      }),
    ),
  );
};

/** What was set right on a photograph, for the next one to be read by. */
export const saveLesson = ({ side, points, proposal }: ReadPhotoSide): RecordAct =>
  perform(photoWords.lessonKept(), (scribe) => [
    firstRevision(scribe, 'cell-lesson', {
      day: localDayOf(scribe.now()),
      version: FEATURES_VERSION,
      points: side.points.length,
      taps: side.points.flatMap(({ chances, figures }, at) => {
        const proposed = likeliest(chances);
        const is = classOfLetter(points[at] ?? '', proposed);
        return proposal.touched[at] === '1' ? [{ proposed, is, figures: [...figures] }] : [];
      }),
    }),
  ]);

type SmallPhoto = Omit<Photo['content'], 'frameId' | 'harvestId' | 'side' | 'day'>;

/** A photograph of a side; a frame that nobody looked at yet is written down with it. */
export const saveFramePhoto = (small: SmallPhoto, side: 0 | 1, task: JudgeTask): RecordAct =>
  perform(frameWords.photographOfSaved({ sideName: sideName(side) }), (scribe) => {
    const known = task.place.frame;
    const frame =
      known ?? firstRevision(scribe, 'frame', frameOfTask(task, false), task.box.entityId);
    const { entityId: harvestId, content } = task.harvest;
    const photo = { ...small, frameId: frame.entityId, harvestId, side, day: content.day };
    const record = firstRevision(scribe, 'photo', photo, frame.entityId);
    return known ? [record] : [frame, record];
  });
