import { createContext, useContext, type ReactElement, type ReactNode } from 'react';
import {
  FormProvider,
  useFormContext,
  useFormState,
  type FieldValues,
  type UseFormReturn,
} from 'react-hook-form';
import type { FieldError, FieldErrors } from '../../entry/reader';
import { RestoredNote } from './RestoredNote';

const LiveErrors = createContext<FieldErrors>({});

interface FormFrameProps<F extends FieldValues> {
  form: UseFormReturn<F>;
  /** what is wrong at this moment, typed text and all */
  live?: FieldErrors;
  onSubmit: () => void;
  label: string;
  /** what stands in the fields was typed before the page was closed */
  restored?: boolean;
  /** empties the fields of what was typed before */
  onDiscard?: () => void;
  children: ReactNode;
}

/** A form whose fields find their errors by name. */
export function FormFrame<F extends FieldValues>(props: FormFrameProps<F>): ReactElement {
  const { form, live = {}, onSubmit, label, restored = false, onDiscard, children } = props;
  return (
    <FormProvider {...form}>
      <LiveErrors.Provider value={live}>
        <form
          noValidate
          aria-label={label}
          onSubmit={(event) => {
            event.preventDefault();
            event.stopPropagation();
            onSubmit();
          }}
        >
          {restored && onDiscard && <RestoredNote onDiscard={onDiscard} />}
          {live[''] && (
            <p role="alert" className="mb-4 border-l-4 border-ink bg-paper px-4 py-3 font-semibold">
              {live[''].sentence}
            </p>
          )}
          {children}
        </form>
      </LiveErrors.Provider>
    </FormProvider>
  );
}

/**
 * What to say beside a field: at once where there is a fix to offer, otherwise only after the user
 * has left the field, so that a half-typed number is not scolded.
 */
export function useFieldError(name: string): FieldError | null {
  const live = useContext(LiveErrors)[name];
  const { getFieldState } = useFormContext();
  const formState = useFormState({ name }); // (of the form itself it would draw the whole page anew)
  const late = getFieldState(name, formState).error?.message;
  if (live?.fixes) return live;
  return late === undefined ? null : { sentence: live?.sentence ?? late };
}

/** Writes new texts into fields, as a fix or a suggestion asks. */
export function usePatch(prefix = ''): (patch: Readonly<Record<string, string>>) => void {
  const { setValue } = useFormContext();
  return (patch) => {
    for (const [field, text] of Object.entries(patch)) {
      setValue(prefix + field, text, { shouldDirty: true, shouldValidate: true });
    }
  };
}
