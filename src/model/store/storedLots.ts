import { densityMoisture } from '../../core';
import type { RuledLot } from '../lot/ruledLots';
import type { PouredLine } from './pouring';
import { jarStocks, storedVessels, type JarStock, type StoredVessel } from './store';

/** One lot in the store, with its ruling. */
export interface StoredLot extends RuledLot {
  readonly vessels: readonly StoredVessel[];
  readonly jars: readonly JarStock[];
}

/** Containers and jars of ruled lots with what is left in them. */
export function storeOf(lots: readonly RuledLot[], poured: readonly PouredLine[]): StoredLot[] {
  return lots.map((lot) => ({
    ...lot,
    vessels: storedVessels(lot.file, densityMoisture(lot.ruling.belief.mean), poured),
    jars: jarStocks(lot.file),
  }));
}
