import { useId, type ReactElement } from 'react';
import { useFormContext } from 'react-hook-form';

/** A colour, by the browser's own chooser. */
export function ColourField({ name, label }: { name: string; label: string }): ReactElement {
  const { register } = useFormContext();
  const id = useId();
  return (
    <div>
      <label htmlFor={id} className="block text-base font-semibold">
        {label}
      </label>
      <input
        id={id}
        type="color"
        className="h-12 w-full border-2 border-ink bg-paper p-1"
        {...register(name)}
      />
    </div>
  );
}
