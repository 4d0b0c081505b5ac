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
import { commonWords } from '../../words/english/common';
import { lotWords } from '../../words/english/lot';

const KIND_NAMES: Readonly<Record<HoneyKind, string>> = {
  ordinary: lotWords.anyOtherHoney(),
  heather: lotWords.heatherLingCalluna(),
};

const CATEGORY_NAMES: Readonly<Record<HoneyCategory | 'not-said', string>> = {
  'not-said': commonWords.notGiven(),
  blossom: lotWords.blossom(),
  honeydew: lotWords.honeydew(),
  blend: lotWords.both(),
};

export const SIGN_NAMES: Readonly<Record<FermentationSign, string>> = {
  'foam-returns': lotWords.foamThatComesBack(),
  gas: lotWords.gas(),
  'sour-smell': lotWords.sourYeastyOrBoozySmell(),
  'bulging-lid': lotWords.bulgingLid(),
};

const CLAIM_NAMES: Readonly<Record<HoneyClaim, string>> = {
  'tropical-origin': lotWords.fromTheTropicsHmfUp(),
  'low-enzyme': lotWords.naturallyLowInEnzymesDiastase(),
  'conductivity-exempt': lotWords.aFlowerWithoutAConductivity(),
};

/** Where honey was gathered; null where nobody said. */
const category: Codec<HoneyCategory | null, HoneyCategory | 'not-said'> = {
  ...choice(lotWords.gatheredFrom(), CATEGORY_NAMES, {
    hint: lotWords.laboratoryLimitsDependOnIt(),
  }),
  fill: (value) => value ?? 'not-said',
  read: (typed) => (typed === 'not-said' ? null : typed),
};

/** What is known of a lot. */
export const lotEntry = entryOf(lotContentSchema, {
  name: words(commonWords.name(), { hint: lotWords.optionalForYourOwnUse() }),
  code: words(lotWords.lotCode()),
  date: day(lotWords.extractedOn()),
  plant: words(lotWords.flowOrPlant()),
  origin: words(lotWords.origin(), { hint: lotWords.yardAndHives() }),
  remark: words(commonWords.remark(), { hint: lotWords.optional() }),
  honeyKind: choice(lotWords.kindOfHoney(), KIND_NAMES),
  ruleSetId: oneOf(lotWords.ruleSet(), ''),
  category,
  targetPercent: number(lotWords.yourOwnTarget(), {
    unit: '%',
    hint: lotWords.whatYouWantToStay(),
  }),
  storageTemperatureC: optional(
    quantity('temperature', lotWords.temperatureOfTheStore(), {
      hint: lotWords.leaveEmptyIfNotKnown(),
    }),
  ),
  signs: several(lotWords.signsOfFermentationSeen(), SIGN_NAMES),
  claims: several(lotWords.claimed(), CLAIM_NAMES),
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
      reader.at('targetPercent').fail(lotWords.aTargetAboveTheLimit({ limit }), {
        label: lotWords.use({ limit }),
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
