import type { ReactElement } from 'react';
import { ChoiceField } from './ChoiceField';

const HOW =
  'An ATC mark stands on most meters that have it. To find out: read one drop, warm the meter in your hands, read again; without ATC the reading climbs by about 0.1 for each °C.';

/** Whether a meter corrects temperature itself. Nothing is chosen beforehand: a wrong guess costs up to a point. */
export function AtcField({ chosen }: { chosen: string }): ReactElement {
  return (
    <ChoiceField
      name="atc"
      label="Does the meter correct temperature itself (ATC)?"
      choices={[
        { value: 'no', label: 'No' },
        { value: 'yes', label: 'Yes' },
        { value: 'unknown', label: 'Don’t know' },
      ]}
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
