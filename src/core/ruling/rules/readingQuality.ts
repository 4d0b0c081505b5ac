import { decisionOn, type ConformityDecision } from '../../conformity/conformity';
import type { ReadingMark } from '../../moisture/interpretReading';
import { beliefOf } from '../belief';
import {
  isUnreliable,
  limitPercent,
  ordinaryReadings,
  type LotEvidence,
  type ReadingEvidence,
} from '../evidence';
import type { Found, Rule } from '../rule';
import { percent } from '../say';

const MARK_WORDS: Readonly<
  Record<Exclude<ReadingMark, 'brix-not-by-subtraction' | 'crystals' | 'gel'>, string>
> = {
  'temperature-assumed': 'no temperature noted, so that it may be off by a whole point',
  'atc-unknown':
    'with a meter of which nobody knows whether it corrects temperature itself, so that both figures are covered; find out, and the doubt goes',
  'outside-atc-range': 'read outside the range in which the meter compensates temperature',
  'outside-table': 'outside the published table of 13 to 25 %',
  'prism-not-settled': 'taken before honey and prism had the same temperature',
  cloudy: 'of cloudy honey, whose line is blurred',
};

const MARKS = Object.keys(MARK_WORDS) as (keyof typeof MARK_WORDS)[];

function counted(count: number): string {
  return count === 1 ? '1 reading' : `${count} readings`;
}

function foundFor(mark: keyof typeof MARK_WORDS, readings: readonly ReadingEvidence[]): Found[] {
  const count = readings.filter((one) => one.marks.includes(mark)).length;
  if (count === 0) return [];
  return [{ bearing: 'note', sentence: `${counted(count)}: ${MARK_WORDS[mark]}.` }];
}

export const readingQuality: Rule = {
  id: 'reading-quality',
  title: 'How the readings were taken',
  source: { name: 'AOAC 969.38', standing: 'recalled from memory' },
  needs: ['reading'],
  find: ({ evidence }) => MARKS.flatMap((mark) => foundFor(mark, evidence.readings)),
};

/** Samples that cannot be relied upon, and what they need first. */
const SAMPLE_NEEDS = {
  crystals:
    'of honey with crystals, which scatter the light and leave the liquid wetter: liquefy it in a closed jar, cool it to room temperature and read again',
  gel: 'of gelled heather that was not stirred: stir it to a liquid and read again',
} as const;

export const unreliableSamples: Rule = {
  id: 'unreliable-samples',
  title: 'Samples that need something first',
  source: { name: 'sample care of AOAC 969.38', standing: 'recalled from memory' },
  needs: ['reading'],
  find: ({ evidence }) =>
    (['crystals', 'gel'] as const).flatMap((mark): Found[] => {
      const count = evidence.readings.filter((one) => one.marks.includes(mark)).length;
      if (count === 0) return [];
      const sentence = `${counted(count)} ${SAMPLE_NEEDS[mark]}.`;
      return ordinaryReadings(evidence).some(isUnreliable)
        ? [{ bearing: 'measure', step: 'prepare-sample', sentence }]
        : [{ bearing: 'note', sentence: `Left out of the figure: ${sentence}` }];
    }),
};

/** The lot as it would be had the meter read all along as the later check found it. */
function asJumped(evidence: LotEvidence): LotEvidence {
  return {
    ...evidence,
    readings: evidence.readings.map((one) => ({
      ...one,
      moisturePercent: one.wouldBePercent ?? one.moisturePercent,
    })),
  };
}

function decisionOf(evidence: LotEvidence): ConformityDecision {
  return decisionOn(beliefOf(evidence), limitPercent(evidence));
}

export const zeroJumped: Rule = {
  id: 'zero-jumped',
  title: 'Zero of the meter jumped',
  source: { name: 'readings since the last good check are in doubt', standing: 'our choice' },
  needs: ['reading'],
  find: ({ evidence, belief }) => {
    const count = evidence.readings.filter((one) => one.wouldBePercent !== undefined).length;
    if (count === 0) return [];
    const jumped = asJumped(evidence);
    const mean = beliefOf(jumped).mean;
    const changes = decisionOf(jumped) !== decisionOf(evidence);
    const sentence =
      `${counted(count)} from between two zero checks that differ by more than drift explains; ` +
      `with the later one the mean would be ${percent(mean)} instead of ${percent(belief.mean)}` +
      (changes ? ', which decides otherwise: read again.' : ', which decides the same.');
    return changes
      ? [{ bearing: 'measure', step: 'check-zero', sentence }]
      : [{ bearing: 'condition', short: 'have the meter checked again', sentence }];
  },
};

export const unreadableReadings: Rule = {
  id: 'unreadable-readings',
  title: 'Readings that cannot be used',
  source: { name: 'a ruling rests on all of its evidence', standing: 'our choice' },
  needs: ['reading'],
  find: ({ evidence }) => {
    const count = evidence.unreadable ?? 0;
    if (count === 0) return [];
    const those = count === 1 ? 'that reading is' : 'those readings are';
    return [
      {
        bearing: 'measure',
        step: 'check-zero',
        sentence: `With what the meter was found to be off by, ${counted(count)} would be beyond any honey (12 to 30 %): ${those} left out. Check the zero again, then read again.`,
      },
    ];
  },
};

export const meterChecked: Rule = {
  id: 'meter-checked',
  title: 'Zero check of the meter',
  source: {
    name: 'check against a reference before relying on it',
    standing: 'common practice, no source',
  },
  needs: ['reading'],
  find: ({ evidence }) => {
    const count = evidence.readings.filter((one) => one.zeroCheck === 'unchecked').length;
    if (count === 0) return [];
    return [
      {
        bearing: 'note',
        sentence: `${counted(count)} from a meter not checked lately; a zero check would take most of that doubt away.`,
      },
    ];
  },
};

export const heatherGel: Rule = {
  id: 'heather-gel',
  title: 'Heather is a gel',
  source: {
    name: 'ling honey sets to a gel until stirred',
    standing: 'common practice, no source',
  },
  needs: ['lot'],
  find: ({ evidence }) =>
    evidence.honeyKind === 'heather'
      ? [
          {
            bearing: 'note',
            sentence:
              'Heather honey is a gel until stirred: stir the sample before reading, press or loosen instead of ordinary straining, and no drying forecast applies.',
          },
        ]
      : [],
};
