import { useId, type ReactElement } from 'react';
import { FieldMessage } from './FieldMessage';
import { useFieldError } from '../forms/FormFrame';

/** What is wrong with a field that is drawn as something of its own, said beside it. */
export function ErrorOf({ name }: { name: string }): ReactElement {
  const id = useId();
  return <FieldMessage id={id} error={useFieldError(name)} prefix="" />;
}
