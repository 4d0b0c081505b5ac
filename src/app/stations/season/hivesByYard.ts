import type { Book } from '../../../model';
import type { Box, Colony, Yard } from '../../../records';
import { holdsWords } from '../../format/finding';

export const HIVE_ORDERS = ['name', 'doubt', 'boxes'] as const;
export type HiveOrder = (typeof HIVE_ORDERS)[number];

/** A yard with those of its hives that are looked for. */
export interface YardHives {
  readonly yard: Yard;
  readonly hives: readonly Colony[];
}

/** Boxes of a hive. */
export const boxesOf = ({ boxes }: Book, colony: Colony): Box[] =>
  boxes.filter((box) => box.content.colonyId === colony.entityId);

const DOUBT = { suspect: 0, unknown: 1, sound: 2 } as const;

function before(book: Book, order: HiveOrder): (a: Colony, b: Colony) => number {
  switch (order) {
    case 'name':
      return () => 0;
    case 'doubt':
      return (a, b) => DOUBT[a.content.health] - DOUBT[b.content.health];
    case 'boxes':
      return (a, b) => boxesOf(book, b).length - boxesOf(book, a).length;
  }
}

/**
 * Yards with their hives; of a search those yards and hives whose name or box holds every word of it.
 * Hives come by name in the book, and stay so where the order says nothing else.
 */
export function hivesByYard(
  book: Book,
  { find, order }: { readonly find: string; readonly order: HiveOrder },
): YardHives[] {
  const holds = (texts: readonly string[]): boolean => holdsWords(texts, find);
  return book.yards
    .map((yard) => ({
      yard,
      hives: book.colonies
        .filter((colony) => colony.content.yardId === yard.entityId)
        .filter((colony) =>
          holds([
            yard.content.name,
            colony.content.name,
            ...boxesOf(book, colony).map((box) => box.content.label),
          ]),
        )
        .sort(before(book, order)),
    }))
    .filter(({ yard, hives }) => hives.length > 0 || holds([yard.content.name]));
}
