import { useMemo } from 'react';
import { DAY_MS } from '../../../core';
import { momentOfClock, nextSkim, type ExtractionFile, type LotFile } from '../../../model';
import { clockText } from '../../format/clock';
import { counted } from '../../format/counted';
import { isoDay } from '../../format/dates';
import type { DueItem } from './dueItem';
import { useWorkshop } from '../../data/useWorkspaceModel';

/** Skims that come within so long [ms], and days so far ahead [d]. */
const SOON_MS = DAY_MS;
const AHEAD_DAYS = 7;

/** Days at the line: the one under way, and those that come. */
function dayRows(days: readonly ExtractionFile[], nowMs: number): DueItem[] {
  const until = isoDay(new Date(nowMs + AHEAD_DAYS * DAY_MS));
  return days
    .map((one) => one.extraction)
    .filter(({ content }) => content.doneAt === null && content.day <= until)
    .map(({ entityId, content }) => {
      const isOn = content.startedAt !== null;
      const startMs = momentOfClock(content.day, content.startMin);
      return {
        id: entityId,
        station: 'line',
        timed: true,
        atMs: isOn ? -Infinity : startMs,
        title: isOn ? `Under way: ${content.name}` : `Extract ${content.name}`,
        why: `${counted(content.frames, 'frame')}; ${isOn ? 'tick off loads and pails' : `begins at ${clockText(content.startMin)}`}.`,
        to: `strain/day/${entityId}`,
      };
    });
}

/** Vessels to skim, by lot. */
function skimRows(files: readonly LotFile[], nowMs: number): DueItem[] {
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
          station: 'line' as const,
          timed: true,
        },
      ];
    }),
  );
}

/** What waits at the line and in settling tanks. */
export function useLineDue(nowMs: number): readonly DueItem[] {
  const workshop = useWorkshop();
  return useMemo(
    () => [...dayRows(workshop.around.house.days, nowMs), ...skimRows(workshop.files, nowMs)],
    [workshop, nowMs],
  );
}
