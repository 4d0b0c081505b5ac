import { jarBoard, type JarStock, type StoredLot } from '../../model';
import { vesselId, type Occasion } from '../../records';
import { gateOf } from '../gate/gate';

/** Jars may go where their lot may, or where a reason was typed when they were filled; of what is blocked none may. */
function mayGo(lot: StoredLot, { packing }: JarStock): boolean {
  const { from, release } = packing.content;
  const gate = gateOf(
    lot,
    from.map((item) => vesselId(item.containerId, item.item)),
  );
  return gate.status === 'open' || (gate.status === 'reason' && release !== undefined);
}

/** Jars in the house by age and by occasion, those that may not leave promised to nobody. */
export const jarsInHouse = (
  lots: readonly StoredLot[],
  occasions: readonly Occasion[],
): ReturnType<typeof jarBoard> => jarBoard(lots, occasions, mayGo);
