import { useMemo, type ReactElement } from 'react';
import { LongList } from '../../../ui/page/LongList';
import { dayNumber, flowOnDay, type Book } from '../../../../model';
import type { Flow } from '../../../../records';
import { selectPreferences, useAppSelector } from '../../../../store';
import { Field } from '../../../entry/Field';
import { Fields } from '../../../entry/Fields';
import { flowEntry, freshFlow } from '../../../forms/hives/flowForm';
import { formatDay, isoToday } from '../../../format/dates';
import { Button } from '../../../ui/Button';
import { EntrySheet } from '../../../ui/forms/EntrySheet';
import { SheetSection } from '../../../ui/page/SheetSection';
import { EntryRow } from '../../../ui/forms/EntryRow';
import { FlowLines } from './FlowLines';
import { useEditing } from '../../../data/useEditing';
import { seasonWords } from '../../../words/english/season';

function daysWords({ content }: Flow): string[] {
  const { observedStart, observedEnd, expectedStart, expectedEnd } = content;
  const plant = content.plant || seasonWords.plantNotKnown();
  const taste = content.taste === 'poor' ? seasonWords.tastesPoor() : '';
  const expected = seasonWords.expectedTo({
    expectedStart: formatDay(expectedStart),
    expectedEnd: formatDay(expectedEnd),
  });
  if (content.failed) return [plant, expected, seasonWords.failed()];
  if (!observedStart) {
    const isOver = flowOnDay({ content }, dayNumber(isoToday())).course.state === 'never-seen';
    return [plant, expected, isOver ? seasonWords.neverSeen() : seasonWords.notSeenYet()];
  }
  const seen = observedEnd
    ? seasonWords.cameTo({
        observedStart: formatDay(observedStart),
        observedEnd: formatDay(observedEnd),
      })
    : seasonWords.cameStillOn({ observedStart: formatDay(observedStart) });
  return [plant, expected, seen, taste];
}

/** Flows: expected and observed, last years beside them. */
export function FlowsSection({ book }: { book: Book }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const editing = useEditing<Flow>();
  const { record } = editing;
  const formOf = useMemo(
    () => flowEntry.fill(record?.content ?? freshFlow(isoToday()), preferences),
    [record, preferences],
  );
  return (
    <SheetSection
      id="flows"
      title={seasonWords.flows()}
      aside={<Button onClick={() => editing.add()}>{seasonWords.addAFlow()}</Button>}
    >
      {book.flows.length === 0 && <p className="text-lg">{seasonWords.aFlowTellsHowLong()}</p>}
      <LongList items={book.flows}>
        {(shown) => (
          <>
            <FlowLines flows={shown} />
            <div className="divide-y divide-thread">
              {shown.map((flow) => (
                <EntryRow
                  key={flow.entityId}
                  title={flow.content.name}
                  facts={daysWords(flow)}
                  onEdit={() => editing.edit(flow)}
                />
              ))}
            </div>
          </>
        )}
      </LongList>
      <EntrySheet
        open={editing.open}
        onOpenChange={editing.onOpenChange}
        kind="flow"
        record={record}
        what={seasonWords.theFlow()}
        title={record ? record.content.name : seasonWords.aFlow()}
        description={seasonWords.expectedAndActualBloomOften()}
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
            choices={book.yards.map((yard) => ({ value: yard.entityId, label: yard.content.name }))}
          />
        )}
        <Fields of={flowEntry} at={['failed', 'taste', 'remark']} />
      </EntrySheet>
    </SheetSection>
  );
}
