import { useMemo, useSyncExternalStore } from 'react';
import { watchBook, type Workspace } from '../../db';
import { bookOf, type Book } from '../../model';
import { selectWorkspace, useAppSelector } from '../../store';

/**
 * The book of a workspace, read once and kept up to date from then on, so that going from page to
 * page does not read thousands of hives anew.
 */
class BookWatch {
  private book: Book | undefined;
  private watching = false;
  private readonly listeners = new Set<() => void>();

  constructor(private readonly workspace: Workspace) {}

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    if (!this.watching) {
      this.watching = true;
      watchBook(this.workspace, (records) => {
        this.book = bookOf(records);
        this.listeners.forEach((one) => one());
      });
    }
    return () => this.listeners.delete(listener);
  };

  readonly snapshot = (): Book | undefined => this.book;
}

const watches = new Map<Workspace, BookWatch>();

function watchOf(workspace: Workspace): BookWatch {
  const known = watches.get(workspace);
  if (known) return known;
  const fresh = new BookWatch(workspace);
  watches.set(workspace, fresh);
  return fresh;
}

/** Places, hives, boxes, flows and days, up to date across tabs; undefined while loading. */
export function useBook(): Book | undefined {
  const workspace = useAppSelector(selectWorkspace);
  const watch = useMemo(() => watchOf(workspace), [workspace]);
  return useSyncExternalStore(watch.subscribe, watch.snapshot);
}
