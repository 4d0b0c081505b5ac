import type { ReactElement, ReactNode } from 'react';

interface PlainTableProps {
  label: string;
  head: readonly string[];
  rows: readonly (readonly ReactNode[])[];
}

/** Names of the columns of a table. */
export function TableHead({ head }: Pick<PlainTableProps, 'head'>): ReactElement {
  return (
    <thead>
      <tr className="border-b-2 border-ink">
        {head.map((text) => (
          <th key={text} scope="col" className="py-1.5 pr-3 align-bottom font-bold">
            {text}
          </th>
        ))}
      </tr>
    </thead>
  );
}

/** A plain table; on a narrow page it scrolls inside itself. Nothing where there are no rows. */
export function PlainTable({ label, head, rows }: PlainTableProps): ReactElement | null {
  if (rows.length === 0) return null;
  return (
    <div className="overflow-x-auto" role="region" aria-label={label} tabIndex={0}>
      <table className="w-full border-collapse text-left text-base wrap-break-word">
        <TableHead head={head} />
        <tbody>
          {rows.map((row, at) => (
            <tr key={at} className="border-b border-thread">
              {row.map((cell, column) => (
                <td key={column} className="py-1.5 pr-3 align-top">
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
