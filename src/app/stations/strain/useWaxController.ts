import { useMemo, useState } from 'react';
import {
  COMB_STATES,
  cappingWaxKg,
  combPlan,
  meltYields,
  sheetsFrom,
  spunKgPerFrame,
  waxOnHand,
  type CombState,
} from '../../../core';
import { formatOf, lineOf, type HoneyHouse } from '../../../model';
import type { Wax } from '../../../records';
import { selectPreferences, useAppDispatch, useAppSelector, type ActOptions } from '../../../store';
import { useEditing } from '../../data/useEditing';
import { useBook, useCurrent, useHoneyHouse } from '../../data/useWorkspaceModel';
import { isoToday } from '../../format/dates';
import { COMB_STATE_NAMES } from '../../words/waxNames';
import { waxWords } from '../../words/english/wax';
import { countStock } from './lineActs';

/** Honey spun in a year, by the days at the line that are over [kg]. */
function spunKg({ days }: HoneyHouse, year: string): number {
  return days
    .map(({ extraction }) => extraction.content)
    .filter(({ doneAt, day }) => doneAt !== null && day.startsWith(year))
    .reduce((sum, content) => {
      const line = lineOf(content, null);
      return sum + line.frames * spunKgPerFrame(line);
    }, 0);
}

/** The ledger of wax, what it comes to, and the combs that are there. */
export function useWaxController() {
  const dispatch = useAppDispatch();
  const preferences = useAppSelector(selectPreferences);
  const written = useCurrent('wax');
  const house = useHoneyHouse();
  const book = useBook();
  const [formatId, setFormatId] = useState(book.boxes[0]?.content.formatId ?? '');
  const lines = useMemo(
    () => [...written].sort((a, b) => b.content.day.localeCompare(a.content.day)),
    [written],
  );
  const today = isoToday();
  const year = today.slice(0, 4);
  const entries = lines.map(({ content }) => content);
  const stock = waxOnHand(entries);
  const format = formatOf(book, formatId);
  const countOf = (state: CombState): number | null => house.stock.get(state)?.content.have ?? null;
  const counts = Object.fromEntries(
    COMB_STATES.map((state) => [state, countOf(state) ?? 0]),
  ) as Record<CombState, number>;
  const keepCount = async (
    state: CombState,
    have: number,
    options: ActOptions,
  ): Promise<boolean> => {
    const label = waxWords.counted({ name: COMB_STATE_NAMES[state] });
    const former = house.stock.get(state) ?? null;
    return (await dispatch(countStock({ item: state, label, have, former }, options))).ok;
  };
  const honeyKg = spunKg(house, year);
  const cappingsThisYear = entries.filter(
    ({ act, from, day }) => act === 'melted' && from === 'cappings' && day.startsWith(year),
  );
  return {
    preferences,
    today,
    lines,
    stock,
    yields: meltYields(entries),
    expected:
      honeyKg > 0
        ? {
            range: cappingWaxKg(honeyKg),
            foundKg: cappingsThisYear.reduce((sum, { intoKg }) => sum + (intoKg ?? 0), 0),
          }
        : null,
    formats: book.formats,
    format,
    setFormatId,
    sheets: sheetsFrom(stock.find(({ form }) => form === 'block')?.leftKg ?? 0, format.areaDm2),
    hasCounts: COMB_STATES.some((state) => countOf(state) !== null),
    countOf,
    keepCount,
    plan: combPlan(counts, format.areaDm2),
    editing: useEditing<Wax>(),
  };
}
