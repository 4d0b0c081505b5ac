import type { ReactElement, ReactNode } from 'react';

interface PieceProps {
  /** the component that is shown */
  name: string;
  /** one child for each state, with its name */
  children: Readonly<Record<string, ReactNode>>;
}

/** One shared part in each of its states. */
export function Piece({ name, children }: PieceProps): ReactElement {
  return (
    <section aria-label={name} id={name} className="border-t-2 border-ink py-4">
      <h3 className="mb-3 font-mono text-lg font-bold">{name}</h3>
      <div className="grid gap-6 wide:grid-cols-2">
        {Object.entries(children).map(([state, shown]) => (
          <div key={state} className="min-w-0">
            <p className="mb-1 font-mono text-base text-ink-soft">{state}</p>
            {shown}
          </div>
        ))}
      </div>
    </section>
  );
}
