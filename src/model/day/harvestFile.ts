import { groupBy } from '../../core';
import {
  type AnyRecord,
  current,
  type Frame,
  type FrameCheck,
  type GuessRecord,
  type RecordKind,
  type RecordOf,
  type Survey,
  type Tally,
} from '../../records';
import type { FrameStory } from './judging';
import { oncePerPlace } from './oncePerPlace';

/** A look that was kept, with its frame and all earlier looks. */
export interface KeptStory extends FrameStory {
  readonly frameRecord: Frame;
  readonly checkRecord: FrameCheck;
}

/** All that was seen on a day at the hives. */
export interface HarvestFile {
  readonly stories: readonly KeptStory[];
  readonly surveys: readonly Survey[];
  /** looks that two devices took of the same frame, of which another counts */
  readonly doubled: readonly KeptStory[];
  /** what each device counted */
  readonly tallies: readonly Tally[];
  readonly guesses: readonly GuessRecord[];
}

function ofKind<K extends RecordKind>(records: readonly AnyRecord[], kind: K): RecordOf<K>[] {
  return records.filter((record): record is RecordOf<K> => record.kind === kind);
}

const byTime = (a: FrameCheck, b: FrameCheck): number =>
  a.content.day.localeCompare(b.content.day) || a.recordedAt.localeCompare(b.recordedAt);

const checksByFrame = (checks: readonly FrameCheck[]): ReadonlyMap<string, FrameCheck[]> =>
  groupBy([...checks].sort(byTime), (check) => check.content.frameId);

/** The last look of a day at each frame, with the looks before it. */
function storiesOf(
  records: readonly AnyRecord[],
  wanted: (check: FrameCheck) => boolean,
): KeptStory[] {
  const now = current(records);
  const frames = new Map(ofKind(now, 'frame').map((item) => [item.entityId, item]));
  return [...checksByFrame(ofKind(now, 'frame-check'))].flatMap(([frameId, checks]) => {
    const frameRecord = frames.get(frameId);
    const at = checks.findLastIndex(wanted);
    const checkRecord = checks[at];
    if (!frameRecord || !checkRecord) return [];
    const earlier = checks.slice(0, at).map((check) => check.content);
    const { content: frame } = frameRecord;
    return [{ frameId, frame, check: checkRecord.content, earlier, frameRecord, checkRecord }];
  });
}

/** The day from its revisions, those of its frames among them. */
export function harvestFileOf(records: readonly AnyRecord[], harvestId: string): HarvestFile {
  const now = current(records);
  return {
    ...oncePerPlace(storiesOf(records, (record) => record.content.harvestId === harvestId)),
    surveys: ofKind(now, 'stroke'),
    tallies: ofKind(now, 'tally'),
    guesses: ofKind(now, 'guess'),
  };
}

/** A place of a box, with the frame in it and its looks. */
export interface BoxPlace {
  readonly slot: number;
  readonly frame: Frame | null;
  /** the look of the day asked for, null before it */
  readonly today: FrameCheck | null;
  /** looks of other days, oldest first */
  readonly earlier: readonly FrameCheck[];
}

/** The frame in a place; of two that two devices wrote down, the one that was looked at last. */
function frameIn(
  frames: readonly Frame[],
  slot: number,
  checks: ReadonlyMap<string, readonly FrameCheck[]>,
): Frame | null {
  const lookedAt = (frame: Frame): string =>
    checks.get(frame.entityId)?.at(-1)?.recordedAt ?? frame.recordedAt;
  const [latest] = frames
    .filter(({ content }) => content.slot === slot)
    .sort((a, b) => lookedAt(b).localeCompare(lookedAt(a)));
  return latest ?? null;
}

/** A box as it hangs: its places in order, each with its frame and the looks at it. */
export function boxPlaces(
  records: readonly AnyRecord[],
  boxId: string,
  { harvestId, slots }: { readonly harvestId: string; readonly slots: number },
): BoxPlace[] {
  const now = current(records);
  const frames = ofKind(now, 'frame').filter((item) => item.content.boxId === boxId);
  const checks = checksByFrame(ofKind(now, 'frame-check'));
  return Array.from({ length: slots }, (_, at) => {
    const frame = frameIn(frames, at + 1, checks);
    const own = frame ? (checks.get(frame.entityId) ?? []) : [];
    return {
      slot: at + 1,
      frame,
      today: own.findLast((item) => item.content.harvestId === harvestId) ?? null,
      earlier: own.filter((item) => item.content.harvestId !== harvestId),
    };
  });
}

/** The last look at every frame, with the looks before it. */
export function lastLooks(records: readonly AnyRecord[]): KeptStory[] {
  return [...oncePerPlace(storiesOf(records, () => true)).stories];
}

/** Frames whose last look asks for another, soonest first. */
export function looksAgainDue(looks: readonly KeptStory[]): KeptStory[] {
  return looks
    .filter((look) => look.check.decision.lookAgainDay !== null)
    .sort((a, b) =>
      (a.check.decision.lookAgainDay ?? '').localeCompare(b.check.decision.lookAgainDay ?? ''),
    );
}
