import {
  decideFrames,
  USUAL_LOOK_AGAIN_DAYS,
  finishing,
  combSideMass,
  worseSideShare,
  TAKING_ACTS,
  mayBeTaken,
  ruleSetOf,
  type DecideContext,
  type EarlierLook,
  type Finishing,
  type FrameAct,
  type FrameDecision,
  type FrameEvidence,
  type School,
} from '../../core';
import type { Box, Colony, FrameCheckContent, Harvest } from '../../records';
import { flowOf, formatOf, schoolOfDay, type Book } from './book';
import { dayNumber, isoDayOf } from '../days';
import { flowOnDay } from '../season/flowBoard';
import { depthOf, frameEvidenceFrom, type FrameCase } from './frameEvidence';

/** A look at a frame, with all earlier looks at the same frame. */
export interface FrameStory extends FrameCase {
  readonly earlier: readonly FrameCheckContent[];
}

/** What the school says of a frame and what the keeper does. */
export interface Judgement {
  readonly evidence: FrameEvidence;
  readonly decision: FrameDecision;
  /** whether bees finish it; null where nothing is missing or nobody can say */
  readonly finishing: Finishing | null;
  readonly act: FrameAct;
  readonly overridden: boolean;
}

/** A frame, kept or still being tapped, with its judgement. */
export type JudgedFrame<S extends FrameStory = FrameStory> = S & Judgement;

/** Limit of moisture on a day [% by mass]. */
export function limitOfDay({ ruleSets }: Book, { content }: Pick<Harvest, 'content'>): number {
  return ruleSetOf(content.ruleSetId, ruleSets).moistureLimitPercent[content.honeyKind];
}

/** Days until the flow of the day ends; null where none is named or it is over. */
export function daysOfFlowLeft(book: Book, { content }: Pick<Harvest, 'content'>): number | null {
  const flow = flowOf(book, content.flowId);
  if (!flow) return null;
  const day = dayNumber(content.day);
  const { endDay } = flowOnDay(flow, day).course;
  return endDay !== null && endDay > day ? Math.min(366, endDay - day) : null;
}

function earlierLooks(story: FrameStory, book: Book): EarlierLook[] {
  return story.earlier.flatMap((check) => {
    const evidence = frameEvidenceFrom({ ...story, check }, book);
    const share = worseSideShare(evidence);
    const daysAgo = dayNumber(story.check.day) - dayNumber(check.day);
    if (share === null || daysAgo <= 0) return [];
    return [{ daysAgo, share, standardUncertainty: worseDoubt(evidence) }];
  });
}

function worseDoubt(evidence: FrameEvidence): number {
  const share = worseSideShare(evidence);
  const side = evidence.sides.find((sideEvidence) => sideEvidence.capped?.share === share);
  return side?.capped?.standardUncertainty ?? 0;
}

function finishingOf(
  story: FrameStory,
  evidence: FrameEvidence,
  { book, harvest, school }: Judging,
): Finishing | null {
  const share = worseSideShare(evidence);
  if (share === null || flowOf(book, harvest.content.flowId) === null) return null;
  return finishing({
    share,
    standardUncertainty: worseDoubt(evidence),
    wantedShare: school.ripeShare,
    earlier: earlierLooks(story, book),
    daysLeft: daysOfFlowLeft(book, harvest),
    temperatureC: harvest.content.outdoorTemperatureC,
  });
}

/** Frames of a box where the hive has none. @source common practice, no source */
const USUAL_SLOTS = 10;

/** A honey box of a hive. */
const honeyBoxOf = (book: Book, colonyId: string): Box | undefined =>
  book.boxes.find(({ content }) => content.colonyId === colonyId && content.role === 'honey');

/** Honey of a full frame of a hive's honey boxes [kg], for targets counted in frames. */
function fullFrameKg(book: Book, colonyId: string): number {
  const format = formatOf(book, honeyBoxOf(book, colonyId)?.content.formatId ?? '');
  return 2 * combSideMass({ areaDm2: format.areaDm2, honeyShare: 1, face: 'flush' }).massKg;
}

