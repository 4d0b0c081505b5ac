import type { FrameAct } from '../../core';
import {
  type AnyRecord,
  type Box,
  firstRevision,
  type Frame,
  type Harvest,
  type Scribe,
} from '../../records';
import type { Book } from './book';
import type { FrameLook } from './freshLook';
import { decisionContent, judgeFrames, judgingOf, undecided, type FrameStory } from './judging';

/** A look at the frame in one place of a box, and what the keeper does otherwise, if anything. */
export interface PlacedLook {
  readonly slot: number;
  readonly look: FrameLook;
  readonly override?: { readonly act: FrameAct; readonly because: string } | null;
}

/** Looks at the frames of one box on one day. */
export interface BoxLooks {
  readonly harvest: Harvest;
  readonly box: Box;
  readonly looks: readonly PlacedLook[];
  /** frames and looks of other days, so that the same frame stays the same */
  readonly known: readonly AnyRecord[];
}

function frameAt(scribe: Scribe, { box, known }: BoxLooks, slot: number): [Frame, boolean] {
  const before = known.find(
    (record): record is Frame =>
      record.kind === 'frame' &&
      record.content.boxId === box.entityId &&
      record.content.slot === slot,
  );
  if (before) return [before, false];
  const content = {
    boxId: box.entityId,
    slot,
    sinceDay: box.content.onDay,
    earlier: [],
    hiveId: box.content.colonyId,
    formerBrood: false,
  };
  return [firstRevision(scribe, 'frame', content, box.entityId), true];
}

/** The frames, where they are new, and the looks, judged together, as records. */
export function lookRecords(scribe: Scribe, task: BoxLooks, book: Book): AnyRecord[] {
  const { harvest, box, looks, known } = task;
  const fresh: Frame[] = [];
  const stories = looks.map(({ slot, look, override }) => {
    const [frame, isNew] = frameAt(scribe, task, slot);
    if (isNew) fresh.push(frame);
    const story: FrameStory = {
      frameId: frame.entityId,
      frame: frame.content,
      earlier: known.flatMap((record) =>
        record.kind === 'frame-check' && record.content.frameId === frame.entityId
          ? [record.content]
          : [],
      ),
      check: {
        harvestId: harvest.entityId,
        frameId: frame.entityId,
        boxId: box.entityId,
        slot,
        day: harvest.content.day,
        ...look,
        decision: undecided(harvest.content.schoolId),
      },
    };
    return { ...story, override: override ?? null };
  });
  const judging = judgingOf(book, harvest);
  const checks = judgeFrames(stories, judging).map((judged) => {
    const decision = decisionContent(judged, judging, judged.override);
    return firstRevision(scribe, 'frame-check', { ...judged.check, decision }, box.entityId);
  });
  return [...fresh, ...checks];
}
