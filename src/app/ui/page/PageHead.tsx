import type { ReactElement, ReactNode } from 'react';

interface PageHeadProps {
  title: ReactNode;
  /** where the page belongs, or its day */
  over?: ReactNode;
  /** what it is about, in one line */
  lead?: ReactNode;
  /** what can be done here and where one can go */
  children?: ReactNode;
}

/** The head of a page: the one heading of the first rank, and what can be done here. */
export function PageHead({ title, over, lead, children }: PageHeadProps): ReactElement {
  return (
    <header className="flex flex-wrap items-end justify-between gap-x-6 gap-y-3 pt-5">
      <div className="grow basis-72">
        {over && <p className="text-base font-semibold">{over}</p>}
        <h1 className="text-[min(2.25rem,14vw)] leading-tight font-bold">{title}</h1>
        {lead && <p className="mt-1 max-w-3xl text-lg text-ink-soft">{lead}</p>}
      </div>
      {children && <div className="flex flex-wrap gap-3">{children}</div>}
    </header>
  );
}
