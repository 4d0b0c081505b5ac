import { TAKING_ACTS, groupBy } from '../../core';
import type { FrameCheck } from '../../records';
import type { FrameStory } from './judging';

/** A look that was kept. */
type Kept = FrameStory & { readonly checkRecord: FrameCheck };

const placeOf = ({ frame }: Kept): string => `${frame.boxId} ${frame.slot}`;

const isTaken = ({ check }: Kept): boolean => TAKING_ACTS.includes(check.decision.act);

/** Of looks at one frame the last day counts; of two on one day the one that leaves it, else the later. */
const before = (a: Kept, b: Kept): number =>
  b.check.day.localeCompare(a.check.day) ||
  Number(isTaken(a)) - Number(isTaken(b)) ||
  b.checkRecord.recordedAt.localeCompare(a.checkRecord.recordedAt);

/** Looks of a day, each place of a box once, and the looks that two devices took of the same one. */
export interface OncePerPlace<S> {
  readonly stories: readonly S[];
  /** looks that do not count, since another at the same frame does */
  readonly doubled: readonly S[];
}

/**
 * Two people who judge one box on two phones write the same frame down twice, before either knows of the
 * other. In a place hangs one frame: it is counted once, and nobody takes what the other would leave.
 */
export function oncePerPlace<S extends Kept>(stories: readonly S[]): OncePerPlace<S> {
  const places = [...groupBy(stories, placeOf).values()].map((each) => [...each].sort(before));
  const counted = new Set(places.map(([first]) => first));
  return {
    stories: stories.filter((story) => counted.has(story)),
    doubled: stories.filter((story) => !counted.has(story)),
  };
}
