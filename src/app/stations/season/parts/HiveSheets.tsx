import { useMemo, type ReactElement } from 'react';
import { useFormContext } from 'react-hook-form';
import { colonyOf, type Book } from '../../../../model';
import { type Box, type Colony, type Yard } from '../../../../records';
import { selectPreferences, useAppSelector } from '../../../../store';
import type { FormOf } from '../../../entry/codec';
import { Field } from '../../../entry/Field';
import { Fields } from '../../../entry/Fields';
import { boxEntry, freshBox, readBoxForm, type BoxForm } from '../../../forms/hives/boxForm';
import { colonyEntry } from '../../../forms/hives/colonyForm';
import { yardEntry } from '../../../forms/hives/yardForm';
import { isoToday } from '../../../format/dates';
import { EntrySheet } from '../../../ui/forms/EntrySheet';
import type { Editing } from '../../../data/useEditing';
import { seasonWords } from '../../../words/english/season';

export function YardSheet({ editing }: { editing: Editing<Yard> }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const { record } = editing;
  return (
    <EntrySheet
      open={editing.open}
      onOpenChange={editing.onOpenChange}
      kind="yard"
      record={record}
      what={seasonWords.theYard()}
      title={record ? record.content.name : seasonWords.aYard()}
      description={seasonWords.whereTheHivesAreAnd()}
      formOf={yardEntry.fill(record?.content ?? { climate: 'not-said' }, preferences)}
      parse={(form) => yardEntry.read(form, preferences)}
    >
      <Fields of={yardEntry} at={['name', 'climate', 'remark']} />
    </EntrySheet>
  );
}

function KeepFields(): ReactElement {
  const { watch } = useFormContext<FormOf<typeof colonyEntry.fields>>();
  const keepBy = watch('keep.by');
  return (
    <>
      <Field of={colonyEntry} at="keep.by" />
      {keepBy === 'frames' && <Field of={colonyEntry} at="keep.frames" />}
      {keepBy === 'boxes' && <Field of={colonyEntry} at="keep.boxes" />}
      {keepBy === 'mass' && <Field of={colonyEntry} at="keep.kg" />}
    </>
  );
}

export function ColonySheet({
  editing,
  book,
}: {
  editing: Editing<Colony>;
  book: Book;
}): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const { record, parent } = editing;
  const formOf = useMemo(
    () => colonyEntry.fill(record?.content ?? { yardId: parent }, preferences),
    [record, parent, preferences],
  );
  return (
    <EntrySheet
      open={editing.open}
      onOpenChange={editing.onOpenChange}
      kind="colony"
      record={record}
      what={seasonWords.theHive()}
      title={record ? record.content.name : seasonWords.aHive()}
      description={seasonWords.aColonyByTheName()}
      formOf={formOf}
      parse={(form) => colonyEntry.read(form, preferences)}
    >
      <Field of={colonyEntry} at="name" />
      <Field
        of={colonyEntry}
        at="yardId"
        choices={book.yards.map((yard) => ({ value: yard.entityId, label: yard.content.name }))}
      />
      <KeepFields />
      <Fields of={colonyEntry} at={['health', 'temper', 'remark']} />
    </EntrySheet>
  );
}

function BoxFields({ book }: { book: Book }): ReactElement {
  const { watch } = useFormContext<BoxForm>();
  const tote = watch('boxKind') === 'tote';
  return (
    <>
      <Field of={boxEntry} at="boxKind" />
      <div className="grid gap-5 sm:grid-cols-2">
        <Fields of={boxEntry} at={['label', 'slots']} />
      </div>
      <Field
        of={boxEntry}
        at="formatId"
        choices={book.formats.map((format) => ({ value: format.id, label: format.name }))}
      />
      {!tote && (
        <>
          <Field
            of={boxEntry}
            at="colonyId"
            choices={[
              { value: '', label: seasonWords.onNoHive() },
              ...book.colonies.map((colony) => ({
                value: colony.entityId,
                label: colony.content.name,
              })),
            ]}
          />
          <div className="grid gap-5 sm:grid-cols-2">
            <Fields of={boxEntry} at={['onDay', 'offDay']} />
          </div>
          <Fields of={boxEntry} at={['role', 'excluder', 'newComb', 'lastHoney', 'cleanedSince']} />
        </>
      )}
    </>
  );
}

export function BoxSheet({ editing, book }: { editing: Editing<Box>; book: Book }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const { record, parent } = editing;
  const formOf = useMemo(
    () => boxEntry.fill(record?.content ?? freshBox(parent, isoToday()), preferences),
    [record, parent, preferences],
  );
  const parse = (form: BoxForm) =>
    readBoxForm(form, preferences, {
      before: record?.content ?? null,
      yardId: colonyOf(book, form.colonyId)?.content.yardId ?? null,
    });
  return (
    <EntrySheet
      open={editing.open}
      onOpenChange={editing.onOpenChange}
      kind="box"
      record={record}
      what={seasonWords.theBox()}
      title={record ? record.content.label : seasonWords.aBoxOrTote()}
      description={seasonWords.whenYouMoveItWhere()}
      formOf={formOf}
      parse={parse}
    >
      <BoxFields book={book} />
    </EntrySheet>
  );
}
