import type { ShakeResult } from '../../capping/expectation';
import { conformityProbability } from '../../conformity/conformity';
import { DEFAULT_SCHOOL_ID, schoolOf } from '../../schools/school';
import { expectedOf, isMeasured } from '../belief';
import { limitPercent, type CombEvidence } from '../evidence';
import type { Found, Rule, RuleContext } from '../rule';
import {
  chance,
  type Message,
  type MessageValue,
  hundredths,
  percent,
  say,
} from '../../message/message';

/** Highest chance of being over the limit at which capping alone is relied on. @source our choice, no source */
export const ACCEPTED_CAPPING_RISK = 0.2;

const SHAKE_WORDS: Readonly<Record<ShakeResult, Message>> = {
  'not-done': say('rules.noShakeTest'),
  'nothing-fell': say('rules.nothingFellAtTheShake'),
  drops: say('rules.dropsFellAtTheShake'),
  runs: say('rules.honeyRanAtTheShake'),
};

const DEFAULT_SCHOOL = schoolOf(DEFAULT_SCHOOL_ID);

function isRipeByComb({ cappedShare, shake, school = DEFAULT_SCHOOL }: CombEvidence): boolean {
  if (shake === 'drops' || shake === 'runs') return false;
  const excused = shake === 'nothing-fell' ? school.excusedShare : null;
  return cappedShare + 1e-9 >= (excused ?? school.ripeShare);
}

/** Whole tenths as such, anything between as a percentage. */
function cappedWords(capped: number): MessageValue {
  const tenths = capped * 10;
  return Math.abs(tenths - Math.round(tenths)) < 0.05
    ? say('rules.tenths', { tenths: Math.round(tenths) })
    : hundredths(capped);
}

function byComb(comb: CombEvidence, { belief, evidence }: RuleContext): Found {
  const limit = limitPercent(evidence);
  const risk = 1 - conformityProbability(belief, limit);
  const by = comb.school ? say('rules.rule', { name: comb.school.name }) : '';
  const seen = say('rules.capped', {
    cappedWords: cappedWords(comb.cappedShare),
    shakeWord: SHAKE_WORDS[comb.shake],
    by,
  });
  const expected = say('rules.expectedAboutOver', {
    mean: percent(belief.mean),
    risk: chance(risk),
    limit: percent(limit),
  });
  if (!isRipeByComb(comb)) {
    return { bearing: 'measure', sentence: say('rules.notRipeByTheComb', { seen, expected }) };
  }
  return risk <= ACCEPTED_CAPPING_RISK
    ? { bearing: 'by-comb', sentence: say('rules.ripeByTheComb', { seen, expected }) }
    : {
        bearing: 'measure',
        sentence: say('rules.ripeByTheCombBut', { seen, expected }),
      };
}

export const ripeByComb: Rule = {
  id: 'ripe-by-comb',
  title: say('rules.ripeByCappingAndShake'),
  source: {
    name: say('rules.yourRuleFourFifthsUnless'),
    standing: 'practice',
  },
  needs: ['comb'],
  find: (context) =>
    context.evidence.comb && context.belief.basis === 'comb'
      ? [byComb(context.evidence.comb, context)]
      : [],
};

export const notMeasured: Rule = {
  id: 'not-measured',
  title: say('rules.moistureNotMeasured'),
  source: { name: say('rules.noStatementOfConformityWithout'), standing: 'choice' },
  needs: [],
  find: ({ belief }) => {
    if (isMeasured(belief) || belief.basis === 'blend' || belief.basis === 'earlier') return [];
    return belief.basis === 'comb'
      ? [{ bearing: 'note', sentence: say('rules.moistureWasNotMeasuredNo') }]
      : [
          {
            bearing: 'measure',
            step: 'look-at-comb',
            sentence: say('rules.nothingIsKnownAboutThe'),
          },
        ];
  },
};

export const combAgainstMeter: Rule = {
  id: 'comb-against-meter',
  title: say('rules.combAndMeterCompared'),
  source: { name: say('rules.twoIndependentChecksShouldAgree'), standing: 'choice' },
  needs: ['comb', 'reading'],
  find: ({ belief, evidence }) => {
    if (!evidence.comb || !isMeasured(belief)) return [];
    const expected = expectedOf(evidence.comb);
    const apart = belief.mean - expected.mean;
    const doubt = Math.hypot(expected.standardUncertainty, belief.standardUncertainty);
    if (Math.abs(apart) <= 2 * doubt) return [];
    return [
      {
        bearing: 'note',
        sentence: say('rules.theMeterReadsWetterThan', {
          apart: percent(Math.abs(apart)),
          side: apart < 0 ? 'drier' : 'wetter',
        }),
      },
    ];
  },
};
