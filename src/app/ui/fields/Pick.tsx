import clsx from 'clsx';
import { RadioGroup } from 'radix-ui';
import type { ReactElement } from 'react';
import { RadioItem } from './RadioItem';

interface PickProps<T extends string> {
  label: string;
  value: T | '';
  choices: readonly { readonly value: T; readonly label: string }[];
  onPick: (value: T) => void;
  /** columns on a phone */
  columns?: 2 | 3 | 4;
  hideLabel?: boolean;
}

const COLUMNS = { 2: 'grid-cols-2', 3: 'grid-cols-3', 4: 'grid-cols-4' } as const;

/** One of a few, 56 px high, for gloves. */
export function Pick<T extends string>(props: PickProps<T>): ReactElement {
  const { label, value, choices, onPick, columns = 4, hideLabel = false } = props;
  return (
    <div>
      {!hideLabel && <p className="mb-1 text-base font-semibold">{label}</p>}
      <RadioGroup.Root
        aria-label={label}
        value={value}
        onValueChange={(next) => onPick(next as T)}
        className={clsx('grid gap-1', COLUMNS[columns])}
      >
        {choices.map((choice) => (
          <RadioItem
            key={choice.value}
            value={choice.value}
            className={clsx(
              'min-h-14 border-2 border-ink px-1 text-base leading-tight font-semibold',
              value === choice.value ? 'bg-ink text-linen underline' : 'bg-paper text-ink',
            )}
          >
            {choice.label}
          </RadioItem>
        ))}
      </RadioGroup.Root>
    </div>
  );
}

/** Choices from names by value, in the order of the values. */
export function choicesOf<T extends string>(
  values: readonly T[],
  names: Readonly<Record<T, string>>,
): { value: T; label: string }[] {
  return values.map((value) => ({ value, label: names[value] }));
}
