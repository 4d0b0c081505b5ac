import { useId, type ReactElement, type ReactNode } from 'react';

interface PasteFieldProps {
  label: string;
  hint?: ReactNode;
  placeholder?: string;
  value: string;
  onText: (text: string) => void;
}

/** Cells of a table, as they are pasted from elsewhere. */
export function PasteField(props: PasteFieldProps): ReactElement {
  const { label, hint, placeholder, value, onText } = props;
  const id = useId();
  return (
    <div>
      <label htmlFor={id} className="text-base font-semibold">
        {label}
      </label>
      {hint !== undefined && <p className="text-base text-ink-soft">{hint}</p>}
      <textarea
        id={id}
        rows={value === '' ? 3 : 6}
        value={value}
        onChange={(event) => onText(event.target.value)}
        spellCheck={false}
        placeholder={placeholder}
        className="block w-full border-2 border-ink bg-paper p-3 font-mono text-base"
      />
    </div>
  );
}
