import type { ReactElement } from 'react';
import { Field } from '../entry/Field';
import type { atcField } from '../forms/bench/readingForm';
import { lotWords } from '../words/english/lot';

const HOW = lotWords.mostMetersWithAtcAre();

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
          ? lotWords.noFurtherCorrectionIsMade()
          : chosen === 'no'
            ? undefined
            : lotWords.untilYouKnowTheCovers({ how: HOW })
      }
    />
  );
}
