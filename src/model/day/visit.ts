import { clearingPlan, TAKING_ACTS, totesNeeded, visitOrder, type VisitedHive } from '../../core';
import type { Box } from '../../records';
import { colonyOf, flowOf, yardOf } from './book';
import type { HarvestDay } from './harvestDay';

/** A hive of the day, with where it stands. */
export interface DayHive extends VisitedHive {
  readonly name: string;
  readonly yard: string;
}

/** How the visit of a day goes. */
export interface Visit {
  /** in the order in which they are opened */
  readonly hives: readonly DayHive[];
  /** that come off: those judged to be taken, and all of boxes not judged yet */
  readonly frames: number;
  readonly clearing: ReturnType<typeof clearingPlan>;
  /** closed totes that they need, and those of the book; null where the book has none */
  readonly totes: { readonly needed: number; readonly there: number } | null;
}

/** Honey boxes of the day: those of the yards that its flow reaches, and those that were judged. */
function boxesOfDay({ book, harvest, judged }: HarvestDay): Box[] {
  const yards = flowOf(book, harvest.content.flowId)?.content.yardIds ?? [];
  const seen = new Set(judged.map(({ check }) => check.boxId));
  return book.boxes.filter(({ entityId, content }) => {
    const colony = colonyOf(book, content.colonyId);
    if (colony === null || content.role !== 'honey' || content.offDay !== null) return false;
    return seen.has(entityId) || yards.length === 0 || yards.includes(colony.content.yardId);
  });
}

function hivesOf({ book }: HarvestDay, boxes: readonly Box[]): DayHive[] {
  const ids = new Set(boxes.flatMap(({ content }) => content.colonyId ?? []));
  const hives = book.colonies
    .filter(({ entityId }) => ids.has(entityId))
    .map(({ entityId, content }) => ({
      id: entityId,
      name: content.name,
      yard: yardOf(book, content.yardId)?.content.name ?? '',
      temper: content.temper ?? null,
      boxes: boxes.filter((box) => box.content.colonyId === entityId).length,
    }));
  return visitOrder(hives);
}

/** In which order hives are opened, how their bees are cleared, and what is needed for the frames. */
export function visitOf(day: HarvestDay): Visit {
  const { book, harvest, judged } = day;
  const { clearing, outdoorTemperatureC } = harvest.content;
  const boxes = boxesOfDay(day);
  const seen = new Set(judged.map(({ check }) => check.boxId));
  const taken = judged.filter(({ act }) => TAKING_ACTS.includes(act)).length;
  const unseen = boxes.filter(({ entityId }) => !seen.has(entityId));
  const frames = taken + unseen.reduce((sum, { content }) => sum + content.slots, 0);
  const totes = book.boxes.filter(({ content }) => content.boxKind === 'tote');
  const [tote] = totes;
  return {
    hives: hivesOf(day, boxes),
    frames,
    clearing: clearingPlan({
      ...clearing,
      frames,
      temperatureC: outdoorTemperatureC,
      broodInBoxes: judged.some(({ check }) => check.brood !== 'none'),
    }),
    totes: tote ? { needed: totesNeeded(frames, tote.content.slots), there: totes.length } : null,
  };
}
