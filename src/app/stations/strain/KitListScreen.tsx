import type { ReactElement } from 'react';
import { KitListView } from './KitListView';
import { useKitListController } from './useKitListController';

/** What to order weeks ahead, from the honey expected, less what is there. */
export function KitListScreen(): ReactElement {
  return <KitListView {...useKitListController()} />;
}
