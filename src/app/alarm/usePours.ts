import { useMemo } from 'react';
import { useRecordsOf } from '../../db';
import { current, type Pour } from '../../records';
import { selectWorkspace, useAppSelector } from '../../store';

const POURS = ['pour'] as const;

/** Pails under an open gate, of all days; none while loading. */
export function useOpenPours(): Pour[] {
  const records = useRecordsOf(useAppSelector(selectWorkspace), POURS);
  return useMemo(
    () =>
      current(records ?? []).filter(
        (one): one is Pour => one.kind === 'pour' && one.content.closedAt === null,
      ),
    [records],
  );
}
