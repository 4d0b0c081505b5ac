import type { Workspace } from '../db';
import type { Act } from './actsSlice';

/** What this tab can undo and redo; kept over a reload. */
export interface UndoMemory {
  readonly undo: readonly Act[];
  readonly redo: readonly Act[];
}

const EMPTY: UndoMemory = { undo: [], redo: [] };

const storageKey = (workspace: Workspace): string => `ripenum-acts-${workspace}`;

/** Steps that are kept over a reload; an act of more (a season brought in) is undone before it. */
const MOST_STEPS = 5000;

/** The acts that are small enough to be kept, the latest of each list at its end. */
function keepable(acts: readonly Act[]): readonly Act[] {
  const tooLarge = acts.findLastIndex((act) => act.steps.length > MOST_STEPS);
  return acts.slice(tooLarge + 1);
}

export function saveActs(workspace: Workspace, { undo, redo }: UndoMemory): void {
  const memory = { undo: keepable(undo), redo: keepable(redo) };
  try {
    sessionStorage.setItem(storageKey(workspace), JSON.stringify(memory));
  } catch {
    // no room in this tab: undo works until the page is loaded again
    sessionStorage.removeItem(storageKey(workspace));
  }
}

export function loadActs(workspace: Workspace): UndoMemory {
  const text = sessionStorage.getItem(storageKey(workspace));
  return text === null ? EMPTY : (JSON.parse(text) as UndoMemory);
}
