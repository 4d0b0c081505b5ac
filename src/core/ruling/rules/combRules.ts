import {
  expectedMoisture,
  type CombJudgement,
  type ShakeResult,
} from '../../capping/expectedMoisture';
import { conformityProbability } from '../../conformity/conformity';
import { limitPercent } from '../evidence';
import type { Found, Rule, RuleContext } from '../rule';
import { inHundred, percent } from '../say';

/** Capped share from which comb counts as ripe (school of the four fifths). @source common practice, no source */
export const RIPE_FROM_SHARE = 0.8;

/** Capped share that a clean shake test excuses. @source our choice, no source */
export const EXCUSED_FROM_SHARE = 0.5;

/** Highest chance of being over the limit at which capping alone is relied on. @source our choice, no source */
export const ACCEPTED_CAPPING_RISK = 0.2;

const SHAKE_WORDS: Readonly<Record<ShakeResult, string>> = {
  'not-done': 'no shake test',
  'nothing-fell': 'nothing fell at the shake test',
  drops: 'drops fell at the shake test',
  runs: 'honey ran at the shake test',
};

function isRipeByComb({ cappedShare, shake }: CombJudgement): boolean {
  if (shake === 'drops' || shake === 'runs') return false;
  return cappedShare >= (shake === 'nothing-fell' ? EXCUSED_FROM_SHARE : RIPE_FROM_SHARE);
}

function byComb(comb: CombJudgement, { belief, evidence }: RuleContext): Found {
  const limit = limitPercent(evidence);
  const risk = 1 - conformityProbability(belief, limit);
  const seen = `${Math.round(comb.cappedShare * 10)} tenths capped, ${SHAKE_WORDS[comb.shake]}`;
  const expected = `expected about ${percent(belief.mean)}, ${inHundred(risk)} over ${percent(limit)}`;
  if (!isRipeByComb(comb)) {
    return { bearing: 'measure', sentence: `Not ripe by the comb (${seen}): ${expected}.` };
  }
  return risk <= ACCEPTED_CAPPING_RISK
    ? { bearing: 'accept', sentence: `Ripe by the comb (${seen}): ${expected}.` }
    : {
        bearing: 'measure',
        sentence: `Ripe by the comb (${seen}), but ${expected}: too much chance to rely on capping alone.`,
      };
}

export const ripeByComb: Rule = {
  id: 'ripe-by-comb',
  title: 'Ripe by capping and shake test',
  source: { name: 'school of the four fifths', standing: 'common practice, no source' },
  needs: ['comb'],
  find: (context) =>
    context.evidence.comb && context.belief.basis === 'comb'
      ? [byComb(context.evidence.comb, context)]
      : [],
};

export const notMeasured: Rule = {
  id: 'not-measured',
  title: 'Moisture not measured',
  source: { name: 'no statement of conformity without a meter', standing: 'our choice' },
  needs: [],
  find: ({ belief }) => {
    if (belief.basis === 'readings') return [];
    return belief.basis === 'comb'
      ? [{ bearing: 'note', sentence: 'Moisture was not measured: no statement of conformity.' }]
      : [
          {
            bearing: 'measure',
            sentence:
              'Nothing is known of the comb and nothing was measured: say how much was capped, or take one reading.',
          },
        ];
  },
};

export const combAgainstMeter: Rule = {
  id: 'comb-against-meter',
  title: 'Comb and meter compared',
  source: { name: 'two independent looks should agree', standing: 'our choice' },
  needs: ['comb', 'reading'],
  find: ({ belief, evidence }) => {
    if (!evidence.comb || belief.basis !== 'readings') return [];
    const expected = expectedMoisture(evidence.comb);
    const apart = belief.mean - expected.mean;
    const doubt = Math.hypot(expected.standardUncertainty, belief.standardUncertainty);
    if (Math.abs(apart) <= 2 * doubt) return [];
    return [
      {
        bearing: 'note',
        sentence: `The meter reads ${percent(Math.abs(apart))} ${apart < 0 ? 'drier' : 'wetter'} than such comb leads one to expect: check its zero and the temperature before relying on it.`,
      },
    ];
  },
};
