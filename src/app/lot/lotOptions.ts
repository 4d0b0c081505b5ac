import type { LotFile } from '../../model';
import { lotWords } from '../words/english/lot';

/** All lots for a list to choose from, with none first. */
export function lotOptions(files: readonly LotFile[]): { value: string; label: string }[] {
  const lots = files.map(({ lot }) => ({
    value: lot.entityId,
    label: lot.content.name || lot.content.code,
  }));
  return [{ value: '', label: lotWords.noLotYet() }, ...lots];
}
