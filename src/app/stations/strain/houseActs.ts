import { NO_CIRCUMSTANCES } from '../../../core';
import type { LotFile } from '../../../model';
import {
  entryRevision,
  type AnyRecord,
  type CircumstancesContent,
  type HouseLogContent,
  type Scribe,
} from '../../../records';

const NOTHING_SAID: CircumstancesContent = {
  ...NO_CIRCUMSTANCES,
  residues: [],
  treated: null,
  remark: '',
};

/** Lots that stood open where glass broke are held: what is known of each says so from now on. */
export function heldLots(
  scribe: Scribe,
  { what, lotIds }: HouseLogContent,
  files: readonly LotFile[],
): AnyRecord[] {
  if (what !== 'glass') return [];
  return files
    .filter(({ lot }) => lotIds.includes(lot.entityId))
    .flatMap(({ lot, circumstances: former }) => {
      const said: CircumstancesContent = former?.content ?? NOTHING_SAID;
      if (said.residues.includes('broken-glass')) return [];
      const content = { ...said, residues: [...said.residues, 'broken-glass' as const] };
      return [
        entryRevision(scribe, { kind: 'circumstances', former, ownerId: lot.entityId }, content),
      ];
    });
}
