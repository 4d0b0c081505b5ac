import type { ReactElement } from 'react';
import { useFormContext } from 'react-hook-form';
import { HONEY_KINDS, LOCAL_LAW_DECIDES, findRuleSet, type HoneyKind } from '../../../../core';
import { useRuleSetChoices, useRuleSets } from '../../../data/useRuleSets';
import { isProposedTarget, proposedTarget, type LotForm } from '../../../forms/lotForm';
import { ChecksField } from '../../../ui/ChecksField';
import { ChoiceField } from '../../../ui/ChoiceField';
import { SelectField } from '../../../ui/SelectField';
import { TextField } from '../../../ui/TextField';
import { unitOf } from '../../../format/units';
import { selectPreferences, useAppSelector } from '../../../../store';
import { FoldSummary } from '../../../ui/FoldSummary';

const KIND_NAMES: Readonly<Record<HoneyKind, string>> = {
  ordinary: 'Any other honey',
  heather: 'Heather (ling, Calluna)',
};

export const SIGN_CHOICES = [
  { value: 'foam-returns', label: 'Foam that comes back' },
  { value: 'gas', label: 'Gas' },
  { value: 'sour-smell', label: 'Sour, yeasty or boozy smell' },
  { value: 'bulging-lid', label: 'Bulging lid' },
];

const CATEGORY_CHOICES = [
  { value: 'not-said', label: 'Not said' },
  { value: 'blossom', label: 'Blossom' },
  { value: 'honeydew', label: 'Honeydew' },
  { value: 'blend', label: 'Both' },
];

const CLAIM_CHOICES = [
  { value: 'tropical-origin', label: 'From a tropical place (HMF up to 80)' },
  { value: 'low-enzyme', label: 'Poor in enzymes by nature (diastase from 3)' },
  { value: 'conductivity-exempt', label: 'A flower without a conductivity limit' },
];

const HEATHER_WORDS = /heather|calluna|\bling\b/i;

/** Name, day, origin and plant of a lot. */
export function LotNameFields({ prefix }: { prefix: string }): ReactElement {
  return (
    <div className="grid gap-5 sm:grid-cols-2">
      <TextField name={`${prefix}name`} label="Name" hint="Optional, for you" />
      <TextField name={`${prefix}code`} label="Lot code" prefix={prefix} />
      <TextField name={`${prefix}date`} label="Extracted on" type="date" />
      <TextField name={`${prefix}plant`} label="Flow or plant" />
      <div className="sm:col-span-2">
        <TextField name={`${prefix}origin`} label="Where from" hint="Yard, hives" />
      </div>
      <div className="sm:col-span-2">
        <TextField name={`${prefix}remark`} label="Remark" hint="Optional" />
      </div>
    </div>
  );
}

/** Kind of honey, rule set, target, store and signs: what the limits depend on. */
export function LotLimitFields({ prefix }: { prefix: string }): ReactElement {
  const { watch, setValue, getValues } = useFormContext();
  const preferences = useAppSelector(selectPreferences);
  const field = (name: keyof LotForm): string => prefix + name;
  const plant = String(watch(field('plant')));
  const honeyKind = watch(field('honeyKind')) as HoneyKind;
  const ruleSets = useRuleSets();
  const ruleSetId = String(watch(field('ruleSetId')));
  const choices = useRuleSetChoices(ruleSetId);
  const ruleSet = findRuleSet(ruleSetId, ruleSets);
  const proposeTarget = (): void => {
    if (!isProposedTarget(String(getValues(field('target'))), ruleSets)) return;
    const kind = getValues(field('honeyKind')) as HoneyKind;
    const target = proposedTarget(kind, String(getValues(field('ruleSetId'))), ruleSets);
    setValue(field('target'), target, { shouldDirty: true });
  };
  const limit = ruleSet?.moistureLimitPercent[honeyKind];
  return (
    <div className="grid gap-5 sm:grid-cols-2">
      <ChoiceField
        name={field('honeyKind')}
        label="Kind of honey"
        choices={HONEY_KINDS.map((value) => ({ value, label: KIND_NAMES[value] }))}
        hint={
          honeyKind === 'ordinary' && HEATHER_WORDS.test(plant)
            ? 'The plant sounds like ling heather, which has its own limit.'
            : undefined
        }
        onChosen={proposeTarget}
      />
      <SelectField
        name={field('ruleSetId')}
        label="Rule set in force"
        options={choices}
        hint={limit === undefined ? undefined : `Limit ${limit.toFixed(1)} %. ${LOCAL_LAW_DECIDES}`}
        onChosen={proposeTarget}
      />
      <ChoiceField
        name={field('category')}
        label="Gathered from"
        choices={CATEGORY_CHOICES}
        hint="Limits of a laboratory’s values depend on it"
      />
      <TextField
        name={field('target')}
        label="Your own target"
        unit="%"
        inputMode="decimal"
        prefix={prefix}
        hint="What you want to reach or stay under"
      />
      <TextField
        name={field('storage')}
        label="Temperature of the store"
        unit={unitOf('temperature', preferences).name}
        inputMode="decimal"
        hint="Leave empty where not known"
      />
      <div className="sm:col-span-2">
        <ChecksField
          name={field('signs')}
          label="Signs of fermentation seen"
          choices={SIGN_CHOICES}
        />
      </div>
      <details className="sm:col-span-2">
        <FoldSummary>Claims that a laboratory’s limits depend on</FoldSummary>
        <ChecksField name={field('claims')} label="Claimed" choices={CLAIM_CHOICES} />
      </details>
    </div>
  );
}
