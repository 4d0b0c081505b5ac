import { useExpectation } from '../../data/useExpectation';
import { useCombPlace, type CombPlace } from '../../data/useCombPlace';
import { climateOfDay, type HarvestDay } from '../../../model';

/** The box to go on with: the one last in hand, else the first that is begun, else the first. */
function nextBoxId(
  { book, judged, harvest }: HarvestDay,
  combPlace: CombPlace | null,
): string | null {
  if (combPlace?.harvestId === harvest.entityId) return combPlace.boxId;
  const boxes = book.boxes.filter((box) => box.content.boxKind === 'box');
  const counts = new Map<string, number>();
  for (const { check } of judged) counts.set(check.boxId, (counts.get(check.boxId) ?? 0) + 1);
  const begun = boxes.find(({ entityId, content }) => {
    const count = counts.get(entityId) ?? 0;
    return count > 0 && count < content.slots;
  });
  return (begun ?? boxes[0])?.entityId ?? null;
}

/** A day at the hives: what is expected of it, and the box to go on with. */
export function useHarvestController(day: HarvestDay) {
  const climate = climateOfDay(day);
  const expectation = useExpectation(climate);
  const [combPlace] = useCombPlace();
  return { day, climate, expectation, boxId: nextBoxId(day, combPlace) };
}
