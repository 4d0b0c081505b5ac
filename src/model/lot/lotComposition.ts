import {
  HONEY_STATES,
  STAYING_ACTS,
  frameStateMasses,
  stateShares,
  type Climate,
  type FrameEvidence,
  type GuessedColour,
  type HoneyState,
  type MassEstimate,
  type School,
  type ShakeResult,
  type StateShares,
} from '../../core';
import type { FrameCheckContent, Harvest, LotFrame, LotFramesContent, Survey } from '../../records';
import { boxOf, colonyOf, flowOf, harvestOf, yardOf, yardOfBox, type Book } from '../day/book';
import type { KeptJudgedFrame } from '../day/harvestDay';
import type { SurveyPart } from '../day/surveyEvidence';

function flowNames(book: Book, harvest: Harvest, earlier: readonly FrameCheckContent[]): string[] {
  const harvests = [
    ...earlier
      .filter((item) => STAYING_ACTS.includes(item.decision.act))
      .map((item) => harvestOf(book, item.harvestId)),
    harvest,
  ];
  const names = harvests.map((item) => flowOf(book, item?.content.flowId ?? null)?.content.name);
  return [...new Set(names.filter((text) => text !== undefined))];
}

/** Honey that goes into the lot: of comb honey the ripe pieces only, and those are capped. */
function honeyOf(
  evidence: FrameEvidence,
  act: KeptJudgedFrame['act'],
): Pick<LotFrame, 'honeyKg' | 'honeyStandardKg' | 'states' | 'pieces'> {
  const { sections, honey } = evidence;
  const honeyKg = honey.massKg;
  const honeyStandardKg = honey.standardUncertaintyKg;
  if (act !== 'comb-honey' || sections === null || sections.all === 0) {
    return { honeyKg, honeyStandardKg, states: frameStateMasses(evidence), pieces: null };
  }
  const share = sections.ripe / sections.all;
  return {
    honeyKg: honeyKg * share,
    honeyStandardKg: honeyStandardKg * share,
    states: { capped: honeyKg * share },
    pieces: sections.ripe,
  };
}

/** A frame as it goes into a lot: everything by name, so that it says the same for ever. */
export function lotFrameOf(judged: KeptJudgedFrame, book: Book, harvest: Harvest): LotFrame {
  const { evidence, check, checkRecord, frameId, act } = judged;
  const box = boxOf(book, check.boxId);
  const colony = colonyOf(book, evidence.colonyId);
  const yard = yardOf(book, colony?.content.yardId ?? null) ?? yardOfBox(book, box);
  return {
    frameId,
    checkId: checkRecord.id,
    count: 1,
    hive: colony?.content.name ?? '',
    box: box?.content.label ?? '',
    slot: check.slot,
    yard: yard?.content.name ?? '',
    flows: flowNames(book, harvest, judged.earlier),
    ...honeyOf(evidence, act),
    colours: check.sides.map((side) => side.colour),
    cleared: evidence.blocks.length > 0 ? check.blockExcuse : '',
  };
}

/** Frames judged at one stroke, as they go into a lot: with the hive and the yard of their box. */
export function lotFrameOfSurvey(
  survey: Survey,
  { box, evidence }: SurveyPart,
  { book, harvest }: { readonly book: Book; readonly harvest: Harvest },
): LotFrame {
  const colony = colonyOf(book, evidence.colonyId);
  const yard = yardOfBox(book, box) ?? yardOf(book, survey.content.yardId);
  return {
    frameId: null,
    boxId: box?.entityId ?? null,
    checkId: survey.id,
    count: evidence.count,
    hive: colony?.content.name ?? '',
    box: box?.content.label ?? survey.content.label,
    slot: null,
    yard: yard?.content.name ?? '',
    flows: flowNames(book, harvest, []),
    honeyKg: evidence.honey.massKg,
    honeyStandardKg: evidence.honey.standardUncertaintyKg,
    states: frameStateMasses(evidence),
    colours: [],
    pieces: null,
    cleared: '',
  };
}

/** The make-up of a lot as a record. */
export function lotFramesContent(
  frames: readonly LotFrame[],
  { harvestId, school, climate }: { harvestId: string; school: School; climate: Climate },
): LotFramesContent {
  return { harvestId, school: { ...school }, climate, frames: [...frames] };
}

/** Share of the honey in each state, by mass. */
export function compositionStates({ frames }: LotFramesContent): StateShares {
  const masses: Partial<Record<HoneyState, number>> = {};
  for (const { states } of frames) {
    for (const state of HONEY_STATES) {
      masses[state] = (masses[state] ?? 0) + (states[state] ?? 0);
    }
  }
  return stateShares(masses);
}

/** Honey in the frames of a lot; they were judged alike, so their doubts add up. */
export function compositionMass({ frames }: LotFramesContent): MassEstimate {
  return {
    massKg: frames.reduce((sum, frame) => sum + frame.honeyKg, 0),
    standardUncertaintyKg: frames.reduce((sum, frame) => sum + frame.honeyStandardKg, 0),
  };
}

/** Least share of the honey at which a shake result speaks for the lot [1]. @source our choice, no source */
const SPEAKS_FROM = 0.03;

/** The wettest shake result that holds enough of the honey to speak for the lot. */
export function compositionShake(states: StateShares): ShakeResult {
  const wetFirst = ['runs', 'drops', 'not-done', 'nothing-fell'] as const;
  return wetFirst.find((value) => states[value] >= SPEAKS_FROM) ?? 'not-done';
}

/** How many frames went into a lot. */
export const compositionCount = ({ frames }: LotFramesContent): number =>
  frames.reduce((sum, frame) => sum + frame.count, 0);

/** Mass of honey by the colour guessed in the comb [kg]; a frame of two colours counts half for each. */
export function compositionColours({
  frames,
}: LotFramesContent): Map<GuessedColour | 'mixed', number> {
  const masses = new Map<GuessedColour | 'mixed', number>();
  for (const { colours, honeyKg } of frames) {
    const seen = colours.filter((value) => value !== 'unseen');
    for (const colour of seen) {
      masses.set(colour, (masses.get(colour) ?? 0) + honeyKg / seen.length);
    }
  }
  return masses;
}
