import type { ReactElement } from 'react';

/** The hatching that means "over" or "in danger", whatever the colours; filled with `url(#id)`. */
export function RuleHatch({ id }: { id: string }): ReactElement {
  return (
    <defs>
      <pattern
        id={id}
        width="7"
        height="7"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <line x1="0" x2="0" y1="0" y2="7" className="stroke-ink" strokeWidth="3" />
      </pattern>
    </defs>
  );
}
