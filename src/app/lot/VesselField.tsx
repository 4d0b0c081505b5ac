import type { ReactElement } from 'react';
import type { VesselEvidence } from '../../core';
import { SelectField } from '../ui/SelectField';

/** Which vessel of the lot it was taken from; field `vessel` of the form. */
export function VesselField({ vessels }: { vessels: readonly VesselEvidence[] }): ReactElement {
  return (
    <SelectField
      name="vessel"
      label="Taken from"
      options={[
        { value: '', label: 'The lot as a whole, stirred' },
        ...vessels.map(({ id, label }) => ({ value: id, label })),
      ]}
    />
  );
}
