import type { ReactElement, ReactNode } from 'react';

/** What a field is for, under it. */
export function Hint({ id, children }: { id: string; children?: ReactNode }): ReactElement | null {
  if (children === undefined) return null;
  return (
    <p id={id} className="mt-1 text-base text-ink-soft">
      {children}
    </p>
  );
}
