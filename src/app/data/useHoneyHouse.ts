import { useMemo } from 'react';
import { useRecordsOf } from '../../db';
import { honeyHouseOf, type HoneyHouse } from '../../model';
import { EXTRACTION_KINDS } from '../../records';
import { selectWorkspace, useAppSelector } from '../../store';

/** Days at the line, tools and stock, up to date across tabs; undefined while loading or where it is not needed. */
export function useHoneyHouse(needed = true): HoneyHouse | undefined {
  const workspace = useAppSelector(selectWorkspace);
  const records = useRecordsOf(needed ? workspace : null, EXTRACTION_KINDS);
  return useMemo(() => records && honeyHouseOf(records), [records]);
}
