import { useMemo } from 'react';
import { useRecordsOf } from '../../db';
import { BLEND_KINDS, current, type Blend, type BlendTick } from '../../records';
import { selectWorkspace, useAppSelector } from '../../store';

/** Blends, the latest first, with what was poured. */
export interface Blends {
  readonly blends: readonly Blend[];
  readonly ticks: readonly BlendTick[];
}

/** All blends, up to date across tabs; undefined while loading or where it is not needed. */
export function useBlends(needed = true): Blends | undefined {
  const workspace = useAppSelector(selectWorkspace);
  const records = useRecordsOf(needed ? workspace : null, BLEND_KINDS);
  return useMemo(() => {
    if (!records) return undefined;
    const now = current(records);
    const blends = now.filter((one) => one.kind === 'blend');
    return {
      blends: blends.sort((a, b) => b.content.day.localeCompare(a.content.day)),
      ticks: now.filter((one) => one.kind === 'blend-tick'),
    };
  }, [records]);
}
