import type { ReactElement } from 'react';
import { Field } from '../../../entry/Field';
import { combEntry } from '../../../forms/lots/combForm';

/** Capped share in tenths, and the shake test. */
export function CombFields(place: { under?: string }): ReactElement {
  return (
    <div className="space-y-5">
      <Field of={combEntry} at="cappedTenths" {...place} shape="cells" />
      <Field of={combEntry} at="shake" {...place} />
    </div>
  );
}
