import clsx from 'clsx';
import { RadioGroup } from 'radix-ui';
import { useId, type ReactElement, type ReactNode } from 'react';
import { Controller, useFormContext } from 'react-hook-form';
import { FieldMessage } from './FieldMessage';
import { Hint } from './Hint';
import { useFieldError } from '../forms/FormFrame';
import { RadioItem } from './RadioItem';

export interface Choice {
  readonly value: string;
  readonly label: string;
}

interface ChoiceFieldProps {
  name: string;
  label: ReactNode;
  choices: readonly Choice[];
  hint?: ReactNode;
  /** 'cells' draws each choice as a cell of a row, for numbers; 56 px, for gloves */
  shape?: 'words' | 'cells' | undefined;
  onChosen?: ((value: string) => void) | undefined;
}

const ITEM =
  'border-2 border-ink bg-paper font-semibold text-ink data-[state=checked]:bg-ink data-[state=checked]:text-linen data-[state=checked]:underline decoration-2 underline-offset-4 hover:not-data-[state=checked]:bg-lavender-pale';

/** One of a few, all in sight; arrow keys move, a tap chooses. */
export function ChoiceField(props: ChoiceFieldProps): ReactElement {
  const { name, label, choices, hint, shape = 'words', onChosen } = props;
  const { control } = useFormContext();
  const error = useFieldError(name);
  const id = useId();
  return (
    <div>
      <span id={`${id}-label`} className="block text-base font-semibold">
        {label}
      </span>
      <Controller
        name={name}
        control={control}
        render={({ field }) => (
          <RadioGroup.Root
            ref={field.ref}
            value={field.value as string}
            onValueChange={(value) => {
              field.onChange(value);
              onChosen?.(value);
            }}
            onBlur={field.onBlur}
            aria-labelledby={`${id}-label`}
            aria-describedby={
              clsx(hint !== undefined && `${id}-hint`, error && `${id}-error`) || undefined
            }
            className={clsx('mt-1 flex flex-wrap', shape === 'cells' ? 'gap-1' : 'gap-2')}
          >
            {choices.map((choice) => (
              <RadioItem
                key={choice.value}
                value={choice.value}
                className={clsx(
                  ITEM,
                  shape === 'cells'
                    ? 'size-14 text-2xl wide:size-12'
                    : 'min-h-12 rounded-sm px-4 py-2 text-base',
                )}
              >
                {choice.label}
              </RadioItem>
            ))}
          </RadioGroup.Root>
        )}
      />
      <Hint id={`${id}-hint`}>{hint}</Hint>
      <FieldMessage id={`${id}-error`} error={error} prefix="" />
    </div>
  );
}
