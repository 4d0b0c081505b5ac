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
import { type Message, percent, say } from '../../message/message';

const MARK_WORDS: Readonly<
  Record<Exclude<ReadingMark, 'brix-not-by-subtraction' | 'crystals' | 'gel'>, Message>
> = {
  'temperature-assumed': say('rules.noTemperatureNotedSoIt'),
  'atc-unknown': say('rules.withAMeterWhoseAtc'),
  'outside-atc-range': say('rules.readOutsideTheRangeIn'),
  'outside-table': say('rules.outsideThePublishedTableOf'),
  'prism-not-settled': say('rules.takenBeforeHoneyAndPrism'),
  cloudy: say('rules.ofCloudyHoneyWhoseLine'),
};

const MARKS = Object.keys(MARK_WORDS) as (keyof typeof MARK_WORDS)[];

const counted = (count: number): Message => say('rules.readings', { count });

function foundFor(mark: keyof typeof MARK_WORDS, readings: readonly ReadingEvidence[]): Found[] {
  const count = readings.filter((reading) => reading.marks.includes(mark)).length;
  if (count === 0) return [];
  return [
    {
      bearing: 'note',
      sentence: say('rules.readingsMarked', { readings: counted(count), mark: MARK_WORDS[mark] }),
    },
  ];
}

export const readingQuality: Rule = {
  id: 'reading-quality',
  title: say('rules.howTheReadingsWereTaken'),
  source: { name: say('rules.aoac'), standing: 'recalled' },
  needs: ['reading'],
  find: ({ evidence }) => MARKS.flatMap((mark) => foundFor(mark, evidence.readings)),
};

/** Samples that cannot be relied upon, and what they need first. */
const SAMPLE_NEEDS = {
  crystals: say('rules.ofHoneyWithCrystalsWhich'),
  gel: say('rules.ofGelledHeatherThatWas'),
} as const;

export const unreliableSamples: Rule = {
  id: 'unreliable-samples',
  title: say('rules.samplesThatNeedSomethingFirst'),
  source: { name: say('rules.sampleCareOfAoac'), standing: 'recalled' },
  needs: ['reading'],
  find: ({ evidence }) =>
    (['crystals', 'gel'] as const).flatMap((mark): Found[] => {
      const count = evidence.readings.filter((reading) => reading.marks.includes(mark)).length;
      if (count === 0) return [];
      const sentence = say('rules.readingsNeed', {
        readings: counted(count),
        need: SAMPLE_NEEDS[mark],
      });
      return ordinaryReadings(evidence).some(isUnreliable)
        ? [{ bearing: 'measure', step: 'prepare-sample', sentence }]
        : [{ bearing: 'note', sentence: say('rules.leftOutOfTheFigure', { sentence }) }];
    }),
};

/** The lot as it would be had the meter read all along as the later check found it. */
function asJumped(evidence: LotEvidence): LotEvidence {
  return {
    ...evidence,
    readings: evidence.readings.map((reading) => ({
      ...reading,
      moisturePercent: reading.wouldBePercent ?? reading.moisturePercent,
    })),
  };
}

function decisionOf(evidence: LotEvidence): ConformityDecision {
  return decisionOn(beliefOf(evidence), limitPercent(evidence));
}

export const zeroJumped: Rule = {
  id: 'zero-jumped',
  title: say('rules.zeroOfTheMeterJumped'),
  source: { name: say('rules.readingsSinceTheLastGood'), standing: 'choice' },
  needs: ['reading'],
  find: ({ evidence, belief }) => {
    const count = evidence.readings.filter(
      (reading) => reading.wouldBePercent !== undefined,
    ).length;
    if (count === 0) return [];
    const jumped = asJumped(evidence);
    const mean = beliefOf(jumped).mean;
    const changes = decisionOf(jumped) !== decisionOf(evidence);
    const sentence = say('rules.fromBetweenTwoZeroChecks', {
      readings: counted(count),
      would: percent(mean),
      now: percent(belief.mean),
      so: changes ? say('rules.whichChangesTheDecisionRead') : say('rules.whichChangesNothing'),
    });
    return changes
      ? [{ bearing: 'measure', step: 'check-zero', sentence }]
      : [{ bearing: 'condition', short: say('rules.haveTheMeterCheckedAgain'), sentence }];
  },
};

export const unreadableReadings: Rule = {
  id: 'unreadable-readings',
  title: say('rules.readingsThatCannotBeUsed'),
  source: { name: say('rules.aRulingRestsOnAll'), standing: 'choice' },
  needs: ['reading'],
  find: ({ evidence }) => {
    const count = evidence.unreadable ?? 0;
    if (count === 0) return [];
    return [
      {
        bearing: 'measure',
        step: 'check-zero',
        sentence: say('rules.correctedByTheZeroCheck', { count }),
      },
    ];
  },
};

export const meterChecked: Rule = {
  id: 'meter-checked',
  title: say('rules.zeroCheckOfTheMeter'),
  source: {
    name: say('rules.checkAgainstAReferenceBefore'),
    standing: 'practice',
  },
  needs: ['reading'],
  find: ({ evidence }) => {
    const count = evidence.readings.filter((reading) => reading.zeroCheck === 'unchecked').length;
    if (count === 0) return [];
    return [
      {
        bearing: 'note',
        sentence: say('rules.fromAMeterNotChecked', { counted: counted(count) }),
      },
    ];
  },
};

export const heatherGel: Rule = {
  id: 'heather-gel',
  title: say('rules.heatherIsAGel'),
  source: {
    name: say('rules.lingHoneySetsToA'),
    standing: 'practice',
  },
  needs: ['lot'],
  find: ({ evidence }) =>
    evidence.honeyKind === 'heather'
      ? [
          {
            bearing: 'note',
            sentence: say('rules.heatherHoneyIsAGel'),
          },
        ]
      : [],
};
