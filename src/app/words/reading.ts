import {
  interpretReading,
  type ComponentId,
  type DialReading,
  type SampleState,
  type Spot,
} from '../../core';

/** Spots as they are chosen and told. */
export const SPOT_NAMES: Readonly<Record<Spot, string>> = {
  stirred: 'Stirred',
  top: 'Top',
  middle: 'Middle',
  bottom: 'Bottom',
  gate: 'At the gate',
  'not-said': 'Not said',
};

/** States of the sample as they are chosen and told. */
export const SAMPLE_NAMES: Readonly<Record<SampleState, string>> = {
  clear: 'Clear',
  cloudy: 'Cloudy',
  crystals: 'With crystals',
  liquefied: 'Liquefied, cooled',
  gel: 'Gel, not stirred',
  'gel-stirred': 'Gel, stirred to a liquid',
};

/** What to do first with honey in a state, one sentence; empty where nothing need be done. */
export const SAMPLE_ADVICE: Readonly<Record<SampleState, string>> = {
  clear: '',
  cloudy: 'The line blurs: take the middle of the blur, and read three times.',
  crystals:
    'Do not rely on it. Warm a closed jar of it in water of at most 50 °C until clear, let it cool to room temperature, stir, then read again.',
  liquefied: 'Good. A closed jar lost no water.',
  gel: 'Ling sets to a gel: stir it hard until it runs, then read again.',
  'gel-stirred': 'Read at once, before it sets again; air bubbles blur the line.',
};

/** The parts of the uncertainty: name, and what each is, in one sentence. */
export const COMPONENTS: Readonly<Record<ComponentId, { name: string; what: string }>> = {
  repeatability: {
    name: 'Reader, from reading to reading',
    what: 'How far your own readings of one sample scatter. More readings shrink it by √n.',
  },
  resolution: {
    name: 'Division of the dial',
    what: 'One division over √12. Only a finer dial shrinks it.',
  },
  temperature: {
    name: 'Temperature of prism and honey',
    what: 'One degree is 0.09 points of water. Note the temperature, and wait until prism and honey agree.',
  },
  calibration: {
    name: 'Zero of the meter',
    what: 'What the last zero check left open, and what may have drifted since. Common to all readings of one meter, so averaging never takes it away.',
  },
  relation: {
    name: 'Relation between index and moisture',
    what: 'What the table itself may be off by (AOAC 969.38, recalled from memory). Nobody can shrink it.',
  },
  method: {
    name: 'The method',
    what: 'What two laboratories that read the same honey by refractometer differ by. Not verified; only a laboratory that titrates water (Karl Fischer) goes past it.',
  },
  sample: {
    name: 'Cloudy or gelled sample',
    what: 'A blurred line may be read too high or too low. Liquefy or stir first.',
  },
  spot: {
    name: 'From spot to spot in a vessel',
    what: 'Drier honey sinks. Stir, or read top and bottom.',
  },
  'between-vessels': {
    name: 'Vessels not tested',
    what: 'What the untested vessels may differ by. Reading them takes it away.',
  },
};

/** What the zero check of the meter changed [% moisture]; positive where the meter reads too wet. */
export function offsetTaken(dial: DialReading): number {
  if (!dial.offsetIndex) return 0;
  const [raw, corrected] = [{ ...dial, offsetIndex: 0 }, dial].map((one) => interpretReading(one));
  if (raw?.status !== 'read' || corrected?.status !== 'read') return 0;
  return raw.moisturePercent - corrected.moisturePercent;
}

/** What was taken off or added for the meter's own error; empty where nothing was. */
export function offsetWords(dial: DialReading): string {
  const offset = offsetTaken(dial);
  if (Math.abs(offset) < 0.005) return '';
  const size = Math.abs(offset).toFixed(2);
  return offset > 0
    ? `By its zero check the meter reads ${size} too wet; that was taken off.`
    : `By its zero check the meter reads ${size} too dry; that was added.`;
}
