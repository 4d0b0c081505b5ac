import { useCallback, useEffect, useRef } from 'react';
import type { UseFormReturn } from 'react-hook-form';
import { draftTyped, useAppDispatch } from '../../../store';
import type { FrameDraft } from './frameDraft';

/** Changes of one field that follow each other faster than this are one act, such as a stroke [ms]. */
const ONE_ACT_MS = 400;

/** Most taps that can be taken back on one frame. */
const MOST_TAPS = 60;

/** Takes back the last tap on a frame that is not kept yet; false where there is none. */
export function useTakeBack(form: UseFormReturn<FrameDraft>, formKey: string): () => boolean {
  const dispatch = useAppDispatch();
  const past = useRef<FrameDraft[]>([]);
  useEffect(() => {
    let before = structuredClone(form.getValues());
    let last = { name: '', at: 0 };
    return form.subscribe({
      formState: { values: true },
      callback: ({ values, name }) => {
        if (name === undefined) {
          before = structuredClone(values);
          return;
        }
        const now = performance.now();
        const sameAct = last.name === name && now - last.at < ONE_ACT_MS;
        if (!sameAct) past.current = [...past.current, before].slice(-MOST_TAPS);
        last = { name, at: now };
        before = structuredClone(values);
      },
    });
  }, [form]);
  return useCallback(() => {
    const before = past.current.at(-1);
    if (!before) return false;
    past.current = past.current.slice(0, -1);
    form.reset(before, { keepDefaultValues: true });
    dispatch(draftTyped({ formKey, values: { ...before } }));
    return true;
  }, [dispatch, form, formKey]);
}
