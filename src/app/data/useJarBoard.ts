import { useMemo } from 'react';
import { jarBoard, type JarStock, type StoredLot } from '../../model';
import { gateOf } from '../gate/gate';
import { vesselId } from '../../records';
import { useCurrent, useStore } from './useWorkspaceModel';

/** Jars may go where their lot may, or where a reason was typed when they were filled; of what is blocked none may. */
function mayGo(lot: StoredLot, { packing }: JarStock): boolean {
  const { from, release } = packing.content;
  const gate = gateOf(
    lot,
    from.map((item) => vesselId(item.containerId, item.item)),
  );
  return gate.status === 'open' || (gate.status === 'reason' && release !== undefined);
}

/** Jars in the house by age and by occasion. */
export function useJarBoard(): ReturnType<typeof jarBoard> {
  const lots = useStore();
  const occasions = useCurrent('occasion');
  return useMemo(() => jarBoard(lots, occasions, mayGo), [lots, occasions]);
}
