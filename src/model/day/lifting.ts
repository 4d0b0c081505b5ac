import { boxLift, groupBy, type BoxLift } from '../../core';
import { boxOf, formatOf } from './book';
import type { HarvestDay } from './harvestDay';

/** The box of a day that weighs most, with the frames that were judged in it; null where none was judged. */
export function heaviestBox({ book, judged }: HarvestDay): (BoxLift & { label: string }) | null {
  const lifts = [...groupBy(judged, ({ check }) => check.boxId)].flatMap(([boxId, frames]) => {
    const box = boxOf(book, boxId);
    if (!box) return [];
    const { frameTareKg, boxTareKg } = formatOf(book, box.content.formatId);
    const honeyKg = frames.reduce((sum, { evidence }) => sum + evidence.honey.massKg, 0);
    const lift = boxLift(Math.min(300, honeyKg + frames.length * frameTareKg), boxTareKg);
    return [{ ...lift, label: box.content.label }];
  });
  return lifts.sort((a, b) => b.kg - a.kg)[0] ?? null;
}
