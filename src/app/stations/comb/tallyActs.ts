import { entryRevision, type HiveJob, type Tally, type TallyContent } from '../../../records';
import { perform, type RecordAct } from '../../../store';
import { combWords } from '../../words/english/comb';
import { commonWords } from '../../words/english/common';

/** What is counted by hand. */
export const COUNTED = ['frames', 'boxes', 'totes'] as const;
export type Counted = (typeof COUNTED)[number];

export const TALLY_NAMES: Readonly<Record<Counted, string>> = {
  frames: combWords.countedByHand(),
  boxes: commonWords.boxes(),
  totes: combWords.totes(),
};

export const JOB_NAMES: Readonly<Record<HiveJob, string>> = {
  both: combWords.doesBoth(),
  judges: combWords.judges(),
  carries: combWords.carries(),
};

const NOTHING_COUNTED: TallyContent = { frames: 0, boxes: 0, totes: 0 };

/** Who counts: on which device, for which day, and what was counted so far. */
export interface Counting {
  readonly counter: string;
  readonly who: string;
  readonly harvestId: string;
  /** null before the first */
  readonly former: Tally | null;
}

const writeTally = (
  label: string,
  { counter, who, harvestId, former }: Counting,
  change: Partial<TallyContent>,
): RecordAct => {
  const content = { ...(former?.content ?? NOTHING_COUNTED), counter, who, ...change };
  return perform(label, (scribe) => [
    entryRevision(scribe, { kind: 'tally', former, ownerId: harvestId }, content),
  ]);
};

/** The running count of a day on this device. */
export const countTally = (
  [part, value]: readonly [Counted, number],
  counting: Counting,
): RecordAct => writeTally(`${TALLY_NAMES[part]}: ${value}`, counting, { [part]: value });

/** What is done with this device in hand. */
export const takeJob = (job: HiveJob, counting: Counting): RecordAct =>
  writeTally(JOB_NAMES[job], counting, { job });

/**
 * The count of this device among all of a day; one of before devices counted apart is gone on with.
 */
export const ownTally = (tallies: readonly Tally[], counter: string): Tally | null =>
  tallies.find(({ content }) => content.counter === counter) ??
  tallies.find(({ content }) => content.counter === undefined) ??
  null;
