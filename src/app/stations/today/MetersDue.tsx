import { useMemo, type ReactElement } from 'react';
import type { Workshop } from '../../../records';
import { useMoment } from '../../data/useMeters';
import { dueOf, dueWords, readingsOfMeter } from '../../format/meterState';
import { DueRows, type DueRow } from './DueRows';

/** Meters in use whose zero is to be checked. */
function metersDue({ meters, files }: Workshop, now: string): DueRow[] {
  return [...meters.values()].flatMap((meter) => {
    const { entityId: id, content } = meter.instrument;
    const readings = readingsOfMeter(files, id);
    const due = dueOf(meter, readings, now);
    const inUse = readings.length > 0 || meter.checks.length > 0;
    if (!due.due || !inUse) return [];
    const title = `Check the zero of ${content.name}`;
    return [{ id, title, why: dueWords(due), to: `bench/meters/${id}` }];
  });
}

/** What waits at the bench: meters to check. */
export function MetersDue({ workshop }: { workshop: Workshop }): ReactElement {
  const now = useMoment();
  const rows = useMemo(() => metersDue(workshop, now), [workshop, now]);
  return <DueRows id="meters-due" title="At the bench" rows={rows} />;
}
