import type { Book } from '../../../model';
import { honeyBoxesOf } from '../../forms/hives/surveyForm';

/** Honey boxes that are on the hives of each yard now; yards without one are left out. */
export const boxesByYard = (book: Book): { readonly name: string; readonly boxes: number }[] =>
  book.yards
    .map(({ entityId, content }) => ({
      name: content.name,
      boxes: honeyBoxesOf(book, entityId).length,
    }))
    .filter(({ boxes }) => boxes > 0);
