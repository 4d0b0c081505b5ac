import type { DialReading, InterpretedReading, Outcome, ReadingMark, Scale } from '../../core';

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

/** What the correction did, in words. */
export function correctionWords(
  read: InterpretedReading,
  { atc, temperatureC }: DialReading,
): string {
  if (atc) return 'The meter compensates temperature itself; nothing was corrected.';
  if (temperatureC === null) return 'No temperature noted; nothing could be corrected.';
  const size = Math.abs(read.correctionPercent);
  if (size < WORTH_SAYING) return 'Read at 20 °C; nothing to correct.';
  return read.correctionPercent < 0
    ? `Read warm: ${size.toFixed(2)} lower than the dial.`
    : `Read cold: ${size.toFixed(2)} higher than the dial.`;
}

export const MARK_SENTENCES: Readonly<Record<ReadingMark, string>> = {
  'outside-table': 'Outside the published table of 13 to 25 %; take it as a rough figure.',
  'outside-atc-range':
    'Outside 10 to 30 °C, where such meters compensate; let it come to room temperature.',
  'temperature-assumed':
    'It was taken as if read at 20 °C, which costs up to a whole point of certainty.',
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
  measure: 'Measure more',
  dry: 'Dry first',
  over: 'Over the limit',
  divert: 'Divert',
};
