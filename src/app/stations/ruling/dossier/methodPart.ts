import { COMPONENTS } from '../../../words/reading';
import type { PaperPart } from '../../../pdf/content';
import { text, type DossierSources } from './dossierSources';

const EXPECTATION =
  'The expectation comes from the state of the comb alone (common practice, no source). It is no statement of conformity.';

const RECKONED =
  'Moisture reckoned by conservation of water from the measured containers that were blended. It is no measurement.';

const METHOD =
  'Moisture by refractometry, referred to 20 °C: Wedmore (1955) after Chataway (1932), as in AOAC 969.38, recalled from memory. The measurand is moisture by refractometry; Karl Fischer titration may differ by some tenths.';

/** How the figure was made, and what it may be off by, part by part. */
export function methodPart({ answer }: DossierSources): PaperPart {
  const { measured, basis } = answer.ruling.belief;
  if (!measured) {
    return { title: 'Method', blocks: [text(basis === 'blend' ? RECKONED : EXPECTATION)] };
  }
  const { standard, coverageFactor, expanded, degreesOfFreedom } = measured.uncertainty;
  const freedom = Number.isFinite(degreesOfFreedom) ? degreesOfFreedom.toFixed(0) : 'infinite';
  return {
    title: 'Method and uncertainty',
    blocks: [
      text(METHOD),
      {
        as: 'table',
        label: 'Uncertainty budget',
        head: ['Part', 'Standard uncertainty', 'Share of the variance'],
        rows: measured.components
          .filter((one) => one.standard > 0)
          .map((one) => [
            COMPONENTS[one.id].name,
            `${one.standard.toFixed(3)} %`,
            `${Math.round(one.share * 100)} %`,
          ]),
        shares: [0.5, 0.25, 0.25],
      },
      text(
        `Combined u = ${standard.toFixed(3)} %, effective degrees of freedom ${freedom}, k = ${coverageFactor.toFixed(2)}, expanded U = ${expanded.toFixed(2)} % (95 %; JCGM 100:2008, recalled from memory).`,
      ),
    ],
  };
}
