import { useMemo } from 'react';
import { contentsOf, type LotFile } from '../../model';
import { useAnswer } from './useLot';

/** What is believed of a lot's moisture [%], held to what a relation is made for. */
export function useLotMoisture(file: LotFile, [low, high]: readonly [number, number]): number {
  const contents = useMemo(() => contentsOf(file), [file]);
  const { ruling } = useAnswer(contents, file.lot.entityId);
  return Math.min(high, Math.max(low, ruling.belief.mean));
}
