import { useId, useState, type ReactElement } from 'react';
import { readDecimal, type TypedNumber } from '../format/decimal';
import { Button } from './Button';
import { INPUT, type ButtonTone } from './classes';

interface OneNumberFormProps {
  label: string;
  button: string;
  tone?: ButtonTone;
  /** whether nothing may be typed; it is then told as null */
  optional?: boolean;
  /** what is wrong with a number, in one sentence; empty where nothing is */
  wrongWith: (value: number) => string;
  onKeep: (value: number | null) => void;
}

/** One number and one press; what is wrong is said under the field, and nothing typed is lost. */
export function OneNumberForm(props: OneNumberFormProps): ReactElement {
  const { label, button, tone = 'line', optional = false, wrongWith, onKeep } = props;
  const [text, setText] = useState('');
  const [wrong, setWrong] = useState('');
  const id = useId();
  const keep = (): void => {
    const isEmpty = optional && text.trim() === '';
    const typed: TypedNumber = isEmpty ? { ok: true, value: NaN } : readDecimal(text);
    const sentence = !typed.ok ? typed.sentence : isEmpty ? '' : wrongWith(typed.value);
    setWrong(sentence);
    if (sentence !== '' || !typed.ok) return;
    setText('');
    onKeep(isEmpty ? null : typed.value);
  };
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        keep();
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
          onChange={(event) => setText(event.target.value)}
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
