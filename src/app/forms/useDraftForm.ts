import { useCallback, useEffect, useRef, useState } from 'react';
import { useForm, type DefaultValues, type FieldValues, type Resolver } from 'react-hook-form';
import { draftDropped, draftTyped, selectDraft, useAppDispatch, useAppSelector } from '../../store';
import type { Fix, Parsed } from '../entry/reader';
import { formsWords } from '../words/english/forms';
import { afterPress } from './afterPress';
import { mergedDraft } from './mergedDraft';

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
  /** revision that the defaults were taken from; null for something new */
  readonly base?: string | null;
}

/** Under which name a draft keeps the revision that it was begun from. */
const BASE = '$base';

type Kept = Readonly<Record<string, unknown>> | undefined;

const baseIn = (kept: Kept): string | null | undefined => {
  const base = kept?.[BASE];
  return typeof base === 'string' || base === null ? base : undefined;
};

/** What was typed before, as the form is now; null where nothing was. */
function restoredFrom<F>(kept: Kept, defaults: F): F | null {
  // a copy: what the store holds is frozen, and a form changes its values in place
  return kept ? mergedDraft(defaults, structuredClone(kept)) : null;
}

/** What a form says. Where that cannot be found out, the page stands all the same, with what was typed. */
function readSafely<F, T>(values: F, parse: (form: F) => Parsed<T>): Parsed<T> {
  try {
    return parse(values);
  } catch {
    return { ok: false, errors: { '': { sentence: formsWords.cannotBeRead() } } };
  }
}

/**
 * What a form said when the page was last drawn. The check of its fields and the keeping of it ask the
 * same text again; it is parsed once.
 */
class LastParsed<F, T> {
  private text = '';
  private parsed: Parsed<T> | null = null;

  drawn(values: F, parse: (form: F) => Parsed<T>): Parsed<T> {
    this.text = JSON.stringify(values);
    this.parsed = readSafely(values, parse);
    return this.parsed;
  }

  of(values: F, parse: (form: F) => Parsed<T>): Parsed<T> {
    return this.parsed !== null && JSON.stringify(values) === this.text
      ? this.parsed
      : this.drawn(values, parse);
  }

  /** What is kept is parsed at that moment: a time that was still to come may have passed. */
  forget(): void {
    this.parsed = null;
  }
}

/**
 * A form whose every keystroke is kept: in the store at once, in the database right after. A reload
 * brings back what was typed. `parsed` is what the form says at this moment; `submit` makes a handler
 * that is given the content once every field is right.
 */
export function useDraftForm<F extends FieldValues, T>(options: DraftFormOptions<F, T>) {
  const { formKey, defaults, parse, base } = options;
  const dispatch = useAppDispatch();
  const kept = useAppSelector((state) => selectDraft(state, formKey));
  const [first] = useState(() => restoredFrom(kept, defaults));
  const [restored, setRestored] = useState(first !== null);
  const begunFrom = useRef(first === null ? base : (baseIn(kept) ?? base));
  const [last] = useState(() => new LastParsed<F, T>());
  const resolver: Resolver<F> = async (values) => {
    await Promise.resolve(); // the page is drawn first
    return afterPress(() => {
      const parsed = last.of(values, parse);
      return parsed.ok ? { values, errors: {} } : { values: {}, errors: nested(parsed.errors) };
    });
  };
  const form = useForm<F>({
    defaultValues: (first ?? defaults) as DefaultValues<F>,
    resolver,
    mode: 'onTouched',
  });

  useEffect(
    () =>
      form.subscribe({
        formState: { values: true },
        callback: ({ values, name }) => {
          if (name === undefined) return;
          const draft: Record<string, unknown> = structuredClone(values);
          if (begunFrom.current !== undefined) draft[BASE] = begunFrom.current;
          dispatch(draftTyped({ formKey, values: draft }));
        },
      }),
    [form, formKey, dispatch],
  );

  /** Begins anew with some values, of the revision that holds now. */
  const start = useCallback(
    (next: F, nextBase: string | null | undefined = base) => {
      begunFrom.current = nextBase;
      form.reset(next);
      setRestored(false);
      dispatch(draftDropped(formKey));
    },
    [form, formKey, dispatch, base],
  );

  // Where nothing was typed yet, the form follows what another tab makes of the record.
  const untouched = kept === undefined;
  const usual = useRef(defaults);
  useEffect(() => {
    usual.current = defaults;
  });
  useEffect(() => {
    if (!untouched || base === undefined || begunFrom.current === base) return;
    begunFrom.current = base;
    form.reset(usual.current);
  }, [untouched, base, form]);

  const parsed = last.drawn(form.watch(), parse);
  const keeping = useRef(false);
  const submit = (keep: (content: T) => Promise<void>): (() => void) => {
    const handle = form.handleSubmit(async (values) => {
      const checked = last.of(values, parse);
      if (checked.ok) await keep(checked.content);
    });
    return () => {
      // A second tap while the first is still being kept would keep it twice.
      if (keeping.current) return;
      keeping.current = true;
      last.forget();
      void handle().finally(() => {
        keeping.current = false;
      });
    };
  };
  /** The revision that what is typed was begun from. */
  const baseOf = (): string | null | undefined => begunFrom.current;

  /** What the frame around the form needs. */
  const frame = {
    form,
    restored,
    live: parsed.ok ? {} : parsed.errors,
    onDiscard: (): void => start(defaults),
  };
  return { form, frame, parsed, start, submit, baseOf, draft: formKey };
}
