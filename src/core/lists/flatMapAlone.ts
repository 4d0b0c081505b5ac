import { DomainError } from '../errors';

/**
 * What a computation gives for each item, one after the other. An item that it cannot take gives
 * nothing, and does not take the others with it; whoever lists the items says so of that one.
 *
 * @throws whatever else than a `DomainError` the computation throws
 */
export function flatMapAlone<T, U>(items: readonly T[], of: (item: T) => readonly U[]): U[] {
  return items.flatMap((item) => {
    try {
      return of(item);
    } catch (error) {
      if (error instanceof DomainError) return [];
      throw error;
    }
  });
}
