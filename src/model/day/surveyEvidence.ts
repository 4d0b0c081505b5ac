import {
  TAKING_ACTS,
  cappedShareOf,
  combSideMass,
  forcedAct,
  glanceOf,
  withoutBias,
  quickShares,
  residueBlocks,
  schoolOf,
  surveyVerdict,
  summedMass,
  type CappedEstimate,
  type Message,
  type FrameAct,
  type FrameEvidence,
  type SurveyVerdict,
} from '../../core';
import type { Box, Harvest, Survey, SurveyContent } from '../../records';
import { boxOf, formatOf, type Book } from './book';
import { dayNumber } from '../days';
import type { HarvestFile } from './harvestFile';
import { boxCombStays, staysUpTo } from './stays';

export const framesOfSurvey = ({ boxes, framesPerBox }: SurveyContent): number =>
  boxes * framesPerBox;

/** Boxes that were typed as a bare number: nobody knows their hives. */
export const typedBoxes = ({ boxes, boxIds = [] }: SurveyContent): number =>
  Math.max(0, boxes - boxIds.length);

/** What of the boxes of a stroke was judged otherwise on the same day. */
export interface JudgedOtherwise {
  /** frames of a box that were looked at one by one; all of them where a later stroke has the box */
  framesOf(boxId: string): number;
}

export const NOTHING_OTHERWISE: JudgedOtherwise = { framesOf: () => 0 };

/** Frames looked at one by one and boxes of later strokes: a box is judged once. */
export function judgedOtherwise(file: HarvestFile, surveyId: string): JudgedOtherwise {
  const at = file.surveys.findIndex((survey) => survey.entityId === surveyId);
  const later = new Set(
    at < 0 ? [] : file.surveys.slice(at + 1).flatMap((survey) => survey.content.boxIds ?? []),
  );
  const looked = new Map<string, number>();
  for (const { check } of file.stories) {
    looked.set(check.boxId, (looked.get(check.boxId) ?? 0) + 1);
  }
  return { framesOf: (boxId) => (later.has(boxId) ? Infinity : (looked.get(boxId) ?? 0)) };
}

/** So many frames for each capped tenth that was seen: in the proportions of the sample, or all alike. */
function tenthGroups(survey: SurveyContent): Map<number, number> {
  const frames = framesOfSurvey(survey);
  if (survey.looks.length < 2) return new Map([[survey.cappedTenths, frames]]);
  const seen = new Map<number, number>();
  for (const { cappedTenths } of survey.looks) {
    seen.set(cappedTenths, (seen.get(cappedTenths) ?? 0) + 1);
  }
  let left = frames;
  const groups = [...seen.entries()].map(([tenths, times], at) => {
    const share = Math.round((frames * times) / survey.looks.length);
    const count = at === seen.size - 1 ? left : Math.min(left, share);
    left -= count;
    return [tenths, count] as const;
  });
  return new Map(groups.filter(([, count]) => count > 0));
}

/** Frames of one box, or of all typed ones, that look alike. */
interface Share {
  readonly boxId: string | null;
  readonly cappedTenths: number;
  readonly count: number;
}

/** The frames of each tenth dealt out to the boxes in turn, so that each has its share of every one. */
function dealt(survey: SurveyContent, otherwise: JudgedOtherwise): Share[] {
  const { boxIds = [], framesPerBox } = survey;
  const hands = [
    ...boxIds.map((boxId) => ({ boxId, room: framesPerBox, counts: new Map<number, number>() })),
    {
      boxId: null,
      room: typedBoxes(survey) * framesPerBox,
      counts: new Map<number, number>(),
    },
  ];
  const total = framesOfSurvey(survey);
  for (const [tenths, count] of [...tenthGroups(survey)].sort((a, b) => b[1] - a[1])) {
    let left = count;
    for (const [at, hand] of hands.entries()) {
      const taken = [...hand.counts.values()].reduce((sum, value) => sum + value, 0);
      const size = hand.boxId === null ? typedBoxes(survey) * framesPerBox : framesPerBox;
      const wanted =
        at === hands.length - 1 ? left : Math.min(left, Math.round((count * size) / total));
      const given = Math.min(wanted, hand.room - taken);
      if (given > 0) hand.counts.set(tenths, given);
      left -= Math.max(0, given);
    }
    for (const hand of hands) {
      const taken = [...hand.counts.values()].reduce((sum, value) => sum + value, 0);
      const more = Math.min(left, hand.room - taken);
      if (more > 0) hand.counts.set(tenths, (hand.counts.get(tenths) ?? 0) + more);
      left -= Math.max(0, more);
    }
  }
  return hands.flatMap(({ boxId, counts }) => {
    let gone = boxId === null ? 0 : otherwise.framesOf(boxId);
    return [...counts].flatMap(([cappedTenths, count]) => {
      const less = Math.min(gone, count);
      gone -= less;
      return count > less ? [{ boxId, cappedTenths, count: count - less }] : [];
    });
  });
}

