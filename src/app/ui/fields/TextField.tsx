import clsx from 'clsx';
import { useId, type HTMLAttributes, type ReactElement, type ReactNode } from 'react';
import { useFormContext } from 'react-hook-form';
import { FieldMessage } from './FieldMessage';
import { Hint } from './Hint';
import { useFieldError } from '../forms/FormFrame';
import { INPUT } from '../classes';

interface TextFieldProps {
  name: string;
  label: ReactNode;
  hint?: ReactNode;
  unit?: string | undefined;
  type?: 'text' | 'date' | 'datetime-local' | undefined;
  /** which keyboard a phone shows */
  inputMode?: HTMLAttributes<HTMLInputElement>['inputMode'] | undefined;
  placeholder?: string | undefined;
  /** suggestions to choose from, free text still allowed */
  suggestions?: readonly string[] | undefined;
  /** prefix of the fields that a fix patches */
  prefix?: string | undefined;
  big?: boolean | undefined;
  inputId?: string | undefined;
}

export function TextField(props: TextFieldProps): ReactElement {
  const { name, label, hint, unit, type = 'text', inputMode, placeholder, suggestions } = props;
  const { register } = useFormContext();
  const error = useFieldError(name);
  const generated = useId();
  const id = props.inputId ?? generated;
  const described = clsx(hint !== undefined && `${id}-hint`, error && `${id}-error`);
  return (
    <div>
      <label htmlFor={id} className="block text-base font-semibold">
        {label}
      </label>
      <div className="relative">
        <input
          id={id}
          type={type}
          inputMode={inputMode}
          placeholder={placeholder}
          autoComplete="off"
          list={suggestions ? `${id}-list` : undefined}
          aria-invalid={error !== null}
          aria-describedby={described || undefined}
          className={clsx(
            INPUT,
            props.big &&
              'min-h-16! text-4xl! font-bold placeholder:text-xl placeholder:font-normal',
            unit && 'pr-16',
          )}
          {...register(name)}
        />
        {unit && (
          <span className="pointer-events-none absolute inset-y-0 right-3 flex items-center text-base">
            {unit}
          </span>
        )}
      </div>
      {suggestions && (
        <datalist id={`${id}-list`}>
          {suggestions.map((suggestion) => (
            <option key={suggestion} value={suggestion} />
          ))}
        </datalist>
      )}
      <Hint id={`${id}-hint`}>{hint}</Hint>
      <FieldMessage id={`${id}-error`} error={error} prefix={props.prefix ?? ''} />
    </div>
  );
}
