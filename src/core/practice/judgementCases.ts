import { COLD_COMB_BELOW_C, trustedShake } from '../capping/shakeTest';
import { requireFinite } from '../errors';
import { RULE_SETS, type HoneyKind } from '../limits/ruleSets';
import { interpretReading } from '../moisture/interpretReading';
import { seededRandom } from '../stats/seededRandom';
import { combScene, type CombScene } from './combScene';

/** Small cases from the whole trade, one decision each. */
export const JUDGEMENT_CASES = [
  'warm-reading',
  'wet-bucket',
  'treated-hive',
  'heather',
  'foam',
  'shake',
  'brood-picture',
  'mix',
  'set-honey',
  'fed-sugar',
] as const;
export type JudgementCaseId = (typeof JUDGEMENT_CASES)[number];

/** What can be answered. */
export const CASE_CHOICES = [
  'within',
  'over',
  'accept-all',
  'hold-one',
  'take',
  'leave',
  'jar-soon',
  'hold-taste',
  'stir-in',
  'excuses',
  'does-not',
  'brood',
  'capped-honey',
  'read-anyway',
  'melt-first',
] as const;
export type CaseChoice = (typeof CASE_CHOICES)[number];

/** A case to decide. */
export interface JudgementCase {
  readonly id: JudgementCaseId;
  /** figures of the case, by name */
  readonly facts: Readonly<Record<string, number>>;
  readonly choices: readonly CaseChoice[];
  readonly right: CaseChoice;
  /** a comb to look at; null where there is none */
  readonly picture: CombScene | null;
}

type Draw = () => number;
type Made = Omit<JudgementCase, 'id' | 'picture'> & { readonly picture?: CombScene };

const tenth = (value: number): number => Math.round(value * 10) / 10;
const between = (draw: Draw, low: number, high: number): number =>
  tenth(low + draw() * (high - low));

const EU = RULE_SETS[0]!.moistureLimitPercent;

/** Closer to the limit than this, a case would be a matter of the reader [% water]. */
const CLEAR_BY = 0.3;

const WITHIN_OR_OVER = ['within', 'over'] as const;

function warmReading(draw: Draw): Made {
  for (;;) {
    const temperatureC = Math.round(draw() < 0.7 ? between(draw, 27, 35) : between(draw, 10, 14));
    const dialValue = between(draw, 18.4, 21.6);
    const read = interpretReading({ scale: 'water', dialValue, temperatureC, atc: false });
    const water = read.status === 'read' ? read.moisturePercent : EU.ordinary;
    if (Math.abs(water - EU.ordinary) < CLEAR_BY) continue;
    return {
      facts: { dialValue, temperatureC, water: tenth(water), limit: EU.ordinary },
      choices: WITHIN_OR_OVER,
      right: water <= EU.ordinary ? 'within' : 'over',
    };
  }
}

function wetBucket(draw: Draw): Made {
  const low = between(draw, 16.6, 17.6);
  const isWet = draw() < 0.7;
  const high = isWet ? between(draw, 20.6, 21.8) : between(draw, 17.8, 18.6);
  const mean = tenth((4 * low + high) / 5);
  return {
    facts: { low, high, mean, limit: EU.ordinary },
    choices: ['accept-all', 'hold-one'],
    right: isWet ? 'hold-one' : 'accept-all',
  };
}

function treatedHive(draw: Draw): Made {
  const waiting = 7 * (1 + Math.floor(3 * draw()));
  const over = Math.round(between(draw, -6, 12));
  // the last day itself would be a matter of how one counts
  const since = waiting + (over === 0 ? 1 : over);
  return {
    facts: { waiting, since },
    choices: ['take', 'leave'],
    right: since > waiting ? 'take' : 'leave',
  };
}

function heather(draw: Draw): Made {
  const kind: HoneyKind = draw() < 0.6 ? 'heather' : 'ordinary';
  const limit = EU[kind];
  const water = between(draw, 20.6, 22.4) + (draw() < 0.3 ? 2 : 0);
  return {
    facts: {
      isHeather: kind === 'heather' ? 1 : 0,
      water: tenth(water),
      limit,
      other: kind === 'heather' ? EU.ordinary : EU.heather,
    },
    choices: WITHIN_OR_OVER,
    right: water <= limit ? 'within' : 'over',
  };
}

function shake(draw: Draw): Made {
  const combC = Math.round(draw() < 0.6 ? between(draw, 8, 17) : between(draw, 23, 32));
  const worth = trustedShake({ result: 'nothing-fell', combTemperatureC: combC });
  return {
    facts: { combC, coldBelow: COLD_COMB_BELOW_C, tenths: 6 },
    choices: ['excuses', 'does-not'],
    right: worth === 'nothing-fell' ? 'excuses' : 'does-not',
  };
}

function broodPicture(draw: Draw): Made {
  const isBrood = draw() < 0.6;
  const seed = Math.floor(draw() * 1e6);
  return {
    facts: {},
    choices: ['brood', 'capped-honey'],
    right: isBrood ? 'brood' : 'capped-honey',
    picture: combScene({ seed, kind: isBrood ? 'brood' : 'dark', share: isBrood ? 0.85 : 1 }),
  };
}

function mix(draw: Draw): Made {
  for (;;) {
    const [wetKg, dryKg] = [Math.round(between(draw, 3, 9)), Math.round(between(draw, 10, 25))];
    const [wet, dry] = [between(draw, 20.5, 24), between(draw, 16.5, 19)];
    const water = (wetKg * wet + dryKg * dry) / (wetKg + dryKg);
    if (Math.abs(water - 18.6) < CLEAR_BY) continue;
    return {
      facts: { wetKg, wet, dryKg, dry, water: tenth(water), limit: 18.6 },
      choices: WITHIN_OR_OVER,
      right: water <= 18.6 ? 'within' : 'over',
    };
  }
}

const plain = (choices: readonly CaseChoice[], right: CaseChoice) => (): Made => ({
  facts: {},
  choices,
  right,
});

const MAKERS: Readonly<Record<JudgementCaseId, (draw: Draw) => Made>> = {
  'warm-reading': warmReading,
  'wet-bucket': wetBucket,
  'treated-hive': treatedHive,
  heather,
  foam: plain(['jar-soon', 'hold-taste', 'stir-in'], 'hold-taste'),
  shake,
  'brood-picture': broodPicture,
  mix,
  'set-honey': plain(['read-anyway', 'melt-first'], 'melt-first'),
  'fed-sugar': plain(['take', 'leave'], 'leave'),
};

/**
 * A small case of the trade with its figures and its right answer, which is worked out by the same
 * rules as everywhere.
 *
 * @param seed - any whole number; cases follow each other with the seed
 * @source figures invented; rules: as each names
 */
export function judgementCase(seed: number): JudgementCase {
  requireFinite({ seed }, 'judgementCase');
  const at = ((seed % JUDGEMENT_CASES.length) + JUDGEMENT_CASES.length) % JUDGEMENT_CASES.length;
  const id = JUDGEMENT_CASES[at] ?? 'foam';
  const made = MAKERS[id](seededRandom(seed ^ 0xca5e));
  return { id, picture: null, ...made };
}
