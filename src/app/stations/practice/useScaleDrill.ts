import { useState } from 'react';
import {
  EYEPIECE_SCALES,
  READ_WITHIN,
  SCALE_DIVISION,
  interpretReading,
  scaleLookOf,
} from '../../../core';
import { selectPreferences, useAppDispatch, useAppSelector } from '../../../store';
import { decimalText, readDecimal } from '../../format/decimal';
import { formatQuantity } from '../../format/units';
import { practiceWords } from '../../words/english/practice';
import { saveLook } from './practiceActs';
import { freshSeed, useReader } from './useReader';

const DIGITS = { water: 2, brix: 2, nD: 4 } as const;

/** What the line means in water, as far as one can know. */
function meaning(dialValue: number, { eyepiece, saysAtc }: ReturnType<typeof scaleLookOf>): string {
  const waterIf = (atc: boolean): string => {
    const { scale, temperatureC } = eyepiece;
    const read = interpretReading({ scale, dialValue, temperatureC, atc });
    return read.status === 'read' ? read.moisturePercent.toFixed(1) : '–';
  };
  if (saysAtc !== null) return practiceWords.whatItMeans({ water: waterIf(saysAtc) });
  const [low = '', high = ''] = [waterIf(true), waterIf(false)].sort();
  return low === high
    ? practiceWords.whatItMeans({ water: low })
    : practiceWords.whatItMeansEither({ low, high });
}

/** The drill at drawn scales. */
export function useScaleDrill() {
  const dispatch = useAppDispatch();
  const preferences = useAppSelector(selectPreferences);
  const { reader, query } = useReader();
  const [seed, setSeed] = useState(freshSeed);
  const [typed, setTyped] = useState('');
  const [wrong, setWrong] = useState('');
  const [answered, setAnswered] = useState<number | null>(null);
  const look = scaleLookOf(seed);
  const { scale, temperatureC } = look.eyepiece;
  const [low, high] = EYEPIECE_SCALES[scale];
  const truth = look.view.borderDial;
  const shown = (value: number): string => decimalText(value, DIGITS[scale]);

  const check = (): void => {
    const read = readDecimal(typed);
    if (typed.trim() === '' || !read.ok) {
      setWrong(practiceWords.notANumber({ example: shown((low + high) / 2) }));
      return;
    }
    const { value } = read;
    if (value < low || value > high) {
      setWrong(practiceWords.notOnScale({ low: shown(low), high: shown(high) }));
      return;
    }
    setWrong('');
    setAnswered(value);
    const of = scale;
    void dispatch(
      saveLook({ drill: 'scale', reader, seed, of, answered: value, truth, evening: null }),
    );
  };
  const next = (): void => {
    setSeed(freshSeed());
    setTyped('');
    setAnswered(null);
  };
  const atc = {
    true: practiceWords.atcYes(),
    false: practiceWords.atcNo(),
    null: practiceWords.atcUnknown(),
  };
  const answer = (): string[] => {
    if (answered === null) return [];
    const divisions = Math.abs(answered - truth) / SCALE_DIVISION[scale];
    const verdict =
      divisions <= READ_WITHIN
        ? practiceWords.readRight({ answered: shown(answered) })
        : practiceWords.readOff({ answered: shown(answered), divisions: divisions.toFixed(1) });
    return [practiceWords.lineWas({ truth: shown(truth) }), verdict, meaning(truth, look)];
  };
  return {
    look,
    facts: practiceWords.scaleFacts({
      temperature: formatQuantity(temperatureC, 'temperature', preferences),
      atc: atc[`${look.saysAtc}`],
    }),
    typed,
    type: (text: string): void => {
      setTyped(text);
      setWrong('');
    },
    wrong,
    check,
    next,
    answer: answer(),
    query,
  };
}
