import { useMemo } from 'react';
import { useBookRecords } from '../../db';
import { bookOf, type Book } from '../../records';
import { selectWorkspace, useAppSelector } from '../../store';

/** Places, hives, boxes, flows and days, up to date across tabs; undefined while loading. */
export function useBook(): Book | undefined {
  const workspace = useAppSelector(selectWorkspace);
  const records = useBookRecords(workspace);
  return useMemo(() => records && bookOf(records), [records]);
}
