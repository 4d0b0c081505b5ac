import type { ReactElement } from 'react';
import { LOCAL_LAW_DECIDES, RULES_VERSION, sourceWords, type Ruling } from '../../../../core';
import { isRulingOutdated, type LotFile } from '../../../../records';
import { useMeters } from '../../../data/useMeters';
import { dayAfterMonths, formatDay, formatMoment } from '../../../format/dates';
import { OUTCOME_NAMES } from '../../../format/moisture';
import type { Answer } from '../../../lot/useLot';
import { DossierPart } from './DossierPart';

/** Every finding, numbered, with rule and source. */
export function DossierReasons({ ruling }: { ruling: Ruling }): ReactElement {
  return (
    <DossierPart title={`Reasons (rules version ${RULES_VERSION})`}>
      <ol className="list-decimal space-y-1 pl-6">
        {ruling.findings.map((one, at) => (
          <li key={`${one.ruleId}-${at}`}>
            {one.sentence}{' '}
            <em>
              {one.title}; {sourceWords(one.source)}
            </em>
          </li>
        ))}
      </ol>
    </DossierPart>
  );
}

/** What was not tested; always something, since this is no laboratory. */
function untested({ ruling, evidence }: Answer): string {
  const values = evidence.laboratory?.values ?? {};
  const parts = [
    ruling.belief.basis === 'readings' ? '' : 'moisture',
    values.yeastPerG ? '' : 'yeast count',
    values.hmfMgPerKg ? '' : 'HMF',
    values.diastaseSchade ? '' : 'diastase',
    'residues',
    typeof evidence.flower?.pollenPercent === 'number' ? '' : 'pollen',
  ];
  return parts.filter((one) => one !== '').join(', ');
}

interface DossierCautionsProps {
  file: LotFile;
  answer: Answer;
}

/** Who decides, what was not tested, and when to look again. */
export function DossierCautions({ file, answer }: DossierCautionsProps): ReactElement {
  const { ruling, evidence } = answer;
  const since = file.ruling?.recordedAt.slice(0, 10) ?? file.lot.content.date;
  return (
    <DossierPart title="To be read with it">
      <ul className="list-disc space-y-1 pl-6">
        <li>
          Limits: {evidence.ruleSet.name}, {evidence.ruleSet.edition}. {LOCAL_LAW_DECIDES}
        </li>
        <li>
          Check the honey again by {formatDay(dayAfterMonths(since, ruling.checkAgainMonths))}.
        </li>
        <li>Not tested: {untested(answer)}.</li>
        <li>No honey for infants under 12 months.</li>
        <li>This page documents; an inspector or a licensed laboratory decides and certifies.</li>
      </ul>
    </DossierPart>
  );
}

/** The signature with its history. */
export function DossierSignature({ file }: { file: LotFile }): ReactElement {
  const meters = useMeters();
  const { ruling } = file;
  return (
    <DossierPart title="Signature">
      {ruling ? (
        <>
          <p className="text-lg">
            <strong>{OUTCOME_NAMES[ruling.content.outcome]}</strong>, signed{' '}
            <strong>{ruling.content.initials}</strong>, {formatMoment(ruling.recordedAt)}
          </p>
          {ruling.content.overrideReason !== '' && (
            <p>
              Otherwise than the rules (
              {OUTCOME_NAMES[ruling.content.proposedOutcome].toLowerCase()}):{' '}
              {ruling.content.overrideReason}
            </p>
          )}
          {ruling.content.remark !== '' && <p>{ruling.content.remark}</p>}
          {isRulingOutdated(file, meters) && (
            <p className="font-bold">The evidence above has changed since this was signed.</p>
          )}
        </>
      ) : (
        <p>Not signed yet.</p>
      )}
    </DossierPart>
  );
}
