import { useMemo } from 'react';
import { densityMoisture } from '../../core';
import {
  jarStocks,
  storedVessels,
  type JarStock,
  type StoredVessel,
  type Workshop,
  type RuledLot,
} from '../../model';

/** One lot in the store, with its ruling. */
export interface StoredLot extends RuledLot {
  readonly vessels: readonly StoredVessel[];
  readonly jars: readonly JarStock[];
}

/** Containers and jars of ruled lots with what is left in them; undefined while loading. */
export function useStore(
  workshop: Workshop | undefined,
  lots: readonly RuledLot[] | undefined,
): StoredLot[] | undefined {
  const poured = workshop?.around?.poured;
  return useMemo(
    () =>
      poured &&
      lots?.map((one) => ({
        ...one,
        vessels: storedVessels(one.file, densityMoisture(one.ruling.belief.mean), poured),
        jars: jarStocks(one.file),
      })),
    [lots, poured],
  );
}
