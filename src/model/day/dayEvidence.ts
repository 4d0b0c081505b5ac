import {
  EXTRACTED_ACTS,
  STAYING_ACTS,
  TAKING_ACTS,
  compareSchools,
  expectedMixture,
  pooledStates,
  summedMass,
  type Climate,
  type Estimate,
  type Expectation,
  type FrameAct,
  type FrameEvidence,
  type MassEstimate,
  type School,
  type SchoolOutcome,
} from '../../core';
import { boxOf, colonyOf, yardOf, yardOfBox } from './book';
import { decideContext } from './judging';
import { surveyAct, surveyPartsOfDay } from './surveyEvidence';
import type { HarvestDay } from './harvestDay';

/** A frame or a group of frames alike, with what is done with it. */
export interface DoneFrame {
  readonly evidence: FrameEvidence;
  readonly act: FrameAct;
}

/** Everything judged on a day: frame by frame, and at one stroke. */
export function doneFrames({ judged, file, book, harvest }: HarvestDay): DoneFrame[] {
  const surveys = file.surveys.flatMap((survey) =>
    surveyPartsOfDay(survey, { book, harvest, file }).map(({ evidence }) => ({
      evidence,
      act: surveyAct(survey.content, evidence),
    })),
  );
  return [...judged, ...surveys];
}

/** The climate under which most of the day's honey ripened. */
export function climateOfDay(day: HarvestDay): Climate {
  const kg = new Map<Climate, number>();
  const add = (climate: Climate, massKg: number): void => {
    kg.set(climate, (kg.get(climate) ?? 0) + massKg);
  };
  for (const { evidence, check } of day.judged) {
    const colony = colonyOf(day.book, evidence.colonyId);
    const yard =
      yardOf(day.book, colony?.content.yardId ?? null) ??
      yardOfBox(day.book, boxOf(day.book, check.boxId));
    add(yard?.content.climate ?? 'not-said', evidence.honey.massKg);
  }
  for (const survey of day.file.surveys) {
    for (const { box, evidence } of surveyPartsOfDay(survey, day)) {
      const yard = yardOfBox(day.book, box) ?? yardOf(day.book, survey.content.yardId);
      add(yard?.content.climate ?? 'not-said', evidence.honey.massKg);
    }
  }
  return [...kg].sort((a, b) => b[1] - a[1])[0]?.[0] ?? 'not-said';
}

/** Honey taken to be extracted, and what to expect of its moisture; null before the first frame. */
export function crop(
  frames: readonly DoneFrame[],
  expectation: Expectation,
): { mass: MassEstimate; expected: Estimate; openShare: number } | null {
  const taken = frames
    .filter((frame) => EXTRACTED_ACTS.includes(frame.act))
    .map((frame) => frame.evidence);
  const states = pooledStates(taken);
  if (!states) return null;
  return {
    mass: summedMass(taken.map((frame) => frame.honey)),
    expected: expectedMixture(states, expectation),
    openShare: 1 - states.capped,
  };
}

/** How many frames are taken, and how many were judged. */
export function frameCounts(frames: readonly DoneFrame[]): { taken: number; judged: number } {
  const count = (all: readonly DoneFrame[]): number =>
    all.reduce((sum, doneFrame) => sum + doneFrame.evidence.count, 0);
  return {
    taken: count(frames.filter((frame) => TAKING_ACTS.includes(frame.act))),
    judged: count(frames),
  };
}

/** All schools on the very same frames. */
export function schoolsOnDay(
  day: HarvestDay,
  frames: readonly DoneFrame[],
  { schools, expectation }: { schools: readonly School[]; expectation: Expectation },
): SchoolOutcome[] {
  const finishings = new Map(
    day.judged.map((keptJudgedFrame) => [keptJudgedFrame.frameId, keptJudgedFrame.finishing]),
  );
  return compareSchools(
    frames.map((frame) => frame.evidence),
    schools,
    {
      ...decideContext(day.judging, finishings),
      expectation,
      targetPercent: day.harvest.content.targetPercent,
    },
  );
}

/** Frames that stay with a colony today, and their honey [kg]. */
export function leftForColony(
  { judged }: HarvestDay,
  colonyId: string,
): { frames: number; kg: number } {
  const stays = judged.filter(
    (keptJudgedFrame) =>
      keptJudgedFrame.evidence.colonyId === colonyId && STAYING_ACTS.includes(keptJudgedFrame.act),
  );
  return {
    frames: stays.length,
    kg: stays.reduce((sum, stay) => sum + stay.evidence.honey.massKg, 0),
  };
}
