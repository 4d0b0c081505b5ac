import { FERMENTING_FAULTS } from '../quality/senses';
import { NO_CIRCUMSTANCES } from './circumstances';
import type { LotEvidence } from './evidence';

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
export function blocksOf(evidence: LotEvidence): string[] {
  const { circumstances = NO_CIRCUMSTANCES, treatedFrames = [], inherited = [], senses } = evidence;
  const { nectar, residues, treated, taint } = circumstances;
  const found: string[] = [];
  if (nectar === 'toxic') found.push('Nectar of a toxic plant is in it');
  if (nectar === 'doubtful') {
    found.push(
      'The nectar is doubtful: until a laboratory or the local advisory service clears it, it counts as toxic',
    );
  }
  if (residues.includes('drug')) found.push('It met a drug or treatment');
  if (takenTooSoon(evidence) && treated) {
    found.push(`It was taken within the waiting time of ${treated.product}`);
  }
  if (circumstances.outsideBoxes === 'given') {
    found.push('Boxes of hives that are not in the book were on while those were treated or fed');
  }
  for (const { from, because } of treatedFrames) {
    found.push(`Frames of ${from}: ${because.replace(/\.+$/, '')}`);
  }
  if (residues.includes('repellent') || taint === 'tainted') {
    found.push('It is tainted with a repellent');
  } else if (senses?.faults.includes('repellent')) {
    found.push('It smells or tastes of a repellent');
  }
  if (residues.includes('moth-chemical')) found.push('Its combs were stored with moth chemicals');
  for (const { lotCode, because } of inherited) {
    found.push(`Lot ${lotCode} was blended into it, and that one is blocked (${because})`);
  }
  return found;
}

/** Whether any sign says that it ferments. */
export function ferments({ signs, senses }: LotEvidence): boolean {
  const smelt = senses?.faults.some((one) => FERMENTING_FAULTS.includes(one)) ?? false;
  return signs.length > 0 || smelt || senses?.foam === 'comes-back';
}

/** HMF of a lot [mg/kg]: the laboratory's, else the upper end of the estimate; null for neither. */
export function highestHmf({ laboratory, heat }: LotEvidence): number | null {
  return laboratory?.values.hmfMgPerKg?.value ?? heat?.hmf.high ?? null;
}
