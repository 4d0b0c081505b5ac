import type { ReactElement } from 'react';
import { HouseView } from './HouseView';
import { useHouseController } from './useHouseController';

/** The log of the house, and where people get hurt. */
export function HouseScreen(): ReactElement {
  return <HouseView {...useHouseController()} />;
}
