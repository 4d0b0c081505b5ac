import type { CaseChoice, JudgementCase, JudgementCaseId } from '../../../core';
import type { Preferences } from '../../../records';
import { formatQuantity } from '../../format/units';
import { practiceWords } from '../../words/english/practice';

/** A case in words: what is asked, and why the right answer is right. */
export interface CaseText {
  readonly question: string;
  readonly because: string;
}

type Teller = (
  facts: Readonly<Record<string, number>>,
  right: CaseChoice,
  preferences: Preferences,
) => CaseText;

const degrees = (celsius: number, preferences: Preferences): string =>
  formatQuantity(celsius, 'temperature', preferences);

const kilograms = (kg: number, preferences: Preferences): string =>
  formatQuantity(kg, 'mass', preferences);

const TELLERS: Readonly<Record<JudgementCaseId, Teller>> = {
  'warm-reading': ({ dialValue = 0, temperatureC = 0, water = 0, limit = 0 }, _, preferences) => ({
    question: practiceWords.askReading({
      dial: dialValue,
      temperature: degrees(temperatureC, preferences),
      limit,
    }),
    because: practiceWords.becauseReading({ water }),
  }),
  'wet-bucket': ({ low = 0, high = 0, mean = 0, limit = 0 }, right) => ({
    question: practiceWords.askBuckets({ low, high, mean, limit }),
    because:
      right === 'hold-one' ? practiceWords.becauseBucketsWet() : practiceWords.becauseBuckets(),
  }),
  'treated-hive': ({ waiting = 0, since = 0 }) => ({
    question: practiceWords.askTreated({ since, waiting }),
    because: practiceWords.becauseTreated({ waiting }),
  }),
  heather: ({ isHeather, water = 0, limit = 0, other = 0 }) => ({
    question: isHeather
      ? practiceWords.askHeather({ water })
      : practiceWords.askOrdinary({ water }),
    because: practiceWords.becauseHeather(
      isHeather ? { limit, other } : { limit: other, other: limit },
    ),
  }),
  foam: () => ({ question: practiceWords.askFoam(), because: practiceWords.becauseFoam() }),
  shake: ({ combC = 0, coldBelow = 0 }, right, preferences) => ({
    question: practiceWords.askShake({ temperature: degrees(combC, preferences) }),
    because:
      right === 'excuses'
        ? practiceWords.becauseShakeWarm()
        : practiceWords.becauseShakeCold({ cold: degrees(coldBelow, preferences) }),
  }),
  'brood-picture': (_, right) => ({
    question: practiceWords.askPicture(),
    because: right === 'brood' ? practiceWords.becauseBrood() : practiceWords.becauseCappedHoney(),
  }),
  mix: ({ wetKg = 0, wet = 0, dryKg = 0, dry = 0, water = 0, limit = 0 }, _, preferences) => ({
    question: practiceWords.askMix({
      wet: kilograms(wetKg, preferences),
      wetPercent: wet,
      dry: kilograms(dryKg, preferences),
      dryPercent: dry,
      limit,
    }),
    because: practiceWords.becauseMix({ water }),
  }),
  'set-honey': () => ({ question: practiceWords.askSet(), because: practiceWords.becauseSet() }),
  'fed-sugar': () => ({ question: practiceWords.askFed(), because: practiceWords.becauseFed() }),
};

/** The words of a case. */
export const caseText = ({ id, facts, right }: JudgementCase, preferences: Preferences): CaseText =>
  TELLERS[id](facts, right, preferences);
