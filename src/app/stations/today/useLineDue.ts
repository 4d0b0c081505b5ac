import { useMemo } from 'react';
import { DAY_MS } from '../../../core';
import { momentOfClock, nextSkim, type ExtractionFile, type LotFile } from '../../../model';
import { clockText } from '../../format/clock';
import { isoDay } from '../../format/dates';
import type { DueItem } from './dueItem';
import { useLedger } from '../../data/useWorkspaceModel';
import { commonWords } from '../../words/english/common';
import { todayWords } from '../../words/english/today';

/** Skims that come within so long [ms], and days so far ahead [d]. */
const SOON_MS = DAY_MS;
const AHEAD_DAYS = 7;

/** Days at the line: the one under way, and those that come. */
function dayRows(days: readonly ExtractionFile[], nowMs: number): DueItem[] {
  const until = isoDay(new Date(nowMs + AHEAD_DAYS * DAY_MS));
  return days
    .map((day) => day.extraction)
    .filter(({ content }) => content.doneAt === null && content.day <= until)
    .map(({ entityId, content }) => {
      const isOn = content.startedAt !== null;
      const startMs = momentOfClock(content.day, content.startMin);
      return {
        id: entityId,
        station: 'line',
        timed: true,
        atMs: isOn ? -Infinity : startMs,
        title: isOn
          ? todayWords.underWay({ name: content.name })
          : todayWords.extractName({ name: content.name }),
        why: `${commonWords.frames({ frames: content.frames })}; ${isOn ? todayWords.tickOffLoadsAndPails() : todayWords.beginsAt({ startMin: clockText(content.startMin) })}.`,
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
          title: todayWords.skim({ name: content.name }),
          why: `${lot.content.name || lot.content.code}: ${next.which === 'first' ? todayWords.theFoamHasRisen() : todayWords.littleMoreWaxWillRise()}.`,
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
  const ledger = useLedger();
  return useMemo(
    () => [...dayRows(ledger.related.house.days, nowMs), ...skimRows(ledger.files, nowMs)],
    [ledger, nowMs],
  );
}
