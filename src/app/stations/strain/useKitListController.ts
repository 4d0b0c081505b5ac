import { addDays, parseISO } from 'date-fns';
import { useMemo } from 'react';
import {
  KIT_LEAD_DAYS,
  USUAL_FRAME_KG,
  extractorFrames,
  kitNeeds,
  spunKgPerFrame,
  standInCost,
  type KitItem,
} from '../../../core';
import { lineOf, type HoneyHouse } from '../../../model';
import { selectPreferences, useAppDispatch, useAppSelector, type ActOptions } from '../../../store';
import { useHoneyHouse } from '../../data/useWorkspaceModel';
import { kitEntry, type KitForm } from '../../forms/line/kitForm';
import { useDraftForm } from '../../forms/useDraftForm';
import { isoDay, isoToday } from '../../format/dates';
import { KIT_NAMES } from '../../words/strainWords';
import { lineWords } from '../../words/english/line';
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

/** So far ahead honey is expected where no day at the line is planned [d]. */
const USUAL_AHEAD_DAYS = 28;

/** The next day at the line that is planned. */
function nextDay({ days }: HoneyHouse, today: string): string {
  const planned = days
    .map(({ extraction }) => extraction.content)
    .filter(({ doneAt, startedAt, day }) => doneAt === null && startedAt === null && day >= today)
    .map(({ day }) => day)
    .sort();
  return planned[0] ?? isoDay(addDays(parseISO(today), USUAL_AHEAD_DAYS));
}

/** What to order for the honey that is expected, and what of it was counted. */
export function useKitListController() {
  const house = useHoneyHouse();
  const dispatch = useAppDispatch();
  const preferences = useAppSelector(selectPreferences);
  const defaults = useMemo(() => {
    const honeyKg = plannedKg(house) || 100;
    const pailKg = house.days[0]?.extraction.content.pail.kg ?? 12.5;
    const usual = {
      honeyKg,
      plusMinusKg: 0.3 * honeyKg,
      pailKg,
      jarKg: 0.5,
      jarredShare: 0.6,
      neededDay: nextDay(house, isoToday()),
      hours: 4,
    };
    return kitEntry.fill(usual, preferences);
  }, [house, preferences]);
  const { form, parsed, frame } = useDraftForm({
    formKey: 'kit-list',
    defaults,
    parse: (typed: KitForm) => kitEntry.read(typed, preferences),
  });
  const list = useMemo(() => {
    if (!parsed.ok) return null;
    const { honeyKg, plusMinusKg, pailKg, jarKg, jarredShare, neededDay, hours } = parsed.content;
    const honey = { massKg: honeyKg, standardUncertaintyKg: plusMinusKg / 2 };
    const needs = kitNeeds({ honey, pailKg, jarKg, jarredShare }).map((need) => ({
      ...need,
      orderBy: isoDay(addDays(parseISO(neededDay), -KIT_LEAD_DAYS[need.item])),
      standInCost: standInCost(need.item, honeyKg),
    }));
    return { needs, basket: extractorFrames(honeyKg / USUAL_FRAME_KG, hours) };
  }, [parsed]);
  const count = async (item: KitItem, have: number, options: ActOptions): Promise<boolean> => {
    const former = house.stock.get(item) ?? null;
    const label = lineWords.counted({ name: KIT_NAMES[item].name.toLowerCase() });
    return (await dispatch(countStock({ item, label, have, former }, options))).ok;
  };
  return { stock: house.stock, form, frame, list, today: isoToday(), count };
}
