import type { ReactElement } from 'react';
import { useCombController } from './useCombController';
import { CombView } from './CombView';

/** Days at the hives: go on with one, or start one. */
export function CombScreen(): ReactElement {
  return <CombView {...useCombController()} />;
}
