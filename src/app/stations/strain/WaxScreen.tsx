import type { ReactElement } from 'react';
import { WaxView } from './WaxView';
import { useWaxController } from './useWaxController';

/** Wax from cappings to blocks, and combs for next year. */
export function WaxScreen(): ReactElement {
  return <WaxView {...useWaxController()} />;
}
