import type { ReactElement } from 'react';
import { useFormContext } from 'react-hook-form';
import { findRuleSet, type HoneyKind } from '../../../../core';
import { useRuleSetChoices, useRuleSets } from '../../../data/useRuleSets';
import { Field } from '../../../entry/Field';
import {
  isProposedTarget,
  lotEntry,
  proposedTarget,
  type LotForm,
} from '../../../forms/lots/lotForm';
import { FoldSummary } from '../../../ui/page/FoldSummary';
import { rulingWords } from '../../../words/english/ruling';
import { limitsWords } from '../../../words/english/limits';

interface LotFieldsProps {
  /** where they stand within a larger form */
  under?: string;
}

const HEATHER_WORDS = /heather|calluna|\bling\b/i;

/** Name, day, origin and plant of a lot. */
export function LotNameFields(place: LotFieldsProps): ReactElement {
  return (
    <div className="grid gap-5 sm:grid-cols-2">
      <Field of={lotEntry} at="name" {...place} />
      <Field of={lotEntry} at="code" {...place} />
      <Field of={lotEntry} at="date" {...place} />
      <Field of={lotEntry} at="plant" {...place} />
      <div className="sm:col-span-2">
        <Field of={lotEntry} at="origin" {...place} />
      </div>
      <div className="sm:col-span-2">
        <Field of={lotEntry} at="remark" {...place} />
      </div>
    </div>
  );
}

/** Kind of honey, rule set, target, store and signs: what the limits depend on. */
export function LotLimitFields(place: LotFieldsProps): ReactElement {
  const { watch, setValue, getValues } = useFormContext();
  const { under } = place;
  const field = (name: keyof LotForm): string => (under === undefined ? name : `${under}.${name}`);
  const plant = String(watch(field('plant')));
  const honeyKind = watch(field('honeyKind')) as HoneyKind;
  const ruleSets = useRuleSets();
  const ruleSetId = String(watch(field('ruleSetId')));
  const choices = useRuleSetChoices(ruleSetId);
  const ruleSet = findRuleSet(ruleSetId, ruleSets);
  const proposeTarget = (): void => {
    if (!isProposedTarget(String(getValues(field('targetPercent'))), ruleSets)) return;
    const kind = getValues(field('honeyKind')) as HoneyKind;
    const target = proposedTarget(kind, String(getValues(field('ruleSetId'))), ruleSets);
    setValue(field('targetPercent'), target, { shouldDirty: true });
  };
  const limit = ruleSet?.moistureLimitPercent[honeyKind];
  return (
    <div className="grid gap-5 sm:grid-cols-2">
      <Field
        of={lotEntry}
        at="honeyKind"
        {...place}
        hint={
          honeyKind === 'ordinary' && HEATHER_WORDS.test(plant)
            ? rulingWords.thisSoundsLikeLingHeather()
            : undefined
        }
        onChosen={proposeTarget}
      />
      <Field
        of={lotEntry}
        at="ruleSetId"
        {...place}
        choices={choices}
        hint={
          limit === undefined
            ? undefined
            : rulingWords.limit({
                limit: limit.toFixed(1),
                localLawDecides: limitsWords.localLawDecides(),
              })
        }
        onChosen={proposeTarget}
      />
      <Field of={lotEntry} at="category" {...place} />
      <Field of={lotEntry} at="targetPercent" {...place} />
      <Field of={lotEntry} at="storageTemperatureC" {...place} />
      <div className="sm:col-span-2">
        <Field of={lotEntry} at="signs" {...place} />
      </div>
      <details className="sm:col-span-2">
        <FoldSummary>{rulingWords.claimsThatALaboratorysLimits()}</FoldSummary>
        <Field of={lotEntry} at="claims" {...place} />
      </details>
    </div>
  );
}
