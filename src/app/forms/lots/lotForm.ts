import {
  DEFAULT_TARGET_PERCENT,
  HONEY_KINDS,
  RULE_SETS,
  findRuleSet,
  type FermentationSign,
  type HoneyCategory,
  type HoneyClaim,
  type HoneyKind,
  type RuleSet,
} from '../../../core';
import { lotContentSchema, type LotContent, type Preferences } from '../../../records';
import type { Codec, FormOf } from '../../entry/codec';
import { choice, day, number, oneOf, optional, quantity, several, words } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import type { Parsed } from '../../entry/reader';
import { decimalText } from '../../format/decimal';

const KIND_NAMES: Readonly<Record<HoneyKind, string>> = {
  ordinary: 'Any other honey',
  heather: 'Heather (ling, Calluna)',
};

const CATEGORY_NAMES: Readonly<Record<HoneyCategory | 'not-said', string>> = {
  'not-said': 'Not said',
  blossom: 'Blossom',
  honeydew: 'Honeydew',
  blend: 'Both',
};

export const SIGN_NAMES: Readonly<Record<FermentationSign, string>> = {
  'foam-returns': 'Foam that comes back',
  gas: 'Gas',
  'sour-smell': 'Sour, yeasty or boozy smell',
  'bulging-lid': 'Bulging lid',
};

const CLAIM_NAMES: Readonly<Record<HoneyClaim, string>> = {
  'tropical-origin': 'From a tropical place (HMF up to 80)',
  'low-enzyme': 'Poor in enzymes by nature (diastase from 3)',
  'conductivity-exempt': 'A flower without a conductivity limit',
};

/** Where honey was gathered; null where nobody said. */
const category: Codec<HoneyCategory | null, HoneyCategory | 'not-said'> = {
  ...choice('Gathered from', CATEGORY_NAMES, {
    hint: 'Limits of a laboratory’s values depend on it',
  }),
  fill: (value) => value ?? 'not-said',
  read: (typed) => (typed === 'not-said' ? null : typed),
};

/** What is known of a lot. */
export const lotEntry = entryOf(lotContentSchema, {
  name: words('Name', { hint: 'Optional, for you' }),
  code: words('Lot code'),
  date: day('Extracted on'),
  plant: words('Flow or plant'),
  origin: words('Where from', { hint: 'Yard, hives' }),
  remark: words('Remark', { hint: 'Optional' }),
  honeyKind: choice('Kind of honey', KIND_NAMES),
  ruleSetId: oneOf('Rule set in force', ''),
  category,
  targetPercent: number('Your own target', {
    unit: '%',
    hint: 'What you want to reach or stay under',
  }),
  storageTemperatureC: optional(
    quantity('temperature', 'Temperature of the store', { hint: 'Leave empty where not known' }),
  ),
  signs: several('Signs of fermentation seen', SIGN_NAMES),
  claims: several('Claimed', CLAIM_NAMES),
});
export type LotForm = FormOf<typeof lotEntry.fields>;

/** The lot that the form says, or what is wrong in which field. */
export const readLotForm = (
  form: LotForm,
  preferences: Preferences,
  ruleSets: readonly RuleSet[] = RULE_SETS,
): Parsed<LotContent> =>
  lotEntry.read(form, preferences, {
    check: ({ targetPercent, ruleSetId, honeyKind }, reader) => {
      const limit = findRuleSet(ruleSetId, ruleSets)?.moistureLimitPercent[honeyKind];
      if (limit === undefined || !(targetPercent > limit)) return;
      reader
        .at('targetPercent')
        .fail(`A target above the limit of ${limit} % would say nothing; type ${limit} or less.`, {
          label: `Use ${limit}`,
          patch: { targetPercent: String(limit) },
        });
    },
  });

/** The target to propose for a kind of honey under a rule set: the usual one, never above the limit. */
export function proposedTarget(
  honeyKind: HoneyKind,
  ruleSetId: string,
  ruleSets: readonly RuleSet[] = RULE_SETS,
): string {
  const limit = findRuleSet(ruleSetId, ruleSets)?.moistureLimitPercent[honeyKind] ?? Infinity;
  return decimalText(Math.min(DEFAULT_TARGET_PERCENT[honeyKind], limit));
}

/** Whether a target is one that was proposed, so that another proposal may replace it; a typed one stays. */
export function isProposedTarget(text: string, ruleSets: readonly RuleSet[] = RULE_SETS): boolean {
  const proposals = ruleSets.flatMap(({ id }) =>
    HONEY_KINDS.map((kind) => proposedTarget(kind, id, ruleSets)),
  );
  return text.trim() === '' || proposals.includes(text.trim());
}
