import { useMemo } from 'react';
import { useRecordsOf } from '../../db';
import { EXTRACTION_KINDS, honeyHouseOf, type HoneyHouse } from '../../records';
import { selectWorkspace, useAppSelector } from '../../store';

/** Days at the line, tools and stock, up to date across tabs; undefined while loading. */
export function useHoneyHouse(): HoneyHouse | undefined {
  const records = useRecordsOf(useAppSelector(selectWorkspace), EXTRACTION_KINDS);
  return useMemo(() => records && honeyHouseOf(records), [records]);
}
