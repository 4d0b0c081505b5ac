import type { ReactElement } from 'react';
import { StoreView } from './StoreView';
import { useStoreController } from './useStoreController';

/** Everything that stands in the store: what to look at, containers, jars, blends. */
export function StoreScreen(): ReactElement {
  return <StoreView {...useStoreController()} />;
}
