import { COMPONENTS } from '../../../words/reading';
import type { PaperPart } from '../../../pdf/content';
import { text, type DossierSources } from './dossierSources';
import { commonWords } from '../../../words/english/common';
import { dossierWords } from '../../../words/english/dossier';

const EXPECTATION = dossierWords.theExpectationComesFromThe();

const CALCULATED = dossierWords.moistureCalculatedByConservationOf();

const METHOD = dossierWords.moistureByRefractometryReferredTo();

/** How the figure was made, and what it may be off by, part by part. */
export function methodPart({ answer }: DossierSources): PaperPart {
  const { measured, basis } = answer.ruling.belief;
  if (!measured) {
    return {
      title: dossierWords.method(),
      blocks: [text(basis === 'blend' ? CALCULATED : EXPECTATION)],
    };
  }
  const { standard, coverageFactor, expanded, degreesOfFreedom } = measured.uncertainty;
  const freedom = Number.isFinite(degreesOfFreedom)
    ? degreesOfFreedom.toFixed(0)
    : dossierWords.infinite();
  return {
    title: dossierWords.methodAndUncertainty(),
    blocks: [
      text(METHOD),
      {
        as: 'table',
        label: dossierWords.uncertaintyBudget(),
        head: [
          commonWords.part(),
          dossierWords.standardUncertainty(),
          dossierWords.shareOfTheVariance(),
        ],
        rows: measured.components
          .filter((component) => component.standard > 0)
          .map((component) => [
            COMPONENTS[component.id].name,
            `${component.standard.toFixed(3)} %`,
            `${Math.round(component.share * 100)} %`,
          ]),
        shares: [0.5, 0.25, 0.25],
      },
      text(
        dossierWords.combinedUEffectiveDegreesOf({
          standard: standard.toFixed(3),
          freedom,
          coverageFactor: coverageFactor.toFixed(2),
          expanded: expanded.toFixed(2),
        }),
      ),
    ],
  };
}
