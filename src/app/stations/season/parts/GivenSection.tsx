import { useMemo, type ReactElement } from 'react';
import { LongList } from '../../../ui/page/LongList';
import { useFormContext } from 'react-hook-form';
import { colonyOf, type Book } from '../../../../model';
import { type GivenRecord, type Preferences } from '../../../../records';
import { selectPreferences, useAppSelector } from '../../../../store';
import type { FormOf } from '../../../entry/codec';
import { Field } from '../../../entry/Field';
import { Fields } from '../../../entry/Fields';
import { earlierGivens, givenEntry } from '../../../forms/hives/givenForm';
import { formatDay, isoToday } from '../../../format/dates';
import { formatQuantity } from '../../../format/units';
import { Button } from '../../../ui/Button';
import { EntrySheet } from '../../../ui/forms/EntrySheet';
import { ErrorOf } from '../../../ui/fields/ErrorOf';
import { SheetSection } from '../../../ui/page/SheetSection';
import { EntryRow } from '../../../ui/forms/EntryRow';
import { useEditing } from '../../../data/useEditing';
import { seasonWords } from '../../../words/english/season';

/** The label's window of temperature, as typed. */
function windowWords({ content }: GivenRecord, preferences: Preferences): string {
  const { fromTemperatureC: from, toTemperatureC: to } = content;
  const say = (celsius: number): string => formatQuantity(celsius, 'temperature', preferences, 0);
  if (from === null && to === null) return '';
  if (from === null) return seasonWords.labelUpTo({ to: say(to ?? 0) });
  return to === null
    ? seasonWords.labelFromOnly({ from: say(from) })
    : seasonWords.labelTo({ from: say(from), to: say(to) });
}

function factsOf(record: GivenRecord, book: Book, preferences: Preferences): string[] {
  const { content } = record;
  const { fromDay, toDay, boxesOn, waitDays, colonyIds } = content;
  const hives = colonyIds.map((id) => colonyOf(book, id)?.content.name ?? '').join(', ');
  const days = toDay
    ? seasonWords.toFromdayToday({ fromDay: formatDay(fromDay), toDay: formatDay(toDay) })
    : seasonWords.since({ fromDay: formatDay(fromDay) });
  const wait = waitDays > 0 ? seasonWords.thenDaysOfWaiting({ waitDays }) : '';
  const boxes = boxesOn ? seasonWords.honeyBoxesOn() : seasonWords.honeyBoxesOff();
  return [hives, days, boxes, wait, windowWords(record, preferences)];
}

/** One hive, some, or a whole yard at a tap. */
function GivenHives({ book }: { book: Book }): ReactElement {
  const { watch, setValue } = useFormContext<FormOf<typeof givenEntry.fields>>();
  const chosen = watch('colonyIds');
  const hivesOf = (yardId: string): string[] =>
    book.colonies
      .filter((colony) => colony.content.yardId === yardId)
      .map((colony) => colony.entityId);
  const yards = book.yards.filter((yard) => hivesOf(yard.entityId).length > 1);
  return (
    <div>
      <Field
        of={givenEntry}
        at="colonyIds"
        choices={book.colonies.map((colony) => ({
          value: colony.entityId,
          label: colony.content.name,
        }))}
      />
      <ErrorOf name="colonyIds" />
      <div className="mt-2 flex flex-wrap gap-3">
        {yards.map((yard) => (
          <Button
            key={yard.entityId}
            tone="quiet"
            onClick={() =>
              setValue('colonyIds', [...new Set([...chosen, ...hivesOf(yard.entityId)])], {
                shouldDirty: true,
              })
            }
          >
            {seasonWords.allOf({ name: yard.content.name })}
          </Button>
        ))}
      </div>
    </div>
  );
}

function GivenFields({ book }: { book: Book }): ReactElement {
  return (
    <>
      <Fields of={givenEntry} at={['givenKind', 'name']} />
      <GivenHives book={book} />
      <div className="grid gap-5 sm:grid-cols-2">
        <Fields of={givenEntry} at={['fromDay', 'toDay']} />
      </div>
      <Fields of={givenEntry} at={['boxesOn', 'staysDays', 'waitDays']} />
      <div className="grid gap-5 sm:grid-cols-2">
        <Fields of={givenEntry} at={['fromTemperatureC', 'toTemperatureC']} />
      </div>
      <Field of={givenEntry} at="remark" />
    </>
  );
}

/** Treatments and feeds: they judge the comb that was on the hive meanwhile. */
export function GivenSection({ book }: { book: Book }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const editing = useEditing<GivenRecord>();
  const { record } = editing;
  const formOf = useMemo(
    () => givenEntry.fill(record?.content ?? { fromDay: isoToday() }, preferences),
    [record, preferences],
  );
  return (
    <SheetSection
      id="given"
      title={seasonWords.treatmentsAndFeeds()}
      aside={<Button onClick={() => editing.add()}>{seasonWords.addOne()}</Button>}
    >
      <p className="text-base">{seasonWords.combOnTheHiveDuring()}</p>
      <LongList items={book.givens}>
        {(shown) => (
          <div className="divide-y divide-thread">
            {shown.map((given) => (
              <EntryRow
                key={given.entityId}
                title={given.content.name}
                facts={factsOf(given, book, preferences)}
                onEdit={() => editing.edit(given)}
              />
            ))}
          </div>
        )}
      </LongList>
      <EntrySheet
        open={editing.open}
        onOpenChange={editing.onOpenChange}
        kind="given"
        record={record}
        what={seasonWords.thisEntry()}
        title={record ? record.content.name : seasonWords.aTreatmentOrFeed()}
        description={seasonWords.typeWhatTheLabelSays()}
        formOf={formOf}
        parse={(form) => givenEntry.read(form, preferences)}
        earlier={earlierGivens(book.givens, isoToday(), preferences)}
      >
        <GivenFields book={book} />
      </EntrySheet>
    </SheetSection>
  );
}
