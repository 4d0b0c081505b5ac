import type { ReactElement } from 'react';
import { SideBySideView } from './SideBySideView';
import { useSideBySideController } from './useSideBySideController';

/** Two honeys side by side: what is known of each, and whether people can tell them apart. */
export function SideBySideScreen(): ReactElement {
  return <SideBySideView {...useSideBySideController()} />;
}
