import type { FieldValues, Path, PathValue } from 'react-hook-form';
import {
  entryRevision,
  type AnyRecord,
  type ContentOf,
  type RecordKind,
  type RecordOf,
  type Scribe,
} from '../../../records';
import { perform, useAppDispatch } from '../../../store';
import { removeRecord } from '../../acts/removeRecord';
import type { Parsed } from '../../entry/reader';
import { useDraftForm } from '../../forms/useDraftForm';
import { formatsWords } from '../../words/english/formats';

export interface EntryTask<K extends RecordKind, F extends FieldValues> {
  kind: K;
  /** the entry to change, null for a new one */
  record: RecordOf<K> | null;
  /** "the yard" */
  what: string;
  ownerId?: string | undefined;
  /** tells two forms of one kind and owner apart */
  formName?: string;
  formOf: F;
  parse: (form: F) => Parsed<ContentOf<K>>;
  /** what is written with it in the same act */
  also?: (scribe: Scribe, content: ContentOf<K>) => AnyRecord[];
  onDone: (entityId: string) => void;
}

/** An entry of the book being added, changed or removed; it is done once that is stored. */
export function useEntry<K extends RecordKind, F extends FieldValues>(task: EntryTask<K, F>) {
  const { kind, record, what, ownerId, formName, formOf, parse, also, onDone } = task;
  const dispatch = useAppDispatch();
  const entry = record?.entityId ?? formName ?? 'new';
  const formKey = `entry:${kind}:${ownerId ?? ''}:${entry}`;
  const { form, frame, start, submit, baseOf } = useDraftForm({
    formKey,
    defaults: formOf,
    parse,
    base: record?.id ?? null,
  });
  const close = (entityId: string): void => {
    start(formOf);
    onDone(entityId);
  };
  const writtenOf = (
    scribe: Scribe,
    former: RecordOf<K> | null,
    content: ContentOf<K>,
  ): AnyRecord[] => [
    entryRevision(scribe, { kind, former, ownerId }, content),
    ...(also?.(scribe, content) ?? []),
  ];
  const keep = submit(async (content) => {
    const label = `${record ? formatsWords.changed() : formatsWords.added()} ${what}`;
    // another tab may have written a version since this was begun
    const former = record && { ...record, id: baseOf() ?? record.id };
    const done = await dispatch(
      perform(label, (scribe) => writtenOf(scribe, former, content), {
        draft: formKey,
      }),
    );
    if (done.ok) close(done.value[0]?.entityId ?? '');
  });
  const remove = async (): Promise<void> => {
    if (!record) return;
    const label = formatsWords.removed({ what });
    const done = await dispatch(removeRecord(label, record, { draft: formKey }));
    if (done.ok) close(record.entityId);
  };
  /** Fills the form, field by field: what it holds then is a draft like any other. */
  const take = (earlier: F): void => {
    for (const [field, value] of Object.entries(earlier)) {
      form.setValue(field as Path<F>, value as PathValue<F, Path<F>>, { shouldDirty: true });
    }
  };
  return { frame, keep, remove, take };
}
