/** The computation of Ripenum; every other layer imports from here. */
export { EXPECTED_BY_STATE, SHAKE_RESULTS, type ShakeResult } from './capping/expectedMoisture';
export { GUARD_FACTOR, type Estimate } from './conformity/conformity';
export { FERMENTATION_CLASSES } from './fermentation/lochhead';
export { STORAGE_RANGE_C } from './fermentation/storage';
export {
  DEFAULT_RULE_SET_ID,
  DEFAULT_TARGET_PERCENT,
  HONEY_KINDS,
  LOCAL_LAW_DECIDES,
  RULE_SETS,
  findRuleSet,
  type HoneyKind,
} from './limits/ruleSets';
export { amountMass, totalMass, type Amount, type MassEstimate } from './mass/amountMass';
export {
  interpretReading,
  type DialReading,
  type InterpretedReading,
  type ReadingMark,
} from './moisture/interpretReading';
export { SPREAD_PRIORS, readingUncertainty, type ComponentId } from './moisture/lotMoisture';
export { BUDGET_DEFAULTS, readingBudget, type ZeroCheck } from './moisture/readingBudget';
export { DIAL_RANGES, SCALES, recogniseScale, type Scale } from './moisture/scales';
export { COMPUTED_RANGE_PERCENT, TABLE_RANGE_PERCENT, WEDMORE } from './moisture/refractiveIndex';
export { HONEY_INDEX_PER_C, PRISM_RANGE_C, REFERENCE_TEMPERATURE_C } from './moisture/temperature';
export { type Belief } from './ruling/belief';
export { RULES, RULES_VERSION, ruleOnLot, type Ruling } from './ruling/engine';
export {
  FERMENTATION_SIGNS,
  type FermentationSign,
  type LotEvidence,
  type ReadingEvidence,
  type VesselEvidence,
} from './ruling/evidence';
export { NO_NUMBER_WILL, flipsOf, isStuck } from './ruling/flips';
export { whatOneReadingSettles } from './ruling/oneReading';
export { OUTCOMES, type Outcome } from './ruling/outcome';
export type { Finding, Phrasing } from './ruling/rule';
export { inHundred, sourceWords } from './ruling/say';
export {
  CM_PER_INCH,
  KG_PER_POUND,
  L_PER_IMPERIAL_GALLON,
  L_PER_US_GALLON,
  celsiusFromFahrenheit,
  fahrenheitFromCelsius,
} from './units/convert';
