import {
  interpretReading,
  type DialReading,
  type InterpretedReading,
  type NextStep,
  type Outcome,
  type ReadingMark,
  type Scale,
} from '../../core';
import { formatsWords } from '../words/english/formats';

/** 17.4 */
export const formatPercent = (value: number): string => value.toFixed(1);

/** Names of the scales as they stand on the dials. */
export const SCALE_NAMES: Readonly<Record<Scale, string>> = {
  water: formatsWords.water(),
  brix: '°Brix',
  nD: 'nD',
};

/** A dial value with as many decimals as its scale carries. */
export function formatDial(scale: Scale, value: number): string {
  if (scale === 'nD') return `nD ${value.toFixed(4)}`;
  return scale === 'brix' ? `${value.toFixed(1)} °Bx` : `${value.toFixed(1)} %`;
}

/** Smallest correction worth a sentence [% moisture]. */
const WORTH_SAYING = 0.005;

/** What the correction for temperature did, in words. */
export function correctionWords(read: InterpretedReading, dial: DialReading): string {
  const { atc, temperatureC } = dial;
  if (atc) return formatsWords.theMeterCorrectsForTemperature();
  if (atc === null && temperatureC !== null && read.eitherPercent) {
    return formatsWords.halfwayBetweenItsTwoMeanings();
  }
  if (temperatureC === null) return formatsWords.noTemperatureNotedSoNothing();
  const plain = dial.offsetIndex ? interpretReading({ ...dial, offsetIndex: 0 }) : read;
  const correction = plain.status === 'read' ? plain.correctionPercent : read.correctionPercent;
  const size = Math.abs(correction);
  if (size < WORTH_SAYING) return formatsWords.readAtCNothingTo();
  return correction < 0
    ? formatsWords.readWarmLowerThanThe({ size: size.toFixed(2) })
    : formatsWords.readColdHigherThanThe({ size: size.toFixed(2) });
}

export const MARK_SENTENCES: Readonly<Record<ReadingMark, string>> = {
  'outside-table': formatsWords.outsideThePublishedTableOf(),
  get 'outside-atc-range'() {
    return formatsWords.outsideToCWhereAtc();
  },
  'atc-unknown': formatsWords.withAtcTheDialMeans(),
  get 'temperature-assumed'() {
    return formatsWords.countedAsReadAtC();
  },
  get 'prism-not-settled'() {
    return formatsWords.honeyAndPrismAreMore();
  },
  crystals: formatsWords.crystalsMisleadLiquefyItIn(),
  cloudy: formatsWords.cloudyHoneyBlursTheLine(),
  gel: formatsWords.gelledHeatherStirItUntil(),
  'brix-not-by-subtraction': formatsWords.minusBrixDoesNotGive(),
};

/** What to say of "100 − Brix" to those who expect it. */
export function subtractionWords(dialBrix: number, read: InterpretedReading): string {
  const subtracted = 100 - dialBrix;
  const apart = subtracted - read.dialMoisturePercent;
  return formatsWords.wouldGiveWhichIsPoints({
    dialBrix: dialBrix.toFixed(1),
    subtracted: subtracted.toFixed(1),
    apart: apart.toFixed(1),
  });
}

/** The headline of each outcome. */
export const OUTCOME_NAMES: Readonly<Record<Outcome, string>> = {
  accept: formatsWords.accept(),
  'by-comb': formatsWords.acceptOnItsCapping(),
  conditions: formatsWords.acceptWithConditions(),
  'above-target': formatsWords.legalButAboveYourTarget(),
  measure: formatsWords.notSettled(),
  dry: formatsWords.dryFirst(),
  over: formatsWords.overTheLimit(),
  divert: formatsWords.doNotJarOrSell(),
  reject: formatsWords.blockedForEveryUse(),
  blend: formatsWords.blendWithDrierHoney(),
};

/** What to do next with a lot that is left open. */
export const STEP_NAMES: Readonly<Record<NextStep, string>> = {
  read: formatsWords.measureMore(),
  'read-each': formatsWords.readTheOtherVesselsToo(),
  'check-zero': formatsWords.checkTheZeroOfThe(),
  'other-meter': formatsWords.readItWithASecond(),
  laboratory: formatsWords.askALaboratory(),
  'treat-as-over': formatsWords.treatItAsOverThe(),
  'prepare-sample': formatsWords.prepareTheSampleAndRead(),
  'look-at-comb': formatsWords.lookAtTheCombOr(),
  taste: formatsWords.smellAndTasteItFirst(),
  'ask-treated': formatsWords.noteWhetherItsHivesWere(),
  'correct-records': formatsWords.correctItsRecordsFirst(),
};
