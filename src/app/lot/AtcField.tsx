import type { ReactElement } from 'react';
import { Field } from '../entry/Field';
import type { atcField } from '../forms/bench/readingForm';

const HOW =
  'An ATC mark stands on most meters that have it. To find out: read one drop, warm the meter in your hands, read again; without ATC the reading climbs by about 0.1 for each °C.';

interface AtcFieldProps {
  of: { readonly fields: { readonly atc: typeof atcField } };
  chosen: string;
}

/** Whether a meter corrects temperature itself, with how to find out. */
export function AtcField({ of, chosen }: AtcFieldProps): ReactElement {
  return (
    <Field
      of={of}
      at="atc"
      hint={
        chosen === 'yes'
          ? 'No second correction is made.'
          : chosen === 'no'
            ? undefined
            : `${HOW} Until you know, both figures are covered.`
      }
    />
  );
}
