import { useId, useState, type ReactElement } from 'react';
import type { ActOptions } from '../../../store';
import { useDraftText } from '../../forms/useDraftText';
import { readDecimal, type TypedNumber } from '../../format/decimal';
import { Button } from '../Button';
import { INPUT, type ButtonTone } from '../classes';

interface OneNumberFormProps {
  /** tells this number from others; what is typed is kept under it */
  formKey: string;
  label: string;
  button: string;
  tone?: ButtonTone;
  /** whether nothing may be typed; it is then reported as null */
  optional?: boolean;
  /** what is wrong with a number, in one sentence; empty where nothing is */
  wrongWith: (value: number) => string;
  /** keeps the number with the draft that is to be forgotten; whether it was kept */
  onKeep: (value: number | null, options: ActOptions) => Promise<boolean>;
}

/** One number and one press; what is wrong is said under the field, and nothing typed is lost. */
export function OneNumberForm(props: OneNumberFormProps): ReactElement {
  const { formKey, label, button, tone = 'line', optional = false, wrongWith, onKeep } = props;
  const { text, type, drop } = useDraftText(formKey);
  const [wrong, setWrong] = useState('');
  const id = useId();
  const keep = async (): Promise<void> => {
    const isEmpty = optional && text.trim() === '';
    const typed: TypedNumber = isEmpty ? { ok: true, value: NaN } : readDecimal(text);
    const sentence = !typed.ok ? typed.sentence : isEmpty ? '' : wrongWith(typed.value);
    setWrong(sentence);
    if (sentence !== '' || !typed.ok) return;
    if (await onKeep(isEmpty ? null : typed.value, { draft: formKey })) drop();
  };
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
    >
      <label htmlFor={id} className="block text-base font-semibold">
        {label}
      </label>
      <div className="flex flex-wrap gap-3">
        <input
          id={id}
          inputMode="decimal"
          autoComplete="off"
          className={`${INPUT} max-w-40`}
          value={text}
          onChange={(event) => type(event.target.value)}
          aria-invalid={wrong !== ''}
          aria-describedby={wrong === '' ? undefined : `${id}-error`}
        />
        <Button type="submit" tone={tone} className="min-h-14">
          {button}
        </Button>
      </div>
      {wrong !== '' && (
        <p id={`${id}-error`} role="alert" className="mt-1 text-base font-semibold">
          {wrong}
        </p>
      )}
    </form>
  );
}
