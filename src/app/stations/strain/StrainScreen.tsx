import type { ReactElement } from 'react';
import { StrainView } from './StrainView';
import { useStrainController } from './useStrainController';

/** Days at the line, vessels that stand to clear, and what is to be ordered. */
export function StrainScreen(): ReactElement {
  return <StrainView {...useStrainController()} />;
}
