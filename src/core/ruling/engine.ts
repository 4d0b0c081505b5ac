import { conformityProbability } from '../conformity/conformity';
import type { FermentationClass } from '../fermentation/lochhead';
import { checkAgainMonths } from '../fermentation/storage';
import { beliefOf, type Belief } from './belief';
import { limitPercent, type LotEvidence } from './evidence';
import { isAccepted, mostSevere, OUTCOMES, type Outcome } from './outcome';
import type { Bearing, Finding, Phrasing, Rule, RuleContext } from './rule';
import { waysOf, type Way } from './ways';
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
import { flowerName, karlFischer, laboratoryLimits, sensesAndPurity } from './rules/laboratory';
import {
  heatherGel,
  meterChecked,
  readingQuality,
  unreliableSamples,
  zeroJumped,
} from './rules/readingQuality';
import { samplingPlan } from './rules/samplingPlan';
import { setAsideRecords } from './rules/setAsideRecords';
import { signsOfFermentation } from './rules/signs';
import { reckonedBlend } from './rules/reckonedBlend';
import { spreadOfVessels } from './rules/spread';
import { layeredVessel, suspectVessels, untestedVessels, vesselApart } from './rules/vesselApart';

/** Version of the rules; goes with every signed ruling. Raise it when any rule's result changes. */
export const RULES_VERSION = '5';

/** All rules, in the order in which equal findings are listed. */
export const RULES: readonly Rule[] = [
  blockedForEveryUse,
  setAsideRecords,
  signsOfFermentation,
  syrupInComb,
  broodInFrames,
  heatSpentRule,
  laboratoryLimits,
  sensesAndPurity,
  moistureAgainstLimit,
  blendInstead,
  vesselApart,
  spreadOfVessels,
  suspectVessels,
  wetEquipment,
  taintCheck,
  dryingHistory,
  unreliableSamples,
  zeroJumped,
  samplingPlan,
  moistureAgainstTarget,
  reckonedBlend,
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
  karlFischer,
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
  readonly fermentation: FermentationClass;
  /** look at the honey again after so many months */
  readonly checkAgainMonths: number;
  /** what else can be done with it, open or closed */
  readonly ways: readonly Way[];
  /** most severe first, then conditions, then notes */
  readonly findings: readonly Finding[];
}

/** Says temperatures in °C; the application passes its own. */
export const PLAIN_PHRASING: Phrasing = {
  temperature: (temperatureC) => `${temperatureC.toFixed(0)} °C`,
  day: (day) => `day ${day}`,
};

function findingsOf(rule: Rule, context: RuleContext): Finding[] {
  const { id, title, source } = rule;
  return rule.find(context).map((found) => ({ ...found, ruleId: id, title, source }));
}

function isOutcome(bearing: Bearing): bearing is Outcome {
  return bearing !== 'condition' && bearing !== 'note';
}

/** Bearings of `findings` that are outcomes. */
function outcomesOf(findings: readonly Finding[]): Outcome[] {
  return findings.map((one) => one.bearing).filter(isOutcome);
}

/** The most severe finding; acceptance with a condition beside it is acceptance on conditions. */
function outcomeOf(findings: readonly Finding[]): Outcome {
  const outcome = mostSevere(outcomesOf(findings));
  const isConditional = findings.some((one) => one.bearing === 'condition');
  return outcome === 'accept' && isConditional ? 'conditions' : outcome;
}

/**
 * The ruling on a lot from all its evidence.
 *
 * Every rule looks at the evidence; the most severe finding decides; none hides another.
 *
 * @param evidence - everything known
 * @param phrasing - how to say temperatures
 * @returns outcome, belief about the moisture, and all findings in order of severity
 * @throws DomainError as the parts of the core for evidence out of their ranges
 * @source each finding names its own
 */
export function ruleOnLot(evidence: LotEvidence, phrasing: Phrasing = PLAIN_PHRASING): Ruling {
  const belief = beliefOf(evidence);
  const context: RuleContext = { evidence, belief, phrasing };
  const findings = RULES.flatMap((rule) => findingsOf(rule, context)).sort(
    (a, b) => BEARING_ORDER.indexOf(a.bearing) - BEARING_ORDER.indexOf(b.bearing),
  );
  const outcome = outcomeOf(findings);
  const limit = limitPercent(evidence);
  const fermentation = lotFermentationClass(belief);
  return {
    outcome,
    byCapping: isAccepted(outcome) && belief.basis === 'comb',
    belief,
    limitPercent: limit,
    overProbability: 1 - conformityProbability(belief, limit),
    fermentation,
    checkAgainMonths: checkAgainMonths(fermentation.id, evidence.storageTemperatureC),
    ways: waysOf(evidence, belief),
    findings,
  };
}
