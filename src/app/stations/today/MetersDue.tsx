import { ChevronRight } from 'lucide-react';
import { useMemo, type ReactElement } from 'react';
import { Link } from 'react-router';
import type { Meter, Workshop } from '../../../records';
import { selectWorkspace, useAppSelector } from '../../../store';
import { useMoment } from '../../data/useMeters';
import { dueOf, dueWords, readingsOfMeter } from '../../format/meterState';

interface MeterDue {
  readonly meter: Meter;
  readonly words: string;
}

/** Meters in use whose zero is to be checked. */
function metersDue({ meters, files }: Workshop, now: string): MeterDue[] {
  return [...meters.values()].flatMap((meter) => {
    const readings = readingsOfMeter(files, meter.instrument.entityId);
    const due = dueOf(meter, readings, now);
    const inUse = readings.length > 0 || meter.checks.length > 0;
    return due.due && inUse ? [{ meter, words: dueWords(due) }] : [];
  });
}

/** What waits at the bench: meters to check. */
export function MetersDue({ workshop }: { workshop: Workshop }): ReactElement | null {
  const workspace = useAppSelector(selectWorkspace);
  const now = useMoment();
  const due = useMemo(() => metersDue(workshop, now), [workshop, now]);
  if (due.length === 0) return null;
  return (
    <section aria-labelledby="meters-due" className="mt-6">
      <h2 id="meters-due" className="text-2xl font-bold">
        At the bench ({due.length})
      </h2>
      <ul className="mt-2 divide-y divide-thread border-y-2 border-ink">
        {due.map(({ meter: { instrument }, words }) => (
          <li key={instrument.entityId}>
            <Link
              to={`/${workspace}/bench/meters/${instrument.entityId}`}
              className="flex min-h-16 items-center gap-x-6 py-2 hover:bg-lavender-pale sm:px-2"
            >
              <span className="grow">
                <span className="block text-xl leading-tight font-bold">
                  Check the zero of {instrument.content.name}
                </span>
                <span className="block text-base text-ink-soft">{words}</span>
              </span>
              <ChevronRight aria-hidden className="size-6 shrink-0" />
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
