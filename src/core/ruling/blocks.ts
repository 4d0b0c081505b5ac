import { FERMENTING_FAULTS } from '../quality/senses';
import { NO_CIRCUMSTANCES } from './circumstances';
import type { LotEvidence } from './evidence';
import { type Message, say } from '../message/message';

/** Whether honey was extracted before the label's waiting time was over. */
export function takenTooSoon({ circumstances, takenDay }: LotEvidence): boolean {
  const treated = circumstances?.treated;
  return treated !== null && treated !== undefined && (takenDay ?? -Infinity) < treated.freeFromDay;
}

/**
 * Why a lot is blocked for every use, blending, cooking, brewing and feeding back included; heat and
 * fermentation destroy none of it. Empty where nothing blocks.
 *
 * @source common practice, no source; the label, local rules and licensed people decide
 */
export function blocksOf(evidence: LotEvidence): Message[] {
  const { circumstances = NO_CIRCUMSTANCES, treatedFrames = [], inherited = [], senses } = evidence;
  const { nectar, residues, treated, taint } = circumstances;
  const found: Message[] = [];
  if (nectar === 'toxic') found.push(say('rules.itContainsNectarOfA'));
  if (nectar === 'doubtful') {
    found.push(say('rules.theNectarIsDoubtfulUntil'));
  }
  if (residues.includes('drug')) found.push(say('rules.itCameIntoContactWith'));
  if (takenTooSoon(evidence) && treated) {
    found.push(say('rules.itWasTakenWithinThe', { product: treated.product }));
  }
  if (circumstances.outsideBoxes === 'given') {
    found.push(say('rules.boxesOfHivesThatAre'));
  }
  for (const { from, because } of treatedFrames) {
    found.push(say('rules.framesOf', { from: from ?? say('rules.anUnknownHive'), because }));
  }
  if (residues.includes('repellent') || taint === 'tainted') {
    found.push(say('rules.itIsTaintedWithA'));
  } else if (senses?.faults.includes('repellent')) {
    found.push(say('rules.itSmellsOrTastesOf'));
  }
  if (residues.includes('moth-chemical')) found.push(say('rules.itsCombsWereStoredWith'));
  if (residues.includes('broken-glass')) found.push(say('rules.glassBrokeNearIt'));
  for (const { lotCode, because } of inherited) {
    found.push(say('rules.lotWasBlendedIntoIt', { lotCode, because }));
  }
  return found;
}

/** Whether any sign says that it ferments. */
export function ferments({ signs, senses }: LotEvidence): boolean {
  const smelt = senses?.faults.some((fault) => FERMENTING_FAULTS.includes(fault)) ?? false;
  return signs.length > 0 || smelt || senses?.foam === 'comes-back';
}

/** HMF of a lot [mg/kg]: the laboratory's, else the upper end of the estimate; null for neither. */
export function highestHmf({ laboratory, heat }: LotEvidence): number | null {
  return laboratory?.values.hmfMgPerKg?.value ?? heat?.hmf.high ?? null;
}
