import { isUnreliable, limitPercent, type LotEvidence } from '../evidence';
import { HMF_HARMS_BEES } from '../../heat/heatBudget';
import { blocksOf, ferments, highestHmf } from '../blocks';
import type { Belief } from '../belief';
import { NO_CIRCUMSTANCES } from '../circumstances';
import { type Message, percent, say } from '../../message/message';

/** What can be done with honey that does not go into the jar as it is. */
export const WAY_IDS = ['dry', 'blend', 'feed-back', 'cooking', 'brewing', 'bakers'] as const;
export type WayId = (typeof WAY_IDS)[number];

/** A way, whether it is open, and why. */
export interface Way {
  readonly id: WayId;
  readonly open: boolean;
  /** one sentence */
  readonly because: Message;
}

type Verdict = Omit<Way, 'id'>;
const yes = (because: Message): Verdict => ({ open: true, because });
const no = (because: Message): Verdict => ({ open: false, because });

/** Whether the honey can still be dried: gel and crystals do not. */
export function canBeDried({ honeyKind, circumstances, readings }: LotEvidence): boolean {
  const isSet = circumstances?.setState === 'set' || circumstances?.setState === 'creamed';
  const crystals = readings.length > 0 && readings.every(isUnreliable);
  return honeyKind !== 'heather' && !isSet && !crystals;
}

function drying(evidence: LotEvidence): Verdict {
  if (ferments(evidence)) return no(say('flips.itFermentsDryingDoesNot'));
  if (evidence.honeyKind === 'heather') return no(say('flips.gelledHeatherDoesNotDry'));
  if (!canBeDried(evidence)) return no(say('flips.setHoneyDoesNotDry'));
  return yes(say('flips.inTheWarmRoomWhile'));
}

/** Share of drier honey needed to bring a wet lot to a moisture [1]; null where it never gets there. */
export function shareNeeded(wetPercent: number, dryPercent: number, toPercent: number) {
  return dryPercent < toPercent && wetPercent > toPercent
    ? (wetPercent - toPercent) / (wetPercent - dryPercent)
    : null;
}

function blending(evidence: LotEvidence, belief: Belief): Verdict {
  if (ferments(evidence)) return no(say('flips.fermentingHoneyWouldSpoilWhat'));
  const { drierStock, targetPercent } = evidence;
  if (!drierStock) return no(say('flips.thereIsNoDrierHoney'));
  const to = Math.min(targetPercent, limitPercent(evidence));
  const share = shareNeeded(belief.mean, drierStock.moisturePercent, to);
  if (share === null) return no(say('flips.theDrierHoneyInStore', { to: percent(to) }));
  return yes(
    say('flips.withAboutDrierHoneyFrom', {
      share: Math.round(100 * share),
      moisturePercent: percent(drierStock.moisturePercent),
      to: percent(to),
    }),
  );
}

function feedingBack(evidence: LotEvidence): Verdict {
  const { circumstances = NO_CIRCUMSTANCES } = evidence;
  if (ferments(evidence)) return no(say('flips.fermentedHoneyHarmsBees'));
  const hmf = highestHmf(evidence);
  if (hmf !== null && hmf > HMF_HARMS_BEES) {
    return no(say('flips.hmfMayBeUpTo', { hmf: hmf.toFixed(0) }));
  }
  if ((evidence.suspectHives ?? []).length > 0) {
    return no(say('flips.aHiveItCameFrom'));
  }
  return circumstances.sourceHealth === 'healthy'
    ? yes(say('flips.toItsOwnHealthyColony'))
    : no(
        circumstances.sourceHealth === 'diseased'
          ? say('flips.honeyOfADiseasedColony')
          : say('flips.theHealthOfItsColonies'),
      );
}

function forBaking(evidence: LotEvidence, belief: Belief): Verdict {
  const limit = evidence.ruleSet.bakersLimitPercent?.[evidence.honeyKind];
  if (limit === undefined)
    return no(say('flips.hasNoBakersGrade', { name: evidence.ruleSet.name }));
  return belief.mean <= limit
    ? yes(say('flips.thisRuleSetAllowsIt', { limit: percent(limit) }))
    : no(say('flips.overTheLimitOfBakers', { limit: percent(limit) }));
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
      return yes(say('flips.inYourOwnKitchenHeated'));
    case 'brewing':
      return ferments(evidence)
        ? yes(say('flips.alreadyUnderWayInA'))
        : yes(say('flips.meadAndVinegarTakeWet'));
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
    return WAY_IDS.map((id) => ({ id, ...no(say('flips.blockedForEveryUse', { block })) }));
  }
  const isSyrup = evidence.circumstances?.residues.includes('syrup') ?? false;
  return WAY_IDS.map((id) => {
    const closed = isSyrup && id !== 'feed-back';
    return {
      id,
      ...(closed ? no(say('flips.itMayContainSyrupSo')) : verdict(id, evidence, belief)),
    };
  });
}
