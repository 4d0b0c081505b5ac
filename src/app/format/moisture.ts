import {
  interpretReading,
  type DialReading,
  type InterpretedReading,
  type NextStep,
  type Outcome,
  type ReadingMark,
  type Scale,
} from '../../core';

/** 17.4 */
export const formatPercent = (value: number): string => value.toFixed(1);

/** Names of the scales as they stand on the dials. */
export const SCALE_NAMES: Readonly<Record<Scale, string>> = {
  water: '% water',
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
  if (atc) return 'The meter compensates temperature itself; nothing was corrected.';
  if (atc === null && temperatureC !== null && read.eitherPercent) {
    return 'Halfway between both readings of the dial, since nobody knows of its ATC.';
  }
  if (temperatureC === null) return 'No temperature noted; nothing could be corrected.';
  const plain = dial.offsetIndex ? interpretReading({ ...dial, offsetIndex: 0 }) : read;
  const correction = plain.status === 'read' ? plain.correctionPercent : read.correctionPercent;
  const size = Math.abs(correction);
  if (size < WORTH_SAYING) return 'Read at 20 °C; nothing to correct.';
  return correction < 0
    ? `Read warm: ${size.toFixed(2)} lower than the dial.`
    : `Read cold: ${size.toFixed(2)} higher than the dial.`;
}

export const MARK_SENTENCES: Readonly<Record<ReadingMark, string>> = {
  'outside-table': 'Outside the published table of 13 to 25 %; take it as a rough figure.',
  'outside-atc-range':
    'Outside 10 to 30 °C, where such meters compensate; let it come to room temperature.',
  'atc-unknown':
    'With and without ATC the dial means two things; the ± covers both until you know.',
  'temperature-assumed':
    'It was taken as if read at 20 °C, which costs up to a whole point of certainty.',
  'prism-not-settled': 'Honey and prism are more than 2 °C apart; wait 30 s and look again.',
  crystals: 'Crystals mislead: liquefy it in a closed jar, cool it, then read again.',
  cloudy: 'Cloudy honey blurs the line; the doubt is in the ±.',
  gel: 'Gelled heather: stir it to a liquid and read again.',
  'brix-not-by-subtraction': '100 minus Brix does not give the water of honey.',
};

/** What to say of "100 − Brix" to those who expect it. */
export function subtractionWords(dialBrix: number, read: InterpretedReading): string {
  const subtracted = 100 - dialBrix;
  const apart = subtracted - read.dialMoisturePercent;
  return `100 − ${dialBrix.toFixed(1)} would say ${subtracted.toFixed(1)} %, which is ${apart.toFixed(1)} too wet for honey.`;
}

/** The headline of each outcome. */
export const OUTCOME_NAMES: Readonly<Record<Outcome, string>> = {
  accept: 'Accept',
  'by-comb': 'Take it on trust of the comb',
  conditions: 'Accept, with conditions',
  'above-target': 'Legal, but above your target',
  measure: 'Not settled',
  dry: 'Dry first',
  over: 'Over the limit',
  divert: 'Do not jar or sell',
  reject: 'Blocked for every use',
  blend: 'Blend with drier honey',
};

/** What to do next with a lot that is left open. */
export const STEP_NAMES: Readonly<Record<NextStep, string>> = {
  read: 'Measure more',
  'read-each': 'Read the other vessels too',
  'check-zero': 'Check the zero of the meter',
  'other-meter': 'Read it with a second meter',
  laboratory: 'Ask a laboratory',
  'treat-as-over': 'Treat it as over the limit',
  'prepare-sample': 'Prepare the sample and read again',
  'look-at-comb': 'Look at the comb, or take a reading',
  taste: 'Smell and taste it first',
  'ask-treated': 'Say whether its hives were treated or fed',
  'correct-records': 'Correct its records first',
};
