import {
  STAYING_ACTS,
  TAKING_ACTS,
  leavingSteps,
  type LeavingStep,
  type LeftHive,
} from '../../core';
import { colonyOf, type Book } from './book';
import { leftForColony } from './dayEvidence';
import { frameEvidenceFrom } from './frameEvidence';
import type { HarvestDay } from './harvestDay';
import { keepTargetsKg } from './judging';

/** What stays on a hive of a day, and what is done with it. */
export interface Leaving extends LeftHive {
  readonly name: string;
  readonly steps: readonly LeavingStep[];
  /** honey that its frames had more at the look before [kg]; 0 where they gained, or were never looked at */
  readonly lostKg: number;
}

/** A frame with less of it full of honey than this is part-filled [1]. @source our choice */
const WHOLE_FROM = 0.75;

function leftOf(day: HarvestDay, colonyId: string, targets: ReadonlyMap<string, number>): LeftHive {
  const { book, judged } = day;
  const own = judged.filter(({ evidence }) => evidence.colonyId === colonyId);
  const { frames, kg } = leftForColony(day, colonyId);
  const stays = own.filter(({ act }) => STAYING_ACTS.includes(act));
  const boxes = book.boxes.filter(
    ({ content }) =>
      content.colonyId === colonyId && content.role === 'honey' && content.offDay === null,
  );
  const honeyBoxes = new Set(boxes.map(({ entityId }) => entityId));
  const inBoxes = own.filter(({ check }) => honeyBoxes.has(check.boxId));
  const filled = ({ evidence }: (typeof stays)[number]): number =>
    Math.min(...evidence.sides.map(({ shares }) => shares.capped + shares.open));
  return {
    id: colonyId,
    leftKg: kg,
    targetKg: targets.get(colonyId) ?? null,
    frames,
    partFilled: stays.filter((frame) => filled(frame) < WHOLE_FROM).length,
    boxes: boxes.length,
    slots: boxes[0]?.content.slots ?? 10,
    allJudged: inBoxes.length >= boxes.reduce((sum, { content }) => sum + content.slots, 0),
    broodFrames: inBoxes.filter(({ check }) => check.brood !== 'none').length,
    health: colonyOf(book, colonyId)?.content.health ?? 'unknown',
  };
}

/** What frames of a hive hold less than at the look before: bees carry stores down. */
function lostKg({ book, judged }: HarvestDay, colonyId: string): number {
  const change = judged
    .filter(({ evidence }) => evidence.colonyId === colonyId)
    .map(({ evidence, earlier, frameId, frame }) => {
      const before = earlier.at(-1);
      if (!before || TAKING_ACTS.includes(before.decision.act)) return 0;
      const { honey } = frameEvidenceFrom({ frameId, frame, check: before }, book);
      return honey.massKg - evidence.honey.massKg;
    })
    .reduce((sum, kg) => sum + kg, 0);
  return Math.max(0, change);
}

const nameOf = (book: Book, colonyId: string): string =>
  colonyOf(book, colonyId)?.content.name ?? '';

/**
 * What stays on each hive that was judged on a day, and what is done with it.
 *
 * @param closing - the last visit before winter
 */
export function leavingOf(day: HarvestDay, closing: boolean): Leaving[] {
  const targets = keepTargetsKg(day.book);
  const ids = [...new Set(day.judged.map(({ evidence }) => evidence.colonyId))].filter(
    (id) => id !== null,
  );
  const left = ids.map((id) => leftOf(day, id, targets));
  return left.map((hive) => ({
    ...hive,
    name: nameOf(day.book, hive.id),
    steps: leavingSteps(hive, left, closing),
    lostKg: lostKg(day, hive.id),
  }));
}
