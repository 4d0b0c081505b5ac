import { useMemo, type ReactElement } from 'react';
import type { Book } from '../../../../model';
import type { Flow } from '../../../../records';
import { selectPreferences, useAppSelector } from '../../../../store';
import { Field } from '../../../entry/Field';
import { Fields } from '../../../entry/Fields';
import { flowEntry, freshFlow } from '../../../forms/hives/flowForm';
import { formatDay, isoDay } from '../../../format/dates';
import { Button } from '../../../ui/Button';
import { EntrySheet } from '../../../ui/forms/EntrySheet';
import { SheetSection } from '../../../ui/page/SheetSection';
import { EntryRow } from '../../../ui/forms/EntryRow';
import { FlowLines } from './FlowLines';
import { useEditing } from '../../../data/useEditing';

function daysWords({ content }: Flow): string[] {
  const { observedStart, observedEnd, expectedStart, expectedEnd } = content;
  const expected = `expected ${formatDay(expectedStart)} to ${formatDay(expectedEnd)}`;
  if (!observedStart) return [content.plant, expected, 'not seen yet'];
  const seen = observedEnd
    ? `came ${formatDay(observedStart)} to ${formatDay(observedEnd)}`
    : `came ${formatDay(observedStart)}, still on`;
  return [content.plant, expected, seen];
}

/** Flows: expected and observed, last years beside them. */
export function FlowsSection({ book }: { book: Book }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const editing = useEditing<Flow>();
  const { record } = editing;
  const formOf = useMemo(
    () => flowEntry.fill(record?.content ?? freshFlow(isoDay(new Date())), preferences),
    [record, preferences],
  );
  return (
    <SheetSection
      id="flows"
      title="Flows"
      aside={<Button onClick={() => editing.add()}>Add a flow</Button>}
    >
      {book.flows.length === 0 && (
        <p className="text-lg">
          A flow tells until when bees can finish a frame that goes back, and keeps flavours apart.
        </p>
      )}
      <FlowLines flows={book.flows} />
      <div className="divide-y divide-thread">
        {book.flows.map((one) => (
          <EntryRow
            key={one.entityId}
            title={one.content.name}
            facts={daysWords(one)}
            onEdit={() => editing.edit(one)}
          />
        ))}
      </div>
      <EntrySheet
        open={editing.open}
        onOpenChange={editing.onOpenChange}
        kind="flow"
        record={record}
        what="the flow"
        title={record ? record.content.name : 'A flow'}
        description="Expected bloom often differs from the bloom that comes; write down both."
        formOf={formOf}
        parse={(form) => flowEntry.read(form, preferences)}
      >
        <div className="grid gap-5 sm:grid-cols-2">
          <Fields
            of={flowEntry}
            at={['name', 'plant', 'expectedStart', 'expectedEnd', 'observedStart', 'observedEnd']}
          />
        </div>
        {book.yards.length > 0 && (
          <Field
            of={flowEntry}
            at="yardIds"
            choices={book.yards.map((one) => ({ value: one.entityId, label: one.content.name }))}
          />
        )}
        <Field of={flowEntry} at="remark" />
      </EntrySheet>
    </SheetSection>
  );
}
