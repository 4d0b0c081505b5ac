import type { ReactElement } from 'react';
import { FoamView } from './FoamView';
import { useFoamController } from './useFoamController';

/** What foam means, what to do first, and which honey it is. */
export function FoamScreen(): ReactElement {
  return <FoamView {...useFoamController()} />;
}
