import { useMemo, type ReactElement } from 'react';
import { useFormContext } from 'react-hook-form';
import { CLIMATES } from '../../../../core';
import { colonyOf, type Book, type Box, type Colony, type Yard } from '../../../../records';
import { selectPreferences, useAppSelector } from '../../../../store';
import { boxFormOf, freshBox, readBoxForm, type BoxForm } from '../../../forms/boxForm';
import {
  colonyFormOf,
  freshColony,
  readColonyForm,
  type ColonyForm,
} from '../../../forms/colonyForm';
import { FRESH_YARD, readYardForm } from '../../../forms/yardForm';
import { isoDay } from '../../../format/dates';
import { unitOf } from '../../../format/units';
import { ChoiceField } from '../../../ui/ChoiceField';
import { EntrySheet } from '../../../ui/EntrySheet';
import { SelectField } from '../../../ui/SelectField';
import { TextField } from '../../../ui/TextField';
import type { Editing } from '../../../data/useEditing';

const CLIMATE_NAMES = {
  dry: 'Dry',
  ordinary: 'Ordinary',
  damp: 'Damp',
  'not-said': 'Not known',
} as const;

export function YardSheet({ editing }: { editing: Editing<Yard> }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const { record } = editing;
  return (
    <EntrySheet
      open={editing.open}
      onOpenChange={editing.onOpenChange}
      kind="yard"
      record={record}
      what="the yard"
      title={record ? record.content.name : 'A yard'}
      description="Where hives stand, and how damp its air is while honey ripens."
      formOf={record ? record.content : FRESH_YARD}
      parse={(form) => readYardForm(form, preferences)}
    >
      <TextField name="name" label="Name" />
      <ChoiceField
        name="climate"
        label="Air of the season"
        choices={CLIMATES.map((value) => ({ value, label: CLIMATE_NAMES[value] }))}
        hint="In damp air bees cap honey that is wetter"
      />
      <TextField name="remark" label="Remark" />
    </EntrySheet>
  );
}

function KeepFields(): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const { watch } = useFormContext<ColonyForm>();
  const keepBy = watch('keepBy');
  return (
    <>
      <ChoiceField
        name="keepBy"
        label="You want to leave it"
        choices={[
          { value: 'nothing', label: 'No target' },
          { value: 'frames', label: 'Frames' },
          { value: 'mass', label: 'A weight' },
        ]}
      />
      {keepBy !== 'nothing' && (
        <TextField
          name="keep"
          label="How much"
          unit={keepBy === 'frames' ? 'frames' : unitOf('mass', preferences).name}
          inputMode="decimal"
          hint="Your own target; Ripenum does not know what a colony needs at your place"
        />
      )}
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
    () => (record ? colonyFormOf(record.content, preferences) : freshColony(parent)),
    [record, parent, preferences],
  );
  return (
    <EntrySheet
      open={editing.open}
      onOpenChange={editing.onOpenChange}
      kind="colony"
      record={record}
      what="the hive"
      title={record ? record.content.name : 'A hive'}
      description="A colony, by the name or number on its hive."
      formOf={formOf}
      parse={(form) => readColonyForm(form, preferences)}
    >
      <TextField name="name" label="Name or number" />
      <SelectField
        name="yardId"
        label="Yard"
        options={book.yards.map((one) => ({ value: one.entityId, label: one.content.name }))}
      />
      <KeepFields />
      <ChoiceField
        name="health"
        label="Health"
        choices={[
          { value: 'sound', label: 'Sound' },
          { value: 'unknown', label: 'Not known' },
          { value: 'suspect', label: 'In doubt' },
        ]}
        hint="Unknown or in doubt: nothing of it is fed to other colonies"
      />
      <TextField name="remark" label="Remark" />
    </EntrySheet>
  );
}

const YES_NO = [
  { value: 'yes', label: 'Yes' },
  { value: 'no', label: 'No' },
] as const;

function BoxFields({ book }: { book: Book }): ReactElement {
  const { watch } = useFormContext<BoxForm>();
  const tote = watch('boxKind') === 'tote';
  return (
    <>
      <ChoiceField
        name="boxKind"
        label="What it is"
        choices={[
          { value: 'box', label: 'Hive box' },
          { value: 'tote', label: 'Tote' },
        ]}
      />
      <div className="grid gap-5 sm:grid-cols-2">
        <TextField name="label" label="Label" />
        <TextField name="slots" label="Places for frames" inputMode="numeric" />
      </div>
      <SelectField
        name="formatId"
        label="Frame"
        options={book.formats.map((one) => ({ value: one.id, label: one.name }))}
      />
      {!tote && (
        <>
          <SelectField
            name="colonyId"
            label="On hive"
            options={[
              { value: '', label: 'On no hive' },
              ...book.colonies.map((one) => ({ value: one.entityId, label: one.content.name })),
            ]}
          />
          <div className="grid gap-5 sm:grid-cols-2">
            <TextField name="onDay" label="On the hive since" type="date" hint="Empty: not known" />
            <TextField name="offDay" label="Off since" type="date" hint="Empty while it is on" />
          </div>
          <ChoiceField
            name="role"
            label="For"
            choices={[
              { value: 'honey', label: 'Honey' },
              { value: 'brood', label: 'Brood' },
            ]}
          />
          <ChoiceField name="excluder" label="Excluder under it" choices={YES_NO} />
          <ChoiceField
            name="newComb"
            label="New comb"
            choices={YES_NO}
            hint="New comb sags when warm: cool it before uncapping"
          />
          <TextField name="lastHoney" label="Honey last in it" />
          <ChoiceField name="cleanedSince" label="Cleaned since" choices={YES_NO} />
        </>
      )}
    </>
  );
}

export function BoxSheet({ editing, book }: { editing: Editing<Box>; book: Book }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const { record, parent } = editing;
  const formOf = useMemo(
    () => (record ? boxFormOf(record.content) : freshBox(parent, isoDay(new Date()))),
    [record, parent],
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
      what="the box"
      title={record ? record.content.label : 'A box or tote'}
      description="Where it stood before stays written when you move it."
      formOf={formOf}
      parse={parse}
    >
      <BoxFields book={book} />
    </EntrySheet>
  );
}
