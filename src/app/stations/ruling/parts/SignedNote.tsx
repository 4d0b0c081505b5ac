import type { ReactElement } from 'react';
import type { Outcome } from '../../../../core';
import { isRulingOutdated, type LotFile } from '../../../../model';
import { formatMoment } from '../../../format/dates';
import { OUTCOME_NAMES } from '../../../format/moisture';
import { useMeters } from '../../../data/useWorkspaceModel';
import { rulingWords } from '../../../words/english/ruling';

/** What was signed last, and whether it still rests on the evidence at hand. */
export function SignedNote({
  file,
  outcome,
}: {
  file: LotFile;
  outcome: Outcome;
}): ReactElement | null {
  const meters = useMeters();
  const { ruling } = file;
  if (!ruling) return null;
  const { content } = ruling;
  return (
    <div className="mt-4 border-l-4 border-lavender-mid pl-3 text-base">
      <p>
        {rulingWords.signedByHeading()} <strong>{content.initials}</strong>,{' '}
        {formatMoment(ruling.recordedAt)}: <strong>{OUTCOME_NAMES[content.outcome]}</strong>
        {content.overrideReason === ''
          ? ''
          : rulingWords.againstTheRules({ overrideReason: content.overrideReason })}
      </p>
      {isRulingOutdated(file, meters, outcome) && (
        <p className="mt-1 font-semibold">{rulingWords.theEvidenceHasChangedSince()}</p>
      )}
    </div>
  );
}
