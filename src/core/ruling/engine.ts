import { requireFinite } from '../errors';
import { conformityProbability } from '../conformity/conformity';
import type { FermentationClass } from '../fermentation/lochhead';
import { checkAgainMonths } from '../fermentation/storage';
import { beliefOf, type Belief } from './belief';
import { limitPercent, type LotEvidence } from './evidence';
import { isAccepted, mostSevere, OUTCOMES, type Outcome } from './outcome';
import type { Bearing, Finding, NextStep, Rule, RuleContext } from './rule';
import { anyVesselOver } from './vesselMoistures';
import { waysOf, type Way } from './flips/ways';
import { blendInstead } from './rules/blendInstead';
import {
  blockedForEveryUse,
  broodInFrames,
  lastFlow,
  sourceColony,
  syrupInComb,
  taintCheck,
  wetEquipment,
} from './rules/circumstances';
import { clearedFrames } from './rules/clearedFrames';

import { combAgainstMeter, notMeasured, ripeByComb } from './rules/combRules';
import { fermentationRisk, lotFermentationClass, storageTemperature } from './rules/fermentation';
import { colourOfLot, dryingHistory, finestMesh, setHoney } from './rules/handling';
import { heatSpentRule } from './rules/heatBudget';
import { moistureAgainstLimit } from './rules/moistureLimit';
import { moistureAgainstTarget } from './rules/moistureTarget';
import { earlierReadings } from './rules/earlierReadings';
import { flowerName, laboratoryLimits, sensesAndPurity } from './rules/laboratory';
import { laboratoryWater } from './rules/laboratoryWater';
import { unaskedBoxes, unknownReferences, unsettledRivals } from './rules/openQuestions';
import {
  heatherGel,
  meterChecked,
  readingQuality,
  unreadableReadings,
  unreliableSamples,
  zeroJumped,
} from './rules/readingQuality';
import { samplingPlan } from './rules/samplingPlan';
import { setAsideRecords } from './rules/setAsideRecords';
import { signsOfFermentation } from './rules/signs';
import { computedBlend } from './rules/computedBlend';
import { spreadOfVessels } from './rules/spread';
import {
  chanceOfAnyVessel,
  layeredVessel,
  suspectVessels,
  untestedVessels,
  vesselApart,
} from './rules/vesselApart';

/** Version of the rules; goes with every signed ruling. Raise it when any rule's result changes. */
export const RULES_VERSION = '7';

/** All rules, in the order in which equal findings are listed. */
export const RULES: readonly Rule[] = [
  blockedForEveryUse,
  unaskedBoxes,
  setAsideRecords,
  unsettledRivals,
  unknownReferences,
  signsOfFermentation,
  syrupInComb,
  broodInFrames,
  heatSpentRule,
  laboratoryLimits,
  sensesAndPurity,
  moistureAgainstLimit,
  laboratoryWater,
  earlierReadings,
  blendInstead,
  vesselApart,
  chanceOfAnyVessel,
  spreadOfVessels,
  suspectVessels,
  wetEquipment,
  taintCheck,
  dryingHistory,
  unreliableSamples,
  unreadableReadings,
  zeroJumped,
  samplingPlan,
  moistureAgainstTarget,
  computedBlend,
  ripeByComb,
  notMeasured,
  clearedFrames,
  fermentationRisk,
  storageTemperature,
  layeredVessel,
  untestedVessels,
  combAgainstMeter,
  readingQuality,
  meterChecked,
  lastFlow,
  flowerName,
  colourOfLot,
  setHoney,
  sourceColony,
  finestMesh,
  heatherGel,
];

const BEARING_ORDER: readonly Bearing[] = [...OUTCOMES, 'condition', 'note'];

/** The decision on a lot with everything it rests on. */
export interface Ruling {
  readonly outcome: Outcome;
  /** accepted by capping only, without a reading */
  readonly byCapping: boolean;
  readonly belief: Belief;
  readonly limitPercent: number;
  /** probability that the lot is over the limit [1] */
  readonly overProbability: number;
  /** chance that any of several vessels is over the limit [1]; null where it is one, or not measured */
  readonly anyOverProbability: number | null;
  /** of a lot left open: what would settle it, the first of the findings; null for any other outcome */
  readonly nextStep: NextStep | null;
  readonly fermentation: FermentationClass;
  /** look at the honey again after so many months */
  readonly checkAgainMonths: number;
  /** what else can be done with it, open or closed */
  readonly ways: readonly Way[];
  /** most severe first, then conditions, then notes */
  readonly findings: readonly Finding[];
}

function findingsOf(rule: Rule, context: RuleContext): Finding[] {
  const { id, title, source } = rule;
  return rule.find(context).map((found) => ({ ...found, ruleId: id, title, source }));
}

function isOutcome(bearing: Bearing): bearing is Outcome {
  return bearing !== 'condition' && bearing !== 'note';
}

/** Bearings of `findings` that are outcomes. */
function outcomesOf(findings: readonly Finding[]): Outcome[] {
  return findings.map((finding) => finding.bearing).filter(isOutcome);
}

/** The most severe finding; acceptance with a condition beside it is acceptance on conditions. */
function outcomeOf(findings: readonly Finding[]): Outcome {
  const outcome = mostSevere(outcomesOf(findings));
  const isConditional = findings.some((finding) => finding.bearing === 'condition');
  return outcome === 'accept' && isConditional ? 'conditions' : outcome;
}

/** What would settle a lot that is left open: what the first finding says that leaves it so. */
function nextStepOf(outcome: Outcome, findings: readonly Finding[]): NextStep | null {
  if (outcome !== 'measure') return null;
  return findings.find((finding) => finding.bearing === 'measure')?.step ?? 'read';
}

/**
 * The ruling on a lot from all its evidence.
 *
 * Every rule looks at the evidence; the most severe finding decides; none hides another.
 *
 * @param evidence - everything known
 * @returns outcome, belief about the moisture, and all findings in order of severity
 * @throws DomainError as the parts of the core for evidence out of their ranges
 * @source each finding names its own
 */
export function ruleOnLot(evidence: LotEvidence): Ruling {
  requireFinite({ evidence }, 'ruleOnLot');
  const belief = beliefOf(evidence);
  const context: RuleContext = { evidence, belief };
  const findings = RULES.flatMap((rule) => findingsOf(rule, context)).sort(
    (a, b) => BEARING_ORDER.indexOf(a.bearing) - BEARING_ORDER.indexOf(b.bearing),
  );
  const outcome = outcomeOf(findings);
  const limit = limitPercent(evidence);
  const fermentation = lotFermentationClass(evidence, belief);
  return {
    outcome,
    byCapping: isAccepted(outcome) && belief.basis === 'comb',
    belief,
    limitPercent: limit,
    overProbability: 1 - conformityProbability(belief, limit),
    anyOverProbability: anyVesselOver(evidence, belief),
    nextStep: nextStepOf(outcome, findings),
    fermentation,
    checkAgainMonths: checkAgainMonths(fermentation.id, evidence.storageTemperatureC),
    ways: waysOf(evidence, belief),
    findings,
  };
}
