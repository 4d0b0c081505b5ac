import { useState, type ReactElement, type ReactNode } from 'react';
import { FoldSummary } from './FoldSummary';

interface FoldProps {
  summary: ReactNode;
  size?: 'small' | 'large' | 'heading';
  /** whether it stands open at first */
  open?: boolean;
  className?: string;
  children: ReactNode;
}

/** A fold of which nothing is drawn before it is opened. */
export function Fold({
  summary,
  size = 'small',
  open = false,
  className,
  children,
}: FoldProps): ReactElement {
  const [isOpen, setOpen] = useState(open);
  return (
    <details
      className={className}
      open={isOpen}
      onToggle={(event) => setOpen(event.currentTarget.open)}
    >
      <FoldSummary size={size}>{summary}</FoldSummary>
      {isOpen && children}
    </details>
  );
}
