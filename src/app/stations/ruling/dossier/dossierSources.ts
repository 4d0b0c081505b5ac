import type { LotFile, LotHeat, Meters, RuledLot } from '../../../../model';
import type { Preferences } from '../../../../records';
import type { Answer } from '../../../lot/useLot';
import type { PaperBlock } from '../../../pdf/content';

/** What a dossier is made from. */
export interface DossierSources {
  readonly file: LotFile;
  readonly answer: Answer;
  readonly meters: Meters;
  readonly preferences: Preferences;
  readonly heat: LotHeat | null;
  /** lots that were blended into it, each with its own answer; none where it is no blend */
  readonly parents: readonly RuledLot[];
  readonly demo: boolean;
  /** as they are typed for this paper; empty where they are written by hand */
  readonly parties: { readonly producer: string; readonly buyer: string };
}

/** One paragraph. */
export const text = (said: string): PaperBlock => ({ as: 'text', text: said });
