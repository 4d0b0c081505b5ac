import clsx from 'clsx';
import { ChevronDown } from 'lucide-react';
import type { ReactElement, ReactNode } from 'react';

interface FoldSummaryProps {
  children: ReactNode;
  /** how much weight the fold has on its page */
  size?: 'small' | 'large' | 'heading';
}

const SIZES = {
  small: 'text-base font-semibold',
  large: 'text-lg font-semibold',
  heading: 'text-2xl font-bold',
} as const;

/** The line that opens a fold: its arrow points right while shut and down while open. */
export function FoldSummary({ children, size = 'small' }: FoldSummaryProps): ReactElement {
  return (
    <summary className={clsx('flex min-h-11 list-none items-center gap-2', SIZES[size])}>
      <ChevronDown
        aria-hidden
        className="size-5 shrink-0 -rotate-90 [details[open]>summary>&]:rotate-0"
      />
      <span>{children}</span>
    </summary>
  );
}
