import { useMemo, useRef, type ReactElement } from 'react';
import { useFormContext } from 'react-hook-form';
import type { Book } from '../../../../model';
import { selectPreferences, useAppSelector } from '../../../../store';
import type { FormOf } from '../../../entry/codec';
import { Field } from '../../../entry/Field';
import { hiveListEntry } from '../../../forms/hives/manyHivesForm';
import { useRecordForm } from '../../../forms/useRecordForm';
import { Button } from '../../../ui/Button';
import { ErrorOf } from '../../../ui/fields/ErrorOf';
import { PasteField } from '../../../ui/fields/PasteField';
import { TextFileChoice } from '../../../ui/fields/TextFileChoice';
import { FormFrame } from '../../../ui/forms/FormFrame';
import { addHives } from '../hiveActs';
import { MOST_LINES, readHiveList, readHiveListForm } from '../hiveList';
import { benchWords } from '../../../words/english/bench';
import { seasonWords } from '../../../words/english/season';

/** The cells as they were pasted, and what is read in them. */
function PastedHives(): ReactElement {
  const { watch, setValue } = useFormContext<FormOf<typeof hiveListEntry.fields>>();
  const take = (text: string): void => setValue('list', text, { shouldDirty: true });
  const read = readHiveList(watch('list'));
  const yards = new Set(read.hives.map((hive) => hive.yard.toLowerCase())).size;
  return (
    <>
      <TextFileChoice label={benchWords.csvFile()} onText={take} />
      <div>
        <PasteField
          label={benchWords.pasteTheCellsHere()}
          hint={seasonWords.yardHiveBoxesSince()}
          value={watch('list')}
          onText={take}
        />
        <ErrorOf name="list" />
      </div>
      {read.hives.length > 0 && (
        <p role="status" className="text-2xl font-bold">
          {seasonWords.hivesInTheList({ hives: read.hives.length, yards })}
        </p>
      )}
      {read.waiting > 0 && (
        <p className="text-base font-semibold">
          {benchWords.theFirstLinesAreRead({ mostLines: MOST_LINES, waiting: read.waiting })}
        </p>
      )}
      <div role="alert">
        <ul className="text-base font-semibold empty:hidden">
          {read.bad.map(({ line, sentence }) => (
            <li key={line}>{seasonWords.lineSays({ line, sentence })}</li>
          ))}
        </ul>
      </div>
      <Field of={hiveListEntry} at="health" />
      <Button type="submit" tone="ink" className="min-h-14">
        {seasonWords.addTheseHives({ hives: read.hives.length })}
      </Button>
    </>
  );
}

/** Under which name what is typed of a list is kept. */
export const HIVE_LIST = 'hive-list';

/** Hives out of a spreadsheet: good lines are added, bad ones stay to be put right. */
export function HiveListForm({ book, onDone }: { book: Book; onDone: () => void }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const defaults = useMemo(() => hiveListEntry.fill({}, preferences), [preferences]);
  const left = useRef('');
  const { frame, keep, form } = useRecordForm({
    formKey: HIVE_LIST,
    defaults,
    parse: (typed: typeof defaults) => readHiveListForm(typed, preferences),
    act: (content, options) => {
      left.current = content.left;
      return addHives(content.hives, { book, health: content.health }, options);
    },
    next: ({ health }) => hiveListEntry.fill({ health }, preferences),
    onKept: () => {
      if (left.current === '') onDone();
      else form.setValue('list', left.current, { shouldDirty: true });
    },
  });
  return (
    <FormFrame {...frame} onSubmit={keep} label={seasonWords.orPasteAList()}>
      <div className="space-y-5">
        <PastedHives />
      </div>
    </FormFrame>
  );
}