/** Frames of a target that is counted in frames, or in boxes of the hive. */
function keepFrames(
  book: Book,
  colonyId: string,
  keep: Exclude<NonNullable<Colony['content']['keep']>, { readonly by: 'mass' }>,
): number {
  if (keep.by === 'frames') return keep.frames;
  return keep.boxes * (honeyBoxOf(book, colonyId)?.content.slots ?? USUAL_SLOTS);
}

/** What each hive is to keep, in kg; hives without a target are not in it. */
export function keepTargetsKg(book: Book): ReadonlyMap<string, number> {
  return new Map(
    book.colonies.flatMap(({ entityId, content: { keep } }) => {
      if (!keep) return [];
      const kg =
        keep.by === 'mass'
          ? keep.kg
          : keepFrames(book, entityId, keep) * fullFrameKg(book, entityId);
      return [[entityId, kg] as const];
    }),
  );
}

/** What frames are judged by. */
export interface Judging {
  readonly book: Book;
  readonly harvest: Pick<Harvest, 'content'>;
  readonly school: School;
}

/** The judging of a day by its own school. */
export function judgingOf(book: Book, harvest: Pick<Harvest, 'content'>): Judging {
  return { book, harvest, school: schoolOfDay(book, harvest) };
}

/** What decisions depend on besides the frames. */
export function decideContext(
  { book, harvest }: Judging,
  finishings: ReadonlyMap<string, Finishing | null>,
): DecideContext {
  return {
    limitPercent: limitOfDay(book, harvest),
    finishingOf: (frame) => finishings.get(frame.id) ?? null,
    lackingKg: keepTargetsKg(book),
  };
}

/** What the keeper does otherwise than proposed; null where that is not allowed any more. */
export function allowedOverride(evidence: FrameEvidence, act: FrameAct): FrameAct | null {
  return TAKING_ACTS.includes(act) && !mayBeTaken(evidence) ? null : act;
}

function keptOverride({ decision }: FrameCheckContent, evidence: FrameEvidence): FrameAct | null {
  return decision.act === decision.proposed ? null : allowedOverride(evidence, decision.act);
}

/** Frames with evidence, decision and what the keeper did, in their order. */
export function judgeFrames<S extends FrameStory>(
  stories: readonly S[],
  judging: Judging,
): JudgedFrame<S>[] {
  const depth = depthOf(stories, judging.book);
  const evidences = stories.map((story) => frameEvidenceFrom(story, judging.book, depth));
  const finishings = new Map(
    stories.map((story, at) => [story.frameId, finishingOf(story, evidences[at]!, judging)]),
  );
  const decisions = decideFrames(evidences, judging.school, decideContext(judging, finishings));
  const byFrame = new Map(decisions.map((decision) => [decision.frameId, decision]));
  return stories.flatMap((story, at) => {
    const decision = byFrame.get(story.frameId);
    const evidence = evidences[at];
    if (!decision || !evidence) return [];
    const override = keptOverride(story.check, evidence);
    return [
      {
        ...story,
        evidence,
        decision,
        finishing: finishings.get(story.frameId) ?? null,
        act: override ?? decision.act,
        overridden: override !== null,
      },
    ];
  });
}

/**
 * The day on which to look again at a frame that goes back: as long as bees need, a week where nobody said
 * what flows; null where no nectar comes any more.
 */
function lookAgainDay(act: FrameAct, found: Finishing | null, day: string): string | null {
  if (act !== 'put-back') return null;
  const days = found === null ? USUAL_LOOK_AGAIN_DAYS : found.lookAgainInDays;
  return days === null ? null : isoDayOf(dayNumber(day) + days);
}

/** What is written down of a decision: the school's proposal and what the keeper did. */
export function decisionContent(
  { decision, finishing: found }: Pick<Judgement, 'decision' | 'finishing'>,
  { harvest }: Judging,
  override: { readonly act: FrameAct; readonly because: string } | null,
): FrameCheckContent['decision'] {
  const act = override?.act ?? decision.act;
  return {
    schoolId: harvest.content.schoolId,
    proposed: decision.act,
    act,
    because: override?.because ?? '',
    lookAgainDay: lookAgainDay(act, found, harvest.content.day),
  };
}

/** A decision that stands in until the frames are judged together. */
export function undecided(schoolId: string): FrameCheckContent['decision'] {
  return { schoolId, proposed: 'leave', act: 'leave', because: '', lookAgainDay: null };
}
