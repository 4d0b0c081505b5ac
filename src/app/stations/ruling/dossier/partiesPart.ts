import type { PaperPart } from '../../../pdf/content';
import { dossierWords } from '../../../words/english/dossier';
import type { DossierSources } from './dossierSources';

/** Who hands the honey over and who takes it, with room to sign by hand. */
export function partiesPart({ parties: { producer, buyer } }: DossierSources): PaperPart {
  const line = '…'.repeat(20);
  return {
    title: dossierWords.handedOver(),
    blocks: [
      {
        as: 'table',
        label: dossierWords.handedOver(),
        head: [
          dossierWords.party(),
          dossierWords.nameAndAddress(),
          dossierWords.dateAndSignature(),
        ],
        rows: [
          [dossierWords.producer(), producer || line, line],
          [dossierWords.buyer(), buyer || line, line],
        ],
        shares: [0.16, 0.42, 0.42],
      },
    ],
  };
}
