import type { ReactElement } from 'react';
import { useWeighController } from './useWeighController';
import { WeighView } from './WeighView';

/** Boxes weighed full and empty: the crop, the loads, the jars. */
export function WeighScreen(): ReactElement {
  return <WeighView {...useWeighController()} />;
}
