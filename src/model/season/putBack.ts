import { finishing, worseSideShare, type FrameAct } from '../../core';
import type { Book } from '../day/book';
import { boxOf, colonyOf, flowOf, schoolOfDay } from '../day/book';
import { frameEvidenceFrom } from '../day/frameEvidence';
import type { KeptStory } from '../day/harvestFile';
import { dayNumber } from '../days';
import { flowOnDay } from './flowBoard';

const PUT_BACK: FrameAct = 'put-back';

/** Frames that went back to be finished, and how many of them are expected to be by a day. */
export interface PutBack {
  readonly frames: number;
  readonly finished: number;
}

/** The chance that a frame which went back is finished by a day [1]. */
function chanceBy(story: KeptStory, book: Book, day: number): number {
  const evidence = frameEvidenceFrom(story, book);
  const share = worseSideShare(evidence);
  const harvest = book.harvests.find(({ entityId }) => entityId === story.check.harvestId);
  const flow = harvest ? flowOf(book, harvest.content.flowId) : null;
  if (share === null || !harvest) return 0;
  const looked = dayNumber(story.check.day);
  const endDay = flow ? flowOnDay(flow, looked).course.endDay : null;
  const side = evidence.sides.find((each) => each.capped?.share === share);
  const { probability } = finishing({
    share,
    standardUncertainty: side?.capped?.standardUncertainty ?? 0,
    wantedShare: schoolOfDay(book, harvest).ripeShare,
    earlier: [],
    daysLeft: endDay === null ? null : Math.min(366, Math.max(0, Math.min(endDay, day) - looked)),
    temperatureC: harvest.content.outdoorTemperatureC,
  });
  return probability;
}

/** Frames of a yard that went back at their last look, with those expected to be finished by a day. */
export function putBackOf(
  looks: readonly KeptStory[],
  { book, yardId, day }: { readonly book: Book; readonly yardId: string; readonly day: number },
): PutBack {
  const back = looks.filter(({ check }) => {
    const colonyId = boxOf(book, check.boxId)?.content.colonyId ?? null;
    const isOfYard = colonyOf(book, colonyId)?.content.yardId === yardId;
    return check.decision.act === PUT_BACK && isOfYard;
  });
  const finished = back.reduce((sum, story) => sum + chanceBy(story, book, day), 0);
  return { frames: back.length, finished: Math.round(finished) };
}
