import type { ReactElement } from 'react';
import type { Fields as FieldSet } from './codec';
import type { Form } from './entry';
import { Field, type PathIn } from './Field';

interface FieldsProps<Fs extends FieldSet> {
  of: Pick<Form<Fs>, 'fields'>;
  at: readonly PathIn<Fs>[];
}

/** Several fields of a form, one after the other, as their codecs say. */
export function Fields<Fs extends FieldSet>({ of, at }: FieldsProps<Fs>): ReactElement {
  return (
    <>
      {at.map((pathIn) => (
        <Field key={pathIn} of={of} at={pathIn} />
      ))}
    </>
  );
}
