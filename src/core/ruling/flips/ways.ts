import { isUnreliable, limitPercent, type LotEvidence } from '../evidence';
import { HMF_HARMS_BEES } from '../../heat/heatBudget';
import { blocksOf, ferments, highestHmf } from '../blocks';
import type { Belief } from '../belief';
import { NO_CIRCUMSTANCES } from '../circumstances';
import { percent } from '../say';

/** What can be done with honey that does not go into the jar as it is. */
export const WAY_IDS = ['dry', 'blend', 'feed-back', 'cooking', 'brewing', 'bakers'] as const;
export type WayId = (typeof WAY_IDS)[number];

/** A way, whether it is open, and why. */
export interface Way {
  readonly id: WayId;
  readonly open: boolean;
  /** one sentence */
  readonly because: string;
}

type Verdict = Omit<Way, 'id'>;
const yes = (because: string): Verdict => ({ open: true, because });
const no = (because: string): Verdict => ({ open: false, because });

/** Whether the honey can still be dried: gel and crystals do not. */
export function canBeDried({ honeyKind, circumstances, readings }: LotEvidence): boolean {
  const isSet = circumstances?.setState === 'set' || circumstances?.setState === 'creamed';
  const crystals = readings.length > 0 && readings.every(isUnreliable);
  return honeyKind !== 'heather' && !isSet && !crystals;
}

function drying(evidence: LotEvidence): Verdict {
  if (ferments(evidence)) return no('It ferments: drying does not undo that.');
  if (evidence.honeyKind === 'heather')
    return no('Gelled heather does not dry as other honey does.');
  if (!canBeDried(evidence)) return no('Set honey does not dry; liquefy it gently first.');
  return yes(
    'In the warm room while in the comb, else in a drying tank; measure again afterwards.',
  );
}

/** Share of drier honey needed to bring a wet lot to a moisture [1]; null where it never gets there. */
export function shareNeeded(wetPercent: number, dryPercent: number, toPercent: number) {
  return dryPercent < toPercent && wetPercent > toPercent
    ? (wetPercent - toPercent) / (wetPercent - dryPercent)
    : null;
}

function blending(evidence: LotEvidence, belief: Belief): Verdict {
  if (ferments(evidence)) return no('Fermenting honey would spoil what it is blended with.');
  const { drierStock, targetPercent } = evidence;
  if (!drierStock) return no('No drier honey of its kind is in the store.');
  const to = Math.min(targetPercent, limitPercent(evidence));
  const share = shareNeeded(belief.mean, drierStock.moisturePercent, to);
  if (share === null)
    return no(`The drier honey in the store does not bring it to ${percent(to)}.`);
  return yes(
    `With drier honey from the store: about ${Math.round(100 * share)} parts in 100 of ${percent(drierStock.moisturePercent)} bring the mean to ${percent(to)}; plan it with the guard band under Store, Blend.`,
  );
}

function feedingBack(evidence: LotEvidence): Verdict {
  const { circumstances = NO_CIRCUMSTANCES } = evidence;
  if (ferments(evidence)) return no('Fermented honey harms bees.');
  const hmf = highestHmf(evidence);
  if (hmf !== null && hmf > HMF_HARMS_BEES) {
    return no(`HMF may be up to ${hmf.toFixed(0)} mg/kg: overheated honey harms bees.`);
  }
  if ((evidence.suspectHives ?? []).length > 0) {
    return no('A hive it came from is marked as suspect: feeding it back can spread foulbrood.');
  }
  return circumstances.sourceHealth === 'healthy'
    ? yes('To its own healthy colony, without robbing.')
    : no(
        circumstances.sourceHealth === 'diseased'
          ? 'Honey of a diseased colony spreads foulbrood.'
          : 'The health of its colonies is not known: feeding it back can spread foulbrood.',
      );
}

function forBaking(evidence: LotEvidence, belief: Belief): Verdict {
  const limit = evidence.ruleSet.bakersLimitPercent?.[evidence.honeyKind];
  if (limit === undefined) return no(`${evidence.ruleSet.name} knows no baker’s honey.`);
  return belief.mean <= limit
    ? yes(`Up to ${percent(limit)} this rule set knows it, labelled for cooking only.`)
    : no(`Over ${percent(limit)}, the limit of baker’s honey in this rule set.`);
}

function verdict(id: WayId, evidence: LotEvidence, belief: Belief): Verdict {
  switch (id) {
    case 'dry':
      return drying(evidence);
    case 'blend':
      return blending(evidence, belief);
    case 'feed-back':
      return feedingBack(evidence);
    case 'cooking':
      return yes('In the own kitchen, heated at once in an open pot.');
    case 'brewing':
      return ferments(evidence)
        ? yes('Under way already: in a vessel with an airlock, never closed.')
        : yes('Mead and vinegar take wet honey.');
    case 'bakers':
      return forBaking(evidence, belief);
  }
}

/**
 * What can be done with a lot besides the jar, each way open or closed with its reason. What is
 * blocked for every use has no way open. Syrup is not honey: it goes back to its bees or nowhere.
 *
 * @source common practice, no source; local rules decide
 */
export function waysOf(evidence: LotEvidence, belief: Belief): Way[] {
  const [block] = blocksOf(evidence);
  if (block !== undefined) {
    return WAY_IDS.map((id) => ({ id, ...no(`${block}: blocked for every use.`) }));
  }
  const isSyrup = evidence.circumstances?.residues.includes('syrup') ?? false;
  return WAY_IDS.map((id) => {
    const closed = isSyrup && id !== 'feed-back';
    return {
      id,
      ...(closed ? no('It may hold syrup: not honey.') : verdict(id, evidence, belief)),
    };
  });
}
