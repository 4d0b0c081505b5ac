import type { ReactElement } from 'react';
import { Button } from '../Button';

interface PressedChoiceProps<T extends string> {
  legend: string;
  values: readonly T[];
  names: Readonly<Record<T, string>>;
  chosen: T;
  onChoose: (value: T) => void;
}

/** One of a few, taken at a press and kept at once. */
export function PressedChoice<T extends string>(props: PressedChoiceProps<T>): ReactElement {
  const { legend, values, names, chosen, onChoose } = props;
  return (
    <fieldset>
      <legend className="text-base font-semibold">{legend}</legend>
      <div className="mt-1 flex flex-wrap gap-2">
        {values.map((value) => (
          <Button
            key={value}
            tone={chosen === value ? 'ink' : 'line'}
            aria-pressed={chosen === value}
            className="min-h-14"
            onClick={() => onChoose(value)}
          >
            {names[value]}
          </Button>
        ))}
      </div>
    </fieldset>
  );
}
