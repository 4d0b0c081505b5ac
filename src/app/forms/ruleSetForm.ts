import { ownRuleSetContentSchema, type OwnRuleSetContent, type Preferences } from '../../records';
import { decimalText } from '../format/decimal';
import { FormReader, type Parsed } from './parsed';

/** A rule set of one's own as it is typed. */
export interface RuleSetForm {
  name: string;
  edition: string;
  ordinary: string;
  heather: string;
  /** both empty: no baker's grade */
  bakersOrdinary: string;
  bakersHeather: string;
  note: string;
}

export const FRESH_RULE_SET: RuleSetForm = {
  name: '',
  edition: '',
  ordinary: '',
  heather: '',
  bakersOrdinary: '',
  bakersHeather: '',
  note: '',
};

const textOf = (limit: number | null): string => (limit === null ? '' : decimalText(limit));

/** A form filled from a rule set of one's own. */
export function ruleSetFormOf(content: OwnRuleSetContent): RuleSetForm {
  return {
    name: content.name,
    edition: content.edition,
    ordinary: textOf(content.ordinaryPercent),
    heather: textOf(content.heatherPercent),
    bakersOrdinary: textOf(content.bakersOrdinaryPercent),
    bakersHeather: textOf(content.bakersHeatherPercent),
    note: content.note,
  };
}

const FIELD_OF: Readonly<Record<string, string>> = {
  ordinaryPercent: 'ordinary',
  heatherPercent: 'heather',
  bakersOrdinaryPercent: 'bakersOrdinary',
  bakersHeatherPercent: 'bakersHeather',
};

/** The rule set that the form says, or what is wrong in which field. */
export function readRuleSetForm(
  form: RuleSetForm,
  preferences: Preferences,
): Parsed<OwnRuleSetContent> {
  const reader = new FormReader(preferences);
  const candidate = {
    name: form.name,
    edition: form.edition,
    note: form.note,
    ordinaryPercent: reader.number('ordinary', form.ordinary),
    heatherPercent: reader.number('heather', form.heather),
    bakersOrdinaryPercent: reader.optionalNumber('bakersOrdinary', form.bakersOrdinary),
    bakersHeatherPercent: reader.optionalNumber('bakersHeather', form.bakersHeather),
  };
  return reader.finish(ownRuleSetContentSchema, candidate, (path) => FIELD_OF[path] ?? path);
}
