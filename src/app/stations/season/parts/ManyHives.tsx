import { useMemo, useState, type ReactElement } from 'react';
import type { Book } from '../../../../model';
import { selectDraft, selectPreferences, useAppSelector } from '../../../../store';
import { Field } from '../../../entry/Field';
import { Fields } from '../../../entry/Fields';
import { freshManyHives, manyHivesEntry } from '../../../forms/hives/manyHivesForm';
import { useRecordForm } from '../../../forms/useRecordForm';
import { isoToday } from '../../../format/dates';
import { Button } from '../../../ui/Button';
import { FoldSummary } from '../../../ui/page/FoldSummary';
import { FormFrame } from '../../../ui/forms/FormFrame';
import { Sheet } from '../../../ui/forms/Sheet';
import { addHives, hivesByNumber } from '../hiveActs';
import { HIVE_LIST, HiveListForm } from './HiveListForm';
import { formatsWords } from '../../../words/english/formats';
import { seasonWords } from '../../../words/english/season';

function ManyHivesForm({ book, onDone }: { book: Book; onDone: () => void }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const defaults = useMemo(
    () => manyHivesEntry.fill(freshManyHives(isoToday()), preferences),
    [preferences],
  );
  const { frame, keep } = useRecordForm({
    formKey: 'many-hives',
    defaults,
    parse: (typed: typeof defaults) => manyHivesEntry.read(typed, preferences),
    act: (content, options) =>
      addHives(hivesByNumber(content), { book, health: content.health }, options),
    onKept: onDone,
  });
  return (
    <FormFrame {...frame} onSubmit={keep} label={seasonWords.manyHives()}>
      <div className="space-y-5">
        <Field of={manyHivesEntry} at="yard" />
        <div className="grid grid-cols-3 items-end gap-4">
          <Fields of={manyHivesEntry} at={['first', 'last', 'boxes']} />
        </div>
        <Fields of={manyHivesEntry} at={['health', 'onDay', 'prefix']} />
        <Button type="submit" tone="ink" className="min-h-14">
          {formatsWords.add()}
        </Button>
      </div>
    </FormFrame>
  );
}

/** A whole yard at once: its hives by number, each with the same boxes. */
export function ManyHives({ book }: { book: Book }): ReactElement {
  const [open, setOpen] = useState(false);
  const isListBegun = useAppSelector((state) => selectDraft(state, HIVE_LIST) !== undefined);
  return (
    <>
      <Button onClick={() => setOpen(true)}>{seasonWords.manyHives()}</Button>
      <Sheet
        open={open}
        onOpenChange={setOpen}
        title={seasonWords.manyHives()}
        description={seasonWords.manyHivesAbout()}
      >
        <ManyHivesForm book={book} onDone={() => setOpen(false)} />
        <details className="mt-8 border-t border-thread pt-2" open={isListBegun}>
          <FoldSummary>{seasonWords.orPasteAList()}</FoldSummary>
          <HiveListForm book={book} onDone={() => setOpen(false)} />
        </details>
      </Sheet>
    </>
  );
}
