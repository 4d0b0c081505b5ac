import { parseISO } from 'date-fns';
import { useMemo } from 'react';
import { callBacksOf } from '../../../model';
import { selectPreferences, useAppSelector } from '../../../store';
import { daysUntil } from '../../../model/store/keeping';
import { useSpringCombs } from '../../data/useSpringCombs';
import { watchList } from '../../data/watchList';
import type { DueItem } from './dueItem';
import { useCurrent, useStore, useLedger } from '../../data/useWorkspaceModel';
import type { StoredLot } from '../../../model';
import { todayWords } from '../../words/english/today';

/** How far ahead the store and notes are shown [d]. */
const AHEAD_DAYS = 14;
const NOTE_DAYS = 7;

const atNoon = (day: string): number => parseISO(`${day}T12:00`).getTime();

/** Jars of blocked lots that are out of the house: before everything else. */
function callBackRows(lots: readonly StoredLot[]): DueItem[] {
  return callBacksOf(lots).map(({ lotId, lotName, open }) => {
    const jars = open.reduce((sum, openCallBack) => sum + openCallBack.jars, 0);
    const places = new Set(open.map((openCallBack) => openCallBack.to)).size;
    return {
      id: `call-back-${lotId}`,
      station: 'store',
      timed: false,
      urgent: true,
      atMs: -Infinity,
      title: todayWords.callBackJarsFromPlaces({ jars, places }),
      why: todayWords.isBlockedForEveryUse({ lotName }),
      to: `store/trace/lot:${lotId}`,
    };
  });
}

/** What waits in the store: looks, openings, and blends that are half poured. */
export function useStoreDue(nowMs: number): readonly DueItem[] {
  const lots = useStore();
  const { blends, poured } = useLedger().related;
  const combs = useSpringCombs();
  const { hemisphere } = useAppSelector(selectPreferences);
  return useMemo(() => {
    const watched = watchList(lots, combs, nowMs, hemisphere)
      .filter((lot) => daysUntil(lot.by, nowMs) <= AHEAD_DAYS)
      .map(({ id, title, why, by, to }): DueItem => {
        return { id, title, why, to, station: 'store', timed: false, atMs: atNoon(by) };
      });
    const pouring = blends.flatMap(({ entityId, content }): DueItem[] => {
      const open = content.tanks.filter((tank) => tank.lotId === null);
      if (open.length === 0) return [];
      const lines = content.tanks.reduce((sum, tank) => sum + tank.pours.length, 0);
      const done = poured.filter((pouredLine) => pouredLine.blendId === entityId).length;
      const left = lines - done;
      return [
        {
          id: entityId,
          station: 'store',
          timed: false,
          atMs: atNoon(content.day),
          title:
            left > 0
              ? todayWords.pourTheBlend({ name: content.name })
              : todayWords.recordAsALot({ name: content.name }),
          why: left > 0 ? todayWords.containersToGo({ left }) : todayWords.allPouredStirItAnd(),
          to: `store/blend/${entityId}`,
        },
      ];
    });
    return [...callBackRows(lots), ...watched, ...pouring];
  }, [lots, combs, blends, poured, nowMs, hemisphere]);
}

/** Notes of what to do differently, back on their planning day. */
export function useNotesDue(nowMs: number): readonly DueItem[] {
  const notes = useCurrent('season-note');
  return useMemo(
    () =>
      notes.flatMap((note): DueItem[] => {
        if (note.content.done !== '') return [];
        if (daysUntil(note.content.planningDay, nowMs) > NOTE_DAYS) return [];
        return [
          {
            id: note.entityId,
            station: 'season',
            timed: false,
            atMs: atNoon(note.content.planningDay),
            title: note.content.text,
            why: todayWords.youNotedThisInFor({ year: note.content.year }),
            to: 'season/years',
          },
        ];
      }),
    [notes, nowMs],
  );
}
