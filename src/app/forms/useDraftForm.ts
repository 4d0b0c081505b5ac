import { useCallback, useEffect, useState } from 'react';
import { useForm, type DefaultValues, type FieldValues, type Resolver } from 'react-hook-form';
import { draftDropped, draftTyped, selectDraft, useAppDispatch, useAppSelector } from '../../store';
import type { Fix, Parsed } from './parsed';
import { afterPress } from './afterPress';

/** Nests `a.0.b` into objects, as the form library wants its errors. */
function nested(errors: Readonly<Record<string, { sentence: string; fix?: Fix }>>): object {
  const tree: Record<string, unknown> = {};
  for (const [path, { sentence }] of Object.entries(errors)) {
    const steps = path.split('.');
    const last = steps.pop() ?? path;
    let place = tree;
    for (const step of steps) {
      place[step] ??= {};
      place = place[step] as Record<string, unknown>;
    }
    place[last] = { type: 'value', message: sentence };
  }
  return tree;
}

/** How a draft form is set up. */
export interface DraftFormOptions<F extends FieldValues, T> {
  /** tells this form from others; what is typed is kept under it */
  readonly formKey: string;
  readonly defaults: F;
  readonly parse: (form: F) => Parsed<T>;
}

/** Whether a kept draft has the fields of the form; an older version of the application may differ. */
function fits<F extends FieldValues>(draft: Record<string, unknown> | undefined, defaults: F) {
  return draft !== undefined && Object.keys(defaults).every((key) => key in draft);
}

/**
 * A form whose every keystroke is kept: in the store at once, in the database right after. A reload
 * brings back what was typed. `parsed` is what the form says at this moment; `submit` makes a handler
 * that is given the content once every field is right.
 */
export function useDraftForm<F extends FieldValues, T>(options: DraftFormOptions<F, T>) {
  const { formKey, defaults, parse } = options;
  const dispatch = useAppDispatch();
  const kept = useAppSelector((state) => selectDraft(state, formKey));
  const [restored, setRestored] = useState(() => fits(kept, defaults));
  const resolver: Resolver<F> = (values) =>
    afterPress(() => {
      const parsed = parse(values);
      return parsed.ok ? { values, errors: {} } : { values: {}, errors: nested(parsed.errors) };
    });
  const form = useForm<F>({
    defaultValues: (restored ? kept : defaults) as DefaultValues<F>,
    resolver,
    mode: 'onTouched',
  });

  useEffect(
    () =>
      form.subscribe({
        formState: { values: true },
        callback: ({ values, name }) => {
          if (name !== undefined)
            dispatch(draftTyped({ formKey, values: structuredClone(values) }));
        },
      }),
    [form, formKey, dispatch],
  );

  const start = useCallback(
    (next: F) => {
      form.reset(next);
      setRestored(false);
      dispatch(draftDropped(formKey));
    },
    [form, formKey, dispatch],
  );

  const parsed = parse(form.watch());
  const submit = (keep: (content: T) => Promise<void>): (() => void) => {
    const handle = form.handleSubmit(async (values) => {
      const checked = parse(values);
      if (checked.ok) await keep(checked.content);
    });
    return () => void handle();
  };

  return { form, parsed, restored, start, submit };
}
