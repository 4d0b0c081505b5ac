import { useId, type ReactElement, type ReactNode } from 'react';
import { INPUT } from '../classes';

interface LooseFieldProps {
  label: string;
  /** what more is said of it to those who do not see what stands beside it */
  of?: string;
  value: string;
  onType: (text: string) => void;
  /** one sentence on what is wrong; empty where nothing is */
  wrong: string;
  hint?: string;
  inputMode?: 'numeric' | 'decimal' | 'text';
  width?: string;
  /** the field is left, or Enter is pressed in it */
  onLeave?: () => void;
  onEnter?: () => void;
  /** the button that goes with it */
  beside?: ReactNode;
}

/** A text field that is no part of a form of fields; what is wrong is said under it. */
export function LooseField(props: LooseFieldProps): ReactElement {
  const { label, of = '', value, onType, wrong, hint = '', inputMode = 'numeric' } = props;
  const { width = '', onLeave, onEnter, beside } = props;
  const id = useId();
  const under = wrong === '' ? hint : wrong;
  return (
    <div>
      <label htmlFor={id} className="block text-base font-semibold">
        {label}
        {of !== '' && <span className="sr-only"> {of}</span>}
      </label>
      <div className="flex flex-wrap gap-3">
        <input
          id={id}
          inputMode={inputMode}
          autoComplete="off"
          className={`${INPUT} ${width}`}
          value={value}
          onChange={(event) => onType(event.target.value)}
          onBlur={onLeave}
          onKeyDown={(event) => event.key === 'Enter' && onEnter?.()}
          aria-invalid={wrong !== ''}
          aria-describedby={under === '' ? undefined : `${id}-under`}
        />
        {beside}
      </div>
      {under !== '' && (
        <p
          id={`${id}-under`}
          role={wrong === '' ? undefined : 'alert'}
          className={wrong === '' ? 'mt-1 text-base' : 'mt-1 text-base font-semibold'}
        >
          {under}
        </p>
      )}
    </div>
  );
}
