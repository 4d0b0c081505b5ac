import { useMemo } from 'react';
import { kitNeeds, spunKgPerFrame, type KitItem } from '../../../core';
import { lineOf, type HoneyHouse } from '../../../model';
import { selectPreferences, useAppDispatch, useAppSelector, type ActOptions } from '../../../store';
import { useHoneyHouse } from '../../data/useWorkspaceModel';
import { kitEntry, type KitForm } from '../../forms/line/kitForm';
import { useDraftForm } from '../../forms/useDraftForm';
import { countStock } from './lineActs';

/** Honey that days still to come are planned for [kg]. */
function plannedKg({ days }: HoneyHouse): number {
  return days
    .filter((day) => day.extraction.content.doneAt === null)
    .reduce((sum, { extraction }) => {
      const line = lineOf(extraction.content, null);
      return sum + line.frames * spunKgPerFrame(line);
    }, 0);
}

/** What to order for the honey that is expected, and what of it was counted. */
export function useKitListController() {
  const house = useHoneyHouse();
  const dispatch = useAppDispatch();
  const preferences = useAppSelector(selectPreferences);
  const defaults = useMemo(() => {
    const honeyKg = plannedKg(house) || 100;
    const pailKg = house.days[0]?.extraction.content.pail.kg ?? 12.5;
    const usual = { honeyKg, plusMinusKg: 0.3 * honeyKg, pailKg, jarKg: 0.5, jarredShare: 0.6 };
    return kitEntry.fill(usual, preferences);
  }, [house, preferences]);
  const { form, parsed, frame } = useDraftForm({
    formKey: 'kit-list',
    defaults,
    parse: (typed: KitForm) => kitEntry.read(typed, preferences),
  });
  const needs = useMemo(() => {
    if (!parsed.ok) return null;
    const { honeyKg, plusMinusKg, pailKg, jarKg, jarredShare } = parsed.content;
    const honey = { massKg: honeyKg, standardUncertaintyKg: plusMinusKg / 2 };
    return kitNeeds({ honey, pailKg, jarKg, jarredShare });
  }, [parsed]);
  const count = async (item: KitItem, have: number, options: ActOptions): Promise<boolean> => {
    const former = house.stock.get(item) ?? null;
    return (await dispatch(countStock({ item, have, former }, options))).ok;
  };
  return { stock: house.stock, form, frame, needs, count };
}
