import type { ReactElement, ReactNode } from 'react';
import type { FieldValues } from 'react-hook-form';
import {
  entryRevision,
  nextRevision,
  type ContentOf,
  type RecordKind,
  type RecordOf,
} from '../../../records';
import { perform, useAppDispatch } from '../../../store';
import type { Parsed } from '../../entry/reader';
import { useDraftForm } from '../../forms/useDraftForm';
import { Button } from '../Button';
import { FormFrame } from './FormFrame';
import { Sheet } from './Sheet';
import { commonWords } from '../../words/english/common';
import { formatsWords } from '../../words/english/formats';

interface EntryFormProps<K extends RecordKind, F extends FieldValues> {
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
  onDone: (entityId: string) => void;
  children: ReactNode;
}

function EntryForm<K extends RecordKind, F extends FieldValues>(
  props: EntryFormProps<K, F>,
): ReactElement {
  const { kind, record, what, ownerId, formName, formOf, parse, onDone, children } = props;
  const dispatch = useAppDispatch();
  const entry = record?.entityId ?? formName ?? 'new';
  const formKey = `entry:${kind}:${ownerId ?? ''}:${entry}`;
  const { frame, start, submit, baseOf } = useDraftForm({
    formKey,
    defaults: formOf,
    parse,
    base: record?.id ?? null,
  });
  const close = (entityId: string): void => {
    start(formOf);
    onDone(entityId);
  };
  const keep = submit(async (content) => {
    const label = `${record ? formatsWords.changed() : formatsWords.added()} ${what}`;
    const done = await dispatch(
      perform(
        label,
        (scribe) => {
          const former = record && { ...record, id: baseOf() ?? record.id };
          return [entryRevision(scribe, { kind, former, ownerId }, content)];
        },
        { draft: formKey },
      ),
    );
    if (done.ok) close(done.value[0]?.entityId ?? '');
  });
  const remove = async (): Promise<void> => {
    if (!record) return;
    const change = { withdrawn: true, reason: commonWords.removed() };
    const done = await dispatch(
      perform(formatsWords.removed({ what }), (scribe) => [nextRevision(scribe, record, change)], {
        draft: formKey,
      }),
    );
    if (done.ok) close(record.entityId);
  };
  return (
    <FormFrame {...frame} onSubmit={keep} label={what}>
      <div className="space-y-5">
        {children}
        <div className="flex flex-wrap gap-3">
          <Button type="submit" tone="ink" className="min-h-14">
            {record ? formatsWords.save() : formatsWords.add()}
          </Button>
          {record && <Button onClick={() => void remove()}>{formatsWords.remove({ what })}</Button>}
        </div>
      </div>
    </FormFrame>
  );
}

interface EntrySheetProps<K extends RecordKind, F extends FieldValues> extends Omit<
  EntryFormProps<K, F>,
  'onDone'
> {
  open: boolean;
  onOpenChange: (open: boolean) => void;
  title: string;
  description: string;
  onKept?: (entityId: string) => void;
}

/** A sheet that adds an entry to the book, or changes or removes one; undo brings it back. */
export function EntrySheet<K extends RecordKind, F extends FieldValues>(
  props: EntrySheetProps<K, F>,
): ReactElement {
  const { open, onOpenChange, title, description, onKept, ...entry } = props;
  return (
    <Sheet open={open} onOpenChange={onOpenChange} title={title} description={description}>
      <EntryForm
        {...entry}
        onDone={(entityId) => {
          onOpenChange(false);
          onKept?.(entityId);
        }}
      />
    </Sheet>
  );
}
