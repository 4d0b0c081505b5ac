import type { ReactElement, ReactNode } from 'react';

interface DossierPartProps {
  title: string;
  children: ReactNode;
}

/** A part of the dossier that is not torn apart by a page break where it fits on one page. */
export function DossierPart({ title, children }: DossierPartProps): ReactElement {
  return (
    <section className="break-inside-avoid">
      <h2 className="border-b-2 border-ink text-xl font-bold">{title}</h2>
      <div className="mt-2 text-base">{children}</div>
    </section>
  );
}
