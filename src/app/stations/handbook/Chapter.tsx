import type { ReactElement, ReactNode } from 'react';

interface ChapterProps {
  id: string;
  title: string;
  children: ReactNode;
}

export function Chapter({ id, title, children }: ChapterProps): ReactElement {
  return (
    <section aria-labelledby={id} className="mt-8 border-t-2 border-ink pt-3">
      <h2 id={id} className="text-2xl font-bold">
        {title}
      </h2>
      <div className="mt-2 space-y-3 text-lg">{children}</div>
    </section>
  );
}
