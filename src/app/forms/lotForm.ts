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
} from '../../core';
import { lotContentSchema, type LotContent, type Preferences } from '../../records';
import { decimalText } from '../format/decimal';
import { unitOf } from '../format/units';
import { FormReader, type Parsed } from './parsed';

/** The fields of a lot as they are typed. */
export interface LotForm {
  code: string;
  name: string;
  date: string;
  origin: string;
  plant: string;
  honeyKind: HoneyKind;
  category: HoneyCategory | 'not-said';
  claims: HoneyClaim[];
  ruleSetId: string;
  target: string;
  storage: string;
  signs: FermentationSign[];
  remark: string;
}

const FIELD_OF: Readonly<Record<string, string>> = {
  targetPercent: 'target',
  storageTemperatureC: 'storage',
};

/** A form filled from what is known of a lot. */
export function lotFormOf(content: LotContent, preferences: Preferences): LotForm {
  const { targetPercent, storageTemperatureC, category, ...same } = content;
  const unit = unitOf('temperature', preferences);
  return {
    ...same,
    category: category ?? 'not-said',
    target: decimalText(targetPercent),
    storage: storageTemperatureC === null ? '' : decimalText(unit.fromBase(storageTemperatureC), 1),
  };
}

/** The lot that the form says, or what is wrong in which field. */
export function readLotForm(
  form: LotForm,
  preferences: Preferences,
  ruleSets: readonly RuleSet[] = RULE_SETS,
): Parsed<LotContent> {
  const reader = new FormReader(preferences);
  const targetPercent = reader.number('target', form.target);
  const storageTemperatureC =
    form.storage.trim() === '' ? null : reader.quantity('storage', form.storage, 'temperature');
  const limit = findRuleSet(form.ruleSetId, ruleSets)?.moistureLimitPercent[form.honeyKind];
  if (limit !== undefined && targetPercent > limit) {
    reader.fail(
      'target',
      `A target above the limit of ${limit} % would say nothing; type ${limit} or less.`,
      {
        label: `Use ${limit}`,
        patch: { target: String(limit) },
      },
    );
  }
  const { code, name, date, origin, plant, honeyKind, claims, ruleSetId, signs, remark } = form;
  const category = form.category === 'not-said' ? null : form.category;
  const same = { code, name, date, origin, plant, honeyKind, category, claims, ruleSetId };
  return reader.finish(
    lotContentSchema,
    { ...same, signs, remark, targetPercent, storageTemperatureC },
    (path) => FIELD_OF[path] ?? path,
  );
}

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
