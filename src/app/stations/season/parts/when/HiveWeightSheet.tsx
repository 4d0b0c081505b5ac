import type { ReactElement } from 'react';
import type { Book } from '../../../../../model';
import type { HiveWeight } from '../../../../../records';
import { selectPreferences, useAppSelector } from '../../../../../store';
import type { Editing } from '../../../../data/useEditing';
import { Field } from '../../../../entry/Field';
import { hiveWeightEntry } from '../../../../forms/hives/hiveWeightForm';
import { isoToday } from '../../../../format/dates';
import { EntrySheet } from '../../../../ui/forms/EntrySheet';
import { whenWords } from '../../../../words/english/when';

interface HiveWeightSheetProps {
  editing: Editing<HiveWeight>;
  book: Book;
}

/** A whole hive weighed on a day. */
export function HiveWeightSheet({ editing, book }: HiveWeightSheetProps): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const [first] = book.colonies;
  const fresh = { day: isoToday(), colonyId: first?.entityId ?? '' };
  const { record } = editing;
  return (
    <EntrySheet
      {...editing}
      kind="hive-weight"
      what={whenWords.theWeight()}
      title={whenWords.weighAHive()}
      description={whenWords.hiveWeightHelp()}
      formOf={hiveWeightEntry.fill(record?.content ?? fresh, preferences)}
      parse={(form) =>
        hiveWeightEntry.read(form, preferences, {
          rest: { source: record?.content.source ?? 'typed' },
        })
      }
    >
      <Field
        of={hiveWeightEntry}
        at="colonyId"
        choices={book.colonies.map((colony) => ({
          value: colony.entityId,
          label: colony.content.name,
        }))}
      />
      <Field of={hiveWeightEntry} at="massKg" big />
      <Field of={hiveWeightEntry} at="day" />
    </EntrySheet>
  );
}
