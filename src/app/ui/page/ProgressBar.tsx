import type { ReactElement } from 'react';

export interface ProgressBarProps {
  /** what is under way, for those who do not see the bar */
  doing: string;
  /** 0 to 1; left out while it cannot be reported */
  share?: number | undefined;
}

/** How far long work is. */
export function ProgressBar({ doing, share }: ProgressBarProps): ReactElement {
  return (
    <progress
      aria-label={doing}
      {...(share !== undefined && { value: share })}
      max={1}
      className="progress-bar h-3 w-40"
    />
  );
}
