import type { ReactElement } from 'react';
import type { Answer } from '../../../lot/useLot';
import { COMPONENTS } from '../../../format/reading';
import { PlainTable } from '../../../ui/PlainTable';
import { DossierPart } from './DossierPart';

const EXPECTATION =
  'The expectation comes from the state of the comb alone (common practice, no source). It is no statement of conformity.';

const METHOD =
  'Moisture by refractometry, referred to 20 °C: Wedmore (1955) after Chataway (1932), as in AOAC 969.38, recalled from memory. The measurand is moisture by refractometry; Karl Fischer titration may differ by some tenths.';

/** How the figure was made, and what it may be off by, part by part. */
export function DossierMethod({ answer }: { answer: Answer }): ReactElement {
  const { measured } = answer.ruling.belief;
  if (!measured) {
    return (
      <DossierPart title="Method">
        <p>{EXPECTATION}</p>
      </DossierPart>
    );
  }
  const { standard, coverageFactor, expanded, degreesOfFreedom } = measured.uncertainty;
  const rows = measured.components
    .filter((one) => one.standard > 0)
    .map((one) => [
      COMPONENTS[one.id].name,
      `${one.standard.toFixed(3)} %`,
      `${Math.round(one.share * 100)} %`,
    ]);
  const freedom = Number.isFinite(degreesOfFreedom) ? degreesOfFreedom.toFixed(0) : 'infinite';
  return (
    <DossierPart title="Method and uncertainty">
      <p>{METHOD}</p>
      <div className="mt-2">
        <PlainTable
          label="Uncertainty budget"
          head={['Part', 'Standard uncertainty', 'Share of the variance']}
          rows={rows}
        />
      </div>
      <p className="mt-2">
        Combined u = {standard.toFixed(3)} %, effective degrees of freedom {freedom}, k ={' '}
        {coverageFactor.toFixed(2)}, expanded U = {expanded.toFixed(2)} % (95 %; JCGM 100:2008,
        recalled from memory).
      </p>
    </DossierPart>
  );
}
