import type { ReadingMark } from '../../moisture/interpretReading';
import type { ReadingEvidence } from '../evidence';
import type { Found, Rule } from '../rule';

const MARK_WORDS: Readonly<Record<Exclude<ReadingMark, 'brix-not-by-subtraction'>, string>> = {
  'temperature-assumed': 'no temperature noted, so that it may be off by a whole point',
  'outside-atc-range': 'read outside the range in which the meter compensates temperature',
  'outside-table': 'outside the published table of 13 to 25 %',
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
