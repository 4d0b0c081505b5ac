import type { Book } from '../../../model';

/** Honey boxes that are on the hives of each yard now; yards without one are left out. */
export function boxesByYard(book: Book): { readonly name: string; readonly boxes: number }[] {
  const isOn = (yardId: string): number =>
    book.boxes.filter(
      ({ content }) =>
        content.yardId === yardId &&
        content.boxKind === 'box' &&
        content.role === 'honey' &&
        content.offDay === null,
    ).length;
  return book.yards
    .map(({ entityId, content }) => ({ name: content.name, boxes: isOn(entityId) }))
    .filter(({ boxes }) => boxes > 0);
}
