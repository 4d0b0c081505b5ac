import type { ReactElement } from 'react';
import type { VesselEvidence } from '../../core';
import { Field } from '../entry/Field';
import type { vesselField } from '../forms/lots/vesselField';
import { lotWords } from '../words/english/lot';

interface VesselFieldProps {
  of: { readonly fields: { readonly vessel: typeof vesselField } };
  vessels: readonly VesselEvidence[];
}

/** Which vessel of the lot it was taken from. */
export function VesselField({ of, vessels }: VesselFieldProps): ReactElement {
  return (
    <Field
      of={of}
      at="vessel"
      choices={[
        { value: '', label: lotWords.theWholeLotStirred() },
        ...vessels.map(({ id, label }) => ({ value: id, label })),
      ]}
    />
  );
}
