import type { ReactElement, ReactNode } from 'react';

/** What stands where there is nothing yet: why, and what to do about it. */
export function EmptyNote({ children }: { children: ReactNode }): ReactElement {
  return <p className="mt-4 max-w-3xl text-xl">{children}</p>;
}
