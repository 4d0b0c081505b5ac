import type { ReactElement, ReactNode } from 'react';

interface SheetSectionProps {
  id: string;
  title: string;
  aside?: ReactNode;
  children: ReactNode;
}

/** One part of the evidence, under a rule like a ledger. */
export function SheetSection({ id, title, aside, children }: SheetSectionProps): ReactElement {
  return (
    <section aria-labelledby={id} className="border-t-2 border-ink pt-3">
      <div className="mb-3 flex min-h-11 flex-wrap items-center justify-between gap-3">
        <h2 id={id} className="text-2xl font-bold">
          {title}
        </h2>
        {aside}
      </div>
      {children}
    </section>
  );
}
