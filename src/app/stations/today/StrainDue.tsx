import { format } from 'date-fns';
import { useMemo, type ReactElement } from 'react';
import { nextSkim, type ExtractionFile, type LotFile, type Workshop } from '../../../records';
import { useHoneyHouse } from '../../data/useHoneyHouse';
import { useMoment } from '../../data/useMeters';
import { clockText } from '../../format/clock';
import { counted } from '../../format/counted';
import { isoDay } from '../../format/dates';
import { DueRows, type DueRow } from './DueRows';

/** Skims that come within so long [ms], and days so far ahead [d]. */
const SOON_MS = 24 * 3_600_000;
const AHEAD_DAYS = 7;

interface TimedRow extends DueRow {
  readonly atMs: number;
}

/** Days at the line: the one under way, and those that come. */
function dayRows(days: readonly ExtractionFile[], nowMs: number): TimedRow[] {
  const until = isoDay(new Date(nowMs + AHEAD_DAYS * 86_400_000));
  return days
    .map((one) => one.extraction)
    .filter(({ content }) => content.doneAt === null && content.day <= until)
    .map(({ entityId, content }) => {
      const isOn = content.startedAt !== null;
      const startMs = new Date(`${content.day}T00:00`).getTime() + content.startMin * 60_000;
      return {
        id: entityId,
        atMs: isOn ? 0 : startMs,
        title: isOn ? `Under way: ${content.name}` : `Extract ${content.name}`,
        why: `${counted(content.frames, 'frame')}; ${isOn ? 'tick off loads and pails' : `begins at ${clockText(content.startMin)}`}.`,
        to: `strain/day/${entityId}`,
        when: isOn ? <strong>now</strong> : format(startMs, 'EEE d MMM'),
      };
    });
}

/** Vessels to skim, by lot. */
function skimRows(files: readonly LotFile[], nowMs: number): TimedRow[] {
  return files.flatMap((file) =>
    file.settlings.flatMap(({ entityId, content }) => {
      const next = nextSkim(content);
      if (!next || next.atMs > nowMs + SOON_MS) return [];
      const { lot } = file;
      return [
        {
          id: entityId,
          atMs: next.atMs,
          title: `Skim ${content.name}`,
          why: `${lot.content.name || lot.content.code}: ${next.which === 'first' ? 'the foam is up' : 'little more wax will rise'}.`,
          to: `strain/settle/${lot.entityId}`,
          when: (
            <>
              {format(next.atMs, 'EEE HH:mm')}
              {next.atMs < nowMs && <strong className="block">now</strong>}
            </>
          ),
        },
      ];
    }),
  );
}

/** What waits at the line and in settling tanks. */
export function StrainDue({ workshop }: { workshop: Workshop }): ReactElement {
  const house = useHoneyHouse();
  const nowMs = Date.parse(useMoment());
  const rows = useMemo(
    () =>
      [...dayRows(house?.days ?? [], nowMs), ...skimRows(workshop.files, nowMs)].sort(
        (a, b) => a.atMs - b.atMs,
      ),
    [house, workshop, nowMs],
  );
  return <DueRows id="strain-due" title="At the line" rows={rows} />;
}
