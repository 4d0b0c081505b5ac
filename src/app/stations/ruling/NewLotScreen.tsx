import type { ReactElement } from 'react';
import { NewLotView } from './NewLotView';
import { useNewLotController } from './useNewLotController';

/** Starts a lot; the answer stands beside the form from the first tap. */
export function NewLotScreen(): ReactElement {
  return <NewLotView {...useNewLotController()} />;
}
