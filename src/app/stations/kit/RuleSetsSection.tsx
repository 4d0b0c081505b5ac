import { useMemo, type ReactElement } from 'react';
import type { OwnRuleSet } from '../../../records';
import { selectPreferences, useAppSelector } from '../../../store';
import { useEditing } from '../../data/useEditing';
import { Field } from '../../entry/Field';
import { Fields } from '../../entry/Fields';
import { ruleSetEntry } from '../../forms/hives/ruleSetForm';
import { Button } from '../../ui/Button';
import { EntryRow } from '../../ui/forms/EntryRow';
import { EntrySheet } from '../../ui/forms/EntrySheet';
import { SheetSection } from '../../ui/page/SheetSection';
import { useBook } from '../../data/useWorkspaceModel';
import { kitWords } from '../../words/english/kit';
import { limitsWords } from '../../words/english/limits';

function factsOf({ content }: OwnRuleSet): string[] {
  const { edition, ordinaryPercent, heatherPercent } = content;
  const { bakersOrdinaryPercent, bakersHeatherPercent, note } = content;
  return [
    edition,
    kitWords.heather({
      ordinaryPercent: ordinaryPercent.toFixed(1),
      heatherPercent: heatherPercent.toFixed(1),
    }),
    bakersOrdinaryPercent === null || bakersHeatherPercent === null
      ? ''
      : kitWords.bakersHeather({
          bakersOrdinaryPercent: bakersOrdinaryPercent.toFixed(1),
          bakersHeatherPercent: bakersHeatherPercent.toFixed(1),
        }),
    note,
  ];
}

/** Limits of the keeper's own, beside the shipped ones: of a country, a buyer, a label. */
export function RuleSetsSection(): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const own = useBook().ownRuleSets ?? [];
  const editing = useEditing<OwnRuleSet>();
  const { record } = editing;
  const formOf = useMemo(
    () => ruleSetEntry.fill(record?.content ?? {}, preferences),
    [record, preferences],
  );
  return (
    <SheetSection
      id="rule-sets"
      title={kitWords.ruleSetsOfYourOwn()}
      aside={<Button onClick={() => editing.add()}>{kitWords.addOne()}</Button>}
    >
      <p className="max-w-2xl text-lg">{kitWords.limitsOfACountryBuyer()}</p>
      <div className="mt-2 divide-y divide-thread">
        {own.map((item) => (
          <EntryRow
            key={item.entityId}
            title={item.content.name}
            facts={factsOf(item)}
            onEdit={() => editing.edit(item)}
          />
        ))}
      </div>
      <EntrySheet
        open={editing.open}
        onOpenChange={editing.onOpenChange}
        kind="rule-set"
        record={record}
        what={kitWords.theRuleSet()}
        title={record ? record.content.name : kitWords.aRuleSetOfYour()}
        description={limitsWords.localLawDecides()}
        formOf={formOf}
        parse={(form) => ruleSetEntry.read(form, preferences)}
      >
        <Fields of={ruleSetEntry} at={['name', 'edition']} />
        <div className="grid gap-5 sm:grid-cols-2">
          <Fields
            of={ruleSetEntry}
            at={[
              'ordinaryPercent',
              'heatherPercent',
              'bakersOrdinaryPercent',
              'bakersHeatherPercent',
            ]}
          />
        </div>
        <Field of={ruleSetEntry} at="note" />
      </EntrySheet>
    </SheetSection>
  );
}
