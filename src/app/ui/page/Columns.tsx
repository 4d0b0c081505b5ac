import clsx from 'clsx';
import type { ReactElement, ReactNode } from 'react';

/** How the two columns of a wide page share it. */
const SHARES = {
  even: 'wide:grid-cols-2',
  'main-first': 'wide:grid-cols-[minmax(0,1fr)_minmax(0,27rem)]',
  'main-last': 'wide:grid-cols-[minmax(0,26rem)_minmax(0,1fr)]',
} as const;

interface ColumnsProps {
  share?: keyof typeof SHARES;
  className?: string;
  /** the two columns, which stand below one another where the page is narrow */
  children: ReactNode;
}

/** The body of a page in two columns. */
export function Columns({ share = 'even', className, children }: ColumnsProps): ReactElement {
  return (
    <div
      className={clsx(
        'mt-5 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-8',
        SHARES[share],
        className,
      )}
    >
      {children}
    </div>
  );
}
