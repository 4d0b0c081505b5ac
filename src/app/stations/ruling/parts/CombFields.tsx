import type { ReactElement } from 'react';
import { SHAKE_CHOICES, TENTHS } from '../../../forms/combForm';
import { ChoiceField } from '../../../ui/ChoiceField';

const TENTH_CHOICES = TENTHS.map((value) => ({ value, label: value }));

/** Capped share in tenths, and the shake test. */
export function CombFields({ prefix }: { prefix: string }): ReactElement {
  return (
    <div className="space-y-5">
      <ChoiceField
        name={`${prefix}cappedTenths`}
        label="Tenths of the honey that were capped"
        choices={TENTH_CHOICES}
        shape="cells"
        hint="Of the cells that held honey; empty cells, brood and pollen do not count."
      />
      <ChoiceField
        name={`${prefix}shake`}
        label="Shake test"
        choices={SHAKE_CHOICES}
        hint="Frame flat, open cells down, a gentle shake. Cold honey passes falsely."
      />
    </div>
  );
}
