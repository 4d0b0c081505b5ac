import { useMemo, type ReactElement } from 'react';
import { LOCAL_LAW_DECIDES } from '../../../core';
import type { OwnRuleSet } from '../../../records';
import { selectPreferences, useAppSelector } from '../../../store';
import { useBook } from '../../data/useBook';
import { useEditing } from '../../data/useEditing';
import { FRESH_RULE_SET, readRuleSetForm, ruleSetFormOf } from '../../forms/ruleSetForm';
import { Button } from '../../ui/Button';
import { EntryRow } from '../../ui/EntryRow';
import { EntrySheet } from '../../ui/EntrySheet';
import { SheetSection } from '../../ui/SheetSection';
import { TextField } from '../../ui/TextField';

function factsOf({ content }: OwnRuleSet): string[] {
  const { edition, ordinaryPercent, heatherPercent } = content;
  const { bakersOrdinaryPercent, bakersHeatherPercent, note } = content;
  return [
    edition,
    `${ordinaryPercent.toFixed(1)} %, heather ${heatherPercent.toFixed(1)} %`,
    bakersOrdinaryPercent === null || bakersHeatherPercent === null
      ? ''
      : `baker’s ${bakersOrdinaryPercent.toFixed(1)} %, heather ${bakersHeatherPercent.toFixed(1)} %`,
    note,
  ];
}

const LIMITS = [
  ['ordinary', 'Highest moisture', ''],
  ['heather', 'Of heather (ling) honey', 'The same where it is no exception'],
  ['bakersOrdinary', 'Of baker’s honey', 'Empty where there is no such grade'],
  ['bakersHeather', 'Of baker’s heather honey', 'Empty where there is no such grade'],
] as const;

/** Limits of the keeper's own, beside the shipped ones: of a country, a buyer, a label. */
export function RuleSetsSection(): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const own = useBook()?.ownRuleSets ?? [];
  const editing = useEditing<OwnRuleSet>();
  const { record } = editing;
  const formOf = useMemo(() => (record ? ruleSetFormOf(record.content) : FRESH_RULE_SET), [record]);
  return (
    <SheetSection
      id="rule-sets"
      title="Rule sets of your own"
      aside={<Button onClick={() => editing.add()}>Add one</Button>}
    >
      <p className="max-w-2xl text-lg">
        Limits of a country, a buyer or a label that do not ship with Ripenum. Lots can be ruled by
        them like by any other; lots that were signed stay as they were.
      </p>
      <div className="mt-2 divide-y divide-thread">
        {own.map((one) => (
          <EntryRow
            key={one.entityId}
            title={one.content.name}
            facts={factsOf(one)}
            onEdit={() => editing.edit(one)}
          />
        ))}
      </div>
      <EntrySheet
        open={editing.open}
        onOpenChange={editing.onOpenChange}
        kind="rule-set"
        record={record}
        what="the rule set"
        title={record ? record.content.name : 'A rule set of your own'}
        description={LOCAL_LAW_DECIDES}
        formOf={formOf}
        parse={(form) => readRuleSetForm(form, preferences)}
      >
        <TextField name="name" label="Name" />
        <TextField
          name="edition"
          label="Edition"
          hint="Where and when you read it; it is printed beside every limit"
        />
        <div className="grid gap-5 sm:grid-cols-2">
          {LIMITS.map(([name, label, hint]) => (
            <TextField
              key={name}
              name={name}
              label={label}
              unit="%"
              inputMode="decimal"
              {...(hint !== '' && { hint })}
            />
          ))}
        </div>
        <TextField name="note" label="Note" />
      </EntrySheet>
    </SheetSection>
  );
}
