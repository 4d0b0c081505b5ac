import { useId, type ReactElement, type ReactNode } from 'react';
import { useFormContext } from 'react-hook-form';
import { FieldMessage } from './FieldMessage';
import { Hint } from './Hint';
import { useFieldError } from '../forms/FormFrame';
import { INPUT } from '../classes';

interface SelectFieldProps {
  name: string;
  label: ReactNode;
  hint?: ReactNode;
  options: readonly { value: string; label: string }[];
  onChosen?: ((value: string) => void) | undefined;
}

/** A choice from many; the browser's own list, which every phone draws well. */
export function SelectField({
  name,
  label,
  hint,
  options,
  onChosen,
}: SelectFieldProps): ReactElement {
  const { register } = useFormContext();
  const error = useFieldError(name);
  const id = useId();
  const field = register(name, {
    onChange: (event: { target: { value: string } }) => onChosen?.(event.target.value),
  });
  return (
    <div>
      <label htmlFor={id} className="block text-base font-semibold">
        {label}
      </label>
      <select
        id={id}
        className={INPUT}
        aria-describedby={hint ? `${id}-hint` : undefined}
        {...field}
      >
        {options.map((item) => (
          <option key={item.value} value={item.value}>
            {item.label}
          </option>
        ))}
      </select>
      <Hint id={`${id}-hint`}>{hint}</Hint>
      <FieldMessage id={`${id}-error`} error={error} prefix="" />
    </div>
  );
}
