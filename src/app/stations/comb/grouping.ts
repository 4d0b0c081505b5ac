import {
  TAKING_ACTS,
  frameCapping,
  groupBy,
  type FrameAct,
  type FrameEvidence,
  type MassEstimate,
} from '../../../core';
import {
  lotFrameOf,
  lotFrameOfSurvey,
  surveyAct,
  surveyPartsOfDay,
  type HarvestDay,
} from '../../../model';
import { type COMB_COLOURS, type FrameCheckContent, type LotFrame } from '../../../records';
import { COLOUR_NAMES } from '../../format/colour';
import { combWords } from '../../words/english/comb';

/** A frame taken, or a group of frames alike, that goes into some lot. */
export interface GroupItem {
  readonly key: string;
  readonly frame: LotFrame;
  readonly evidence: FrameEvidence;
  readonly check: FrameCheckContent | null;
  readonly act: FrameAct;
}

/** What frames can be parted by. */
export const GROUP_RULES = ['flow', 'colour', 'capping', 'yard'] as const;
export type GroupRule = (typeof GROUP_RULES)[number];

/** A lot to be made: its name and which frames go into it. */
export interface Group {
  readonly name: string;
  readonly keys: readonly string[];
}

/** All frames of the day that are taken, except those that are in a lot already. */
export function groupItems(day: HarvestDay, inLots: ReadonlySet<string>): GroupItem[] {
  const { book, harvest } = day;
  const frames = day.judged
    .filter((keptJudgedFrame) => TAKING_ACTS.includes(keptJudgedFrame.act))
    .map((keptJudgedFrame) => ({
      key: keptJudgedFrame.frameId,
      frame: lotFrameOf(keptJudgedFrame, book, harvest),
      evidence: keptJudgedFrame.evidence,
      check: keptJudgedFrame.check,
      act: keptJudgedFrame.act,
    }));
  const surveys = day.file.surveys.flatMap((survey) =>
    surveyPartsOfDay(survey, day).map((part) => ({
      key: part.evidence.id,
      frame: lotFrameOfSurvey(survey, part, { book, harvest }),
      evidence: part.evidence,
      check: null,
      act: surveyAct(survey.content, part.evidence),
    })),
  );
  return [
    ...frames.filter(
      ({ frame, check }) => !inLots.has(keyInLot(frame)) && !inLots.has(boxKey(check.boxId)),
    ),
    ...surveys.filter(
      ({ frame, act }) => TAKING_ACTS.includes(act) && !inLots.has(keyInLot(frame)),
    ),
  ].sort((a, b) => byPlace.compare(placeKey(a), placeKey(b)));
}

const byPlace = new Intl.Collator('en', { numeric: true });

const placeKey = ({ frame }: GroupItem): string =>
  [frame.yard, frame.hive, frame.box, frame.slot ?? ''].join(' ');

const boxKey = (boxId: string): string => combWords.box({ boxId });

/** What a frame in a lot is known by: itself, its whole box, or the stroke over boxes of no book. */
const keyInLot = ({ frameId, boxId, checkId }: LotFrame): string =>
  frameId ?? (boxId ? boxKey(boxId) : checkId);

/** What of a day is in lots already: frames, boxes judged whole, and strokes over typed boxes. */
export function keysInLots(lots: readonly { readonly frames: readonly LotFrame[] }[]): Set<string> {
  return new Set(lots.flatMap((lot) => lot.frames.map(keyInLot)));
}

type Colour = (typeof COMB_COLOURS)[number];

/** The colour of a frame: that of both sides, or mixed where they differ. */
export function frameColour(frame: LotFrame): Colour {
  const seen = [...new Set(frame.colours.filter((colour) => colour !== 'unseen'))];
  if (seen.length === 0) return 'unseen';
  return seen.length === 1 && seen[0] ? seen[0] : 'mixed';
}

const NOT_NAMED = combWords.noFlowNamed();

function partOf(item: GroupItem, rule: GroupRule, ripeShare: number): string {
  switch (rule) {
    case 'flow':
      return item.frame.flows.join(' and ') || NOT_NAMED;
    case 'colour':
      return COLOUR_NAMES[frameColour(item.frame)].toLowerCase();
    case 'capping':
      return (frameCapping(item.evidence)?.share ?? 0) + 1e-9 >= ripeShare ? 'capped' : 'open';
    case 'yard':
      return item.frame.yard || combWords.noYardNamed();
  }
}

/**
 * Frames parted by the rules chosen; comb honey always stays by itself, since it is not extracted.
 *
 * @param ripeShare - from which a frame counts as capped
 */
export function groupedBy(
  items: readonly GroupItem[],
  rules: readonly GroupRule[],
  { ripeShare, dayName }: { ripeShare: number; dayName: string },
): Group[] {
  const nameOf = (item: GroupItem): string => {
    const parts = rules.map((rule) => partOf(item, rule, ripeShare));
    const kind = item.act === 'comb-honey' ? [combWords.combHoneyInside()] : [];
    const words = [...parts, ...kind].filter((part) => part !== NOT_NAMED);
    return words.length > 0 ? words.join(', ') : dayName;
  };
  return [...groupBy(items, nameOf)].map(([name, own]) => ({
    name: upperFirst(name),
    keys: own.map((groupItem) => groupItem.key),
  }));
}

const upperFirst = (text: string): string => text.slice(0, 1).toUpperCase() + text.slice(1);

/** The groups with one frame moved to another of them. */
export function moved(groups: readonly Group[], key: string, to: number): Group[] {
  return groups.map((group, at) => {
    const without = group.keys.filter((text) => text !== key);
    return { ...group, keys: at === to ? [...without, key] : without };
  });
}

/** Honey of some frames together; they were judged alike, so their doubts add up. */
export function groupMass(items: readonly GroupItem[]): MassEstimate {
  return {
    massKg: items.reduce((sum, item) => sum + item.frame.honeyKg, 0),
    standardUncertaintyKg: items.reduce((sum, item) => sum + item.frame.honeyStandardKg, 0),
  };
}

/** Where frames are from, in words: "Marsh yard: Hive 21, Hive 23". */
export function originOf(frames: readonly LotFrame[]): string {
  const byYard = new Map<string, Set<string>>();
  for (const { yard, hive, box } of frames) {
    const hives = byYard.get(yard) ?? new Set<string>();
    const name = hive || box;
    if (name !== '') hives.add(name);
    byYard.set(yard, hives);
  }
  return [...byYard]
    .map(([yard, hives]) => [yard, [...hives].join(', ')].filter((text) => text !== '').join(': '))
    .join('; ')
    .slice(0, 200);
}
