import type { ReactElement } from 'react';
import type { ComponentId } from '../../../../core';
import type { Answer } from '../useLot';
import { PlainTable } from '../../../ui/PlainTable';
import { DossierPart } from './DossierPart';

const COMPONENT_NAMES: Readonly<Record<ComponentId, string>> = {
  repeatability: 'Reader, from reading to reading',
  resolution: 'Division of the dial',
  temperature: 'Temperature of prism and honey',
  calibration: 'Zero of the meter',
  relation: 'Relation between index and moisture',
  spot: 'From spot to spot in a vessel',
  'between-vessels': 'Vessels not tested',
};

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
      COMPONENT_NAMES[one.id],
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
