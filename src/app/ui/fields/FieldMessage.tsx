import { TriangleAlert } from 'lucide-react';
import type { ReactElement } from 'react';
import type { FieldError } from '../../entry/reader';
import { Button } from '../Button';
import { usePatch } from '../forms/FormFrame';

interface FieldMessageProps {
  id: string;
  error: FieldError | null;
  /** prefix of the fields that a fix patches */
  prefix: string;
}

/** One sentence beside a field, with a button for each thing that may have been meant. */
export function FieldMessage({ id, error, prefix }: FieldMessageProps): ReactElement {
  const patch = usePatch(prefix);
  return (
    <div id={id} aria-live="polite" className="empty:hidden">
      {error && (
        <p className="mt-1 flex items-start gap-2 text-base font-semibold">
          <TriangleAlert aria-hidden className="mt-0.5 size-5 shrink-0" />
          <span>{error.sentence}</span>
        </p>
      )}
      {error?.fixes?.map((fix) => (
        <Button
          key={fix.label}
          tone="lavender"
          className="mt-2 mr-2"
          onClick={() => patch(fix.patch)}
        >
          {fix.label}
        </Button>
      ))}
    </div>
  );
}
