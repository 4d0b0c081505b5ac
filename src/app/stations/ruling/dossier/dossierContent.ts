import type { PaperContent } from '../../../pdf/content';
import type { DossierSources } from './dossierSources';
import { relatedPart } from './relatedPart';
import { evidencePart } from './evidencePart';
import { cautionsPart, reasonsPart, signaturePart, waysPart } from './rulingParts';
import { methodPart } from './methodPart';
import { headOf } from './headContent';
import { partiesPart } from './partiesPart';
import { parentsPart } from './parentsPart';

/** Everything that a dossier says: decision, evidence, method, history, reasons, cautions, signature. */
export function dossierContent(sources: DossierSources): PaperContent {
  const parts = [
    evidencePart(sources),
    parentsPart(sources),
    methodPart(sources),
    relatedPart(sources),
    reasonsPart(sources),
    waysPart(sources),
    cautionsPart(sources),
    signaturePart(sources),
    partiesPart(sources),
  ];
  return { head: headOf(sources), parts: parts.filter((part) => part.blocks.length > 0) };
}
