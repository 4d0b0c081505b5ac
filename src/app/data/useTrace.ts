import { useMemo } from 'react';
import { traceOf, type Trace, type Workshop } from '../../model';

/** What honey passed through, of all lots; undefined while loading. */
export function useTrace(workshop: Workshop | undefined): Trace | undefined {
  return useMemo(() => {
    if (!workshop?.around) return undefined;
    const { book, rooms, house, blends, poured } = workshop.around;
    return traceOf({ files: workshop.files, book, rooms, house, blends, poured });
  }, [workshop]);
}
