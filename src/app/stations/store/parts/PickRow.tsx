import { RadioGroup } from 'radix-ui';
import { useId, type ReactElement } from 'react';
import { RadioItem } from '../../../ui/fields/RadioItem';

interface PickRowProps<T extends string> {
  label: string;
  value: T;
  options: readonly { readonly value: T; readonly label: string }[];
  onPick: (value: T) => void;
}

/** One of a few, in a row; what is picked is only looked at and not kept. */
export function PickRow<T extends string>({
  label,
  value,
  options,
  onPick,
}: PickRowProps<T>): ReactElement {
  const id = useId();
  return (
    <div>
      <span id={id} className="block text-base font-semibold">
        {label}
      </span>
      <RadioGroup.Root
        aria-labelledby={id}
        value={value}
        onValueChange={(next) => onPick(next as T)}
        className="mt-1 flex flex-wrap gap-2"
      >
        {options.map((option) => (
          <RadioItem
            key={option.value}
            value={option.value}
            className="min-h-11 border-2 border-ink bg-paper px-3 text-base font-semibold decoration-2 underline-offset-4 hover:not-data-[state=checked]:bg-lavender-pale data-[state=checked]:bg-ink data-[state=checked]:text-linen data-[state=checked]:underline"
          >
            {option.label}
          </RadioItem>
        ))}
      </RadioGroup.Root>
    </div>
  );
}
