import { requireFinite } from '../../errors';
import { ruleOnLot, type Ruling } from '../engine';
import type { CombEvidence, LotEvidence } from '../evidence';
import { whatOneReadingSettles } from '../oneReading';
import { isAccepted } from '../outcome';

/** Evidence that can still be had, cheapest first. */
export const NEXT_EVIDENCES = ['taste', 'look', 'shake', 'reading'] as const;
export type NextEvidenceId = (typeof NEXT_EVIDENCES)[number];

/** The cheapest evidence that could change a ruling. */
export interface NextEvidence {
  readonly id: NextEvidenceId;
  /** chance that it settles moisture against the limit [1]; null where that cannot be said */
  readonly settlesWith: number | null;
}

const WELL_CAPPED: CombEvidence = { cappedShare: 1, shake: 'nothing-fell' };

function changes(evidence: LotEvidence, ruling: Ruling, change: Partial<LotEvidence>): boolean {
  return ruleOnLot({ ...evidence, ...change }).outcome !== ruling.outcome;
}

function couldChange(id: NextEvidenceId, evidence: LotEvidence, ruling: Ruling): boolean {
  const { comb, circumstances } = evidence;
  switch (id) {
    case 'taste':
      return (
        circumstances?.taint === 'not-tasted' &&
        changes(evidence, ruling, { circumstances: { ...circumstances, taint: 'tainted' } })
      );
    case 'look':
      return comb === null && changes(evidence, ruling, { comb: WELL_CAPPED });
    case 'shake':
      return (
        comb?.shake === 'not-done' &&
        comb.states === undefined &&
        (['nothing-fell', 'drops'] as const).some((shake) =>
          changes(evidence, ruling, { comb: { ...comb, shake } }),
        )
      );
    case 'reading':
      return true;
  }
}

/**
 * The cheapest evidence that could change the ruling on a lot that was not measured: what costs
 * nothing first, a reading last. Null for a lot with readings, or one that no evidence saves.
 *
 * @throws DomainError as `ruleOnLot`
 * @source computed from the rules; order of effort: common practice, no source
 */
export function cheapestEvidence(evidence: LotEvidence, ruling: Ruling): NextEvidence | null {
  requireFinite({ evidence }, 'cheapestEvidence');
  const isSettled = ruling.outcome === 'reject' || ruling.outcome === 'divert';
  if (ruling.belief.basis === 'readings' || isSettled) return null;
  const id = NEXT_EVIDENCES.find((value) => couldChange(value, evidence, ruling)) ?? 'reading';
  const { settlesWith } = whatOneReadingSettles(evidence, ruling.belief);
  if (isAccepted(ruling.outcome) && id !== 'reading') return { id: 'reading', settlesWith };
  return { id, settlesWith: id === 'reading' ? settlesWith : null };
}