/** Frames of a stroke with the box they hang in, null where it was typed. */
export interface SurveyPart {
  readonly box: Box | null;
  readonly evidence: FrameEvidence;
}

/** What a stroke is looked at with. */
export interface SurveyContext {
  readonly book: Book;
  /** ISO day of the stroke */
  readonly day: string;
  readonly otherwise?: JudgedOtherwise;
}

/** Stays, treatments, feeds and brood of a box of the book, as the schools see them. */
function ofBox(box: Box | null, { book, day }: SurveyContext) {
  if (!box) return { colonyId: null, blocks: [], brood: 'none' as const };
  const stays = staysUpTo(boxCombStays(box.content), dayNumber(day));
  return {
    colonyId: box.content.colonyId,
    blocks: residueBlocks(stays, book.given),
    brood: box.content.role === 'brood' ? ('nest' as const) : ('none' as const),
  };
}

/**
 * What the schools see of frames judged at one stroke, box by box: treatments, feeds and the brood nest
 * block the boxes they touch; frames that were judged otherwise on that day do not count again.
 */
export function surveyParts(
  { id, content: survey }: { readonly id: string; readonly content: SurveyContent },
  context: SurveyContext,
): SurveyPart[] {
  const { book, otherwise = NOTHING_OTHERWISE } = context;
  return dealt(survey, otherwise).map(({ boxId, cappedTenths, count }) => {
    const box = boxOf(book, boxId);
    const format = formatOf(book, box?.content.formatId ?? survey.formatId);
    const { eye } = survey;
    const shares = quickShares({
      honeyTenths: survey.honeyTenths,
      cappedTenths: eye ? 10 * withoutBias(cappedTenths / 10, eye) : cappedTenths,
      undrawnTenths: 0,
      broodTenths: 0,
    });
    const share = cappedShareOf(shares);
    const oneSide = combSideMass({
      areaDm2: format.areaDm2,
      honeyShare: shares.capped + shares.open,
      face: 'flush',
    });
    const one = summedMass([oneSide, oneSide]);
    const side = {
      shares,
      capped: share === null ? null : glanceOf(cappedTenths / 10, eye ?? null),
      shake: survey.shake,
    };
    const evidence: FrameEvidence = {
      id: [id, ...(boxId === null ? [] : [boxId]), cappedTenths].join(':'),
      count,
      ...ofBox(box, context),
      sides: [side, side],
      honey: {
        massKg: one.massKg * count,
        standardUncertaintyKg: one.standardUncertaintyKg * count,
      },
      broodExcused: false,
      queenSeen: false,
      beetles: 'none',
      blocksCleared: false,
      sections: null,
      cellMoisturePercent: null,
    };
    return { box, evidence };
  });
}

/** What of a stroke counts on its day, beside what was judged otherwise. */
export function surveyPartsOfDay(
  survey: Survey,
  day: { readonly book: Book; readonly harvest: Harvest; readonly file: HarvestFile },
): SurveyPart[] {
  const otherwise = judgedOtherwise(day.file, survey.entityId);
  const context = { book: day.book, day: day.harvest.content.day, otherwise };
  return surveyParts({ id: survey.entityId, content: survey.content }, context);
}

/** What is done with a part of a stroke: a box that is blocked, or holds the brood nest, stays. */
export function surveyAct({ act }: Pick<SurveyContent, 'act'>, evidence: FrameEvidence): FrameAct {
  const isHeld = evidence.blocks.length > 0 || evidence.brood !== 'none';
  return TAKING_ACTS.includes(act) && isHeld ? 'leave' : act;
}

/** A box that stays on the hive, and why. */
export interface HeldBox {
  readonly box: Box;
  readonly because: Message | null;
}

/** Boxes of a stroke that stay on the hive whatever is done with the others, each with its reason. */
export function heldBoxes(parts: readonly SurveyPart[]): HeldBox[] {
  const held = new Map<string, HeldBox>();
  for (const { box, evidence } of parts) {
    if (!box || (evidence.blocks.length === 0 && evidence.brood === 'none')) continue;
    held.set(box.entityId, { box, because: forcedAct(evidence)?.sentence ?? null });
  }
  return [...held.values()];
}

/** What the look of the whole says, less what the eye is known to be off by. */
export const glanceOfSurvey = ({ cappedTenths, eye }: SurveyContent): CappedEstimate =>
  glanceOf(cappedTenths / 10, eye ?? null);

/** What the frames looked at closely say about the rest; null before the second one. */
export function verdictOfSurvey(
  survey: SurveyContent,
  schoolId: string,
  book: Book,
): SurveyVerdict | null {
  if (survey.looks.length < 2) return null;
  const shares = survey.looks.map(({ cappedTenths }) =>
    survey.eye ? withoutBias(cappedTenths / 10, survey.eye) : cappedTenths / 10,
  );
  return surveyVerdict(
    shares,
    Math.max(shares.length, framesOfSurvey(survey)),
    schoolOf(schoolId, book.schools).ripeShare,
  );
}
