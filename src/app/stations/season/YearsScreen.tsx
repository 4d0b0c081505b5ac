import type { ReactElement } from 'react';
import { useYearsController } from './useYearsController';
import { YearsView } from './YearsView';

/** Years beside one another: lots, hives, guesses, bias, and what to do differently. */
export function YearsScreen(): ReactElement {
  return <YearsView {...useYearsController()} />;
}
