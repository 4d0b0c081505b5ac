import type { Workspace } from '../db';
import type { Act } from './actsSlice';

/** What this tab can undo and redo; kept over a reload. */
export interface UndoMemory {
  readonly undo: readonly Act[];
  readonly redo: readonly Act[];
}

const EMPTY: UndoMemory = { undo: [], redo: [] };

const storageKey = (workspace: Workspace): string => `ripenum-acts-${workspace}`;

export function saveActs(workspace: Workspace, memory: UndoMemory): void {
  sessionStorage.setItem(storageKey(workspace), JSON.stringify(memory));
}

export function loadActs(workspace: Workspace): UndoMemory {
  const text = sessionStorage.getItem(storageKey(workspace));
  return text === null ? EMPTY : (JSON.parse(text) as UndoMemory);
}
