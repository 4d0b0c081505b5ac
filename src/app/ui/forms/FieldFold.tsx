import { useState, type ReactElement, type ReactNode } from 'react';
import { useFormState } from 'react-hook-form';
import { FoldSummary } from '../page/FoldSummary';

interface FieldFoldProps {
  title: string;
  /** fields in it: with something wrong in one of them it stays open */
  fields: readonly string[];
  size?: 'small' | 'heading';
  /** whether it stands open at first */
  open?: boolean;
  children: ReactNode;
}

/** Some fields of a form, folded away until they are wanted, or until something in them is wrong. */
export function FieldFold(props: FieldFoldProps): ReactElement {
  const { title, fields, size = 'small', open = false, children } = props;
  const { errors } = useFormState();
  const [isOpen, setOpen] = useState(open);
  const isWrong = fields.some((field) => errors[field] !== undefined);
  return (
    <details
      className={size === 'heading' ? 'border-t-2 border-ink pt-1' : undefined}
      open={isOpen || isWrong}
      onToggle={(event) => setOpen(event.currentTarget.open)}
    >
      <FoldSummary size={size}>{title}</FoldSummary>
      <div className="space-y-5 pt-1 pb-3">{children}</div>
    </details>
  );
}
