import type { ShakeResult } from '../../capping/expectation';
import { conformityProbability } from '../../conformity/conformity';
import { DEFAULT_SCHOOL_ID, schoolOf } from '../../schools/school';
import { expectedOf, isMeasured } from '../belief';
import { limitPercent, type CombEvidence } from '../evidence';
import type { Found, Rule, RuleContext } from '../rule';
import { inHundred, percent } from '../say';

/** Highest chance of being over the limit at which capping alone is relied on. @source our choice, no source */
export const ACCEPTED_CAPPING_RISK = 0.2;

const SHAKE_WORDS: Readonly<Record<ShakeResult, string>> = {
  'not-done': 'no shake test',
  'nothing-fell': 'nothing fell at the shake test',
  drops: 'drops fell at the shake test',
  runs: 'honey ran at the shake test',
};

const DEFAULT_SCHOOL = schoolOf(DEFAULT_SCHOOL_ID);

function isRipeByComb({ cappedShare, shake, school = DEFAULT_SCHOOL }: CombEvidence): boolean {
  if (shake === 'drops' || shake === 'runs') return false;
  const excused = shake === 'nothing-fell' ? school.excusedShare : null;
  return cappedShare + 1e-9 >= (excused ?? school.ripeShare);
}

/** Whole tenths as such, anything between as a percentage. */
function cappedWords(share: number): string {
  const tenths = share * 10;
  return Math.abs(tenths - Math.round(tenths)) < 0.05
    ? `${Math.round(tenths)} tenths`
    : `${Math.round(share * 100)} %`;
}

function byComb(comb: CombEvidence, { belief, evidence }: RuleContext): Found {
  const limit = limitPercent(evidence);
  const risk = 1 - conformityProbability(belief, limit);
  const by = comb.school ? `, school “${comb.school.name}”` : '';
  const seen = `${cappedWords(comb.cappedShare)} capped, ${SHAKE_WORDS[comb.shake]}${by}`;
  const expected = `expected about ${percent(belief.mean)}, ${inHundred(risk)} over ${percent(limit)}`;
  if (!isRipeByComb(comb)) {
    return { bearing: 'measure', sentence: `Not ripe by the comb (${seen}): ${expected}.` };
  }
  return risk <= ACCEPTED_CAPPING_RISK
    ? { bearing: 'by-comb', sentence: `Ripe by the comb (${seen}): ${expected}.` }
    : {
        bearing: 'measure',
        sentence: `Ripe by the comb (${seen}), but ${expected}: too much chance to rely on capping alone.`,
      };
}

export const ripeByComb: Rule = {
  id: 'ripe-by-comb',
  title: 'Ripe by capping and shake test',
  source: {
    name: 'rule of the school, four fifths unless another is named',
    standing: 'common practice, no source',
  },
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
    if (isMeasured(belief) || belief.basis === 'blend' || belief.basis === 'earlier') return [];
    return belief.basis === 'comb'
      ? [{ bearing: 'note', sentence: 'Moisture was not measured: no statement of conformity.' }]
      : [
          {
            bearing: 'measure',
            step: 'look-at-comb',
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
    if (!evidence.comb || !isMeasured(belief)) return [];
    const expected = expectedOf(evidence.comb);
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
