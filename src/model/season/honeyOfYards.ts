import type { Flow, Lot } from '../../records';
import { harvestOf, type Book } from '../day/book';
import type { LotFile } from '../lot/lotFile';

/** Plants of the honey that was taken at each yard, by the name of the yard. */
export function honeyOfYards(lots: readonly LotFile[]): ReadonlyMap<string, readonly string[]> {
  const plants = new Map<string, Set<string>>();
  for (const { lot, frames } of lots) {
    if (lot.content.plant === '') continue;
    for (const { yard } of frames?.content.frames ?? []) {
      plants.set(yard, (plants.get(yard) ?? new Set()).add(lot.content.plant));
    }
  }
  return new Map([...plants].map(([yard, own]) => [yard, [...own].sort()]));
}

/** Lots of a flow that are called otherwise than its plant; none while nobody knows the plant. */
export function lotsOtherwiseCalled(flow: Flow, lots: readonly LotFile[], book: Book): Lot[] {
  const { plant } = flow.content;
  if (plant === '') return [];
  return lots
    .filter(({ lot, frames }) => {
      const harvest = harvestOf(book, frames?.content.harvestId ?? null);
      return harvest?.content.flowId === flow.entityId && lot.content.plant !== plant;
    })
    .map(({ lot }) => lot);
}
