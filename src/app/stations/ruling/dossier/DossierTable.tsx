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

interface DossierTableProps {
  label: string;
  head: readonly string[];
  rows: readonly (readonly string[])[];
}

/** A plain table that also fits on a phone, by scrolling inside itself. */
export function DossierTable({ label, head, rows }: DossierTableProps): ReactElement {
  return (
    <div className="overflow-x-auto" role="region" aria-label={label} tabIndex={0}>
      <table className="w-full border-collapse text-left">
        <thead>
          <tr className="border-b border-ink">
            {head.map((one) => (
              <th key={one} scope="col" className="py-1 pr-3 align-bottom font-bold">
                {one}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((row, at) => (
            <tr key={at} className="border-b border-thread">
              {row.map((cell, column) => (
                <td key={column} className="py-1 pr-3 align-top">
                  {cell}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
