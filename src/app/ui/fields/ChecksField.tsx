import { Check } from 'lucide-react';
import { Checkbox } from 'radix-ui';
import { useId, type ReactElement, type ReactNode } from 'react';
import { Controller, useFormContext } from 'react-hook-form';
import type { Choice } from './ChoiceField';

interface ChecksFieldProps {
  name: string;
  label: ReactNode;
  choices: readonly Choice[];
  /** for long labels in a narrow column */
  oneColumn?: boolean | undefined;
}

/** Any number of things that were seen. */
export function ChecksField({
  name,
  label,
  choices,
  oneColumn = false,
}: ChecksFieldProps): ReactElement {
  const { control } = useFormContext();
  const id = useId();
  return (
    <fieldset>
      <legend className="text-base font-semibold">{label}</legend>
      <Controller
        name={name}
        control={control}
        render={({ field }) => {
          const chosen = field.value as string[];
          return (
            <div className={`grid gap-x-6 ${oneColumn ? '' : 'sm:grid-cols-2'}`}>
              {choices.map((choice) => (
                <div key={choice.value} className="flex min-h-11 items-center gap-3">
                  <Checkbox.Root
                    id={`${id}-${choice.value}`}
                    checked={chosen.includes(choice.value)}
                    onCheckedChange={(checked) =>
                      field.onChange(
                        checked === true
                          ? [...chosen, choice.value]
                          : chosen.filter((value) => value !== choice.value),
                      )
                    }
                    className="flex size-7 shrink-0 items-center justify-center border-2 border-ink bg-paper data-[state=checked]:bg-ink data-[state=checked]:text-linen"
                  >
                    <Checkbox.Indicator>
                      <Check aria-hidden className="size-5" strokeWidth={3} />
                    </Checkbox.Indicator>
                  </Checkbox.Root>
                  <label htmlFor={`${id}-${choice.value}`} className="grow py-2 text-base">
                    {choice.label}
                  </label>
                </div>
              ))}
            </div>
          );
        }}
      />
    </fieldset>
  );
}
