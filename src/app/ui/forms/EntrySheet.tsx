import { useEntry, type EntryTask } from './useEntry';
import type { ReactElement, ReactNode } from 'react';
import type { FieldValues } from 'react-hook-form';
import { type RecordKind } from '../../../records';
import { Button } from '../Button';
import { FormFrame } from './FormFrame';
import { Sheet } from './Sheet';
import { formatsWords } from '../../words/english/formats';

/** An earlier entry of the kind, to be taken over at a tap. */
export interface Earlier<F extends FieldValues> {
  /** how it is called */
  readonly name: string;
  /** its form, without what holds for it alone */
  readonly form: F;
}

interface EntryFormProps<K extends RecordKind, F extends FieldValues> extends EntryTask<K, F> {
  children: ReactNode;
  /** offered while a new entry is made */
  earlier?: readonly Earlier<F>[];
}

function EntryForm<K extends RecordKind, F extends FieldValues>({
  children,
  earlier = [],
  ...task
}: EntryFormProps<K, F>): ReactElement {
  const { frame, keep, remove, take } = useEntry(task);
  const { record, what } = task;
  return (
    <FormFrame {...frame} onSubmit={keep} label={what}>
      <div className="space-y-5">
        {!record && earlier.length > 0 && (
          <div className="flex flex-wrap gap-3">
            {earlier.map(({ name, form }) => (
              <Button key={name} onClick={() => take(form)}>
                {formatsWords.asLastTime({ name })}
              </Button>
            ))}
          </div>
        )}
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
