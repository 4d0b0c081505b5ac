import { useMemo } from 'react';
import { VISCOSITY_RANGE_PERCENT } from '../../../core';
import { lotHeat, type LotFile } from '../../../model';
import { type HeatSpell } from '../../../records';
import { selectPreferences, useAppSelector } from '../../../store';
import { useEditing } from '../../data/useEditing';
import { useMoment } from '../../data/useMoment';
import { useNow } from '../../data/useNow';
import { useRooms } from '../../data/useWorkspaceModel';
import { freshHeat, heatEntry, readHeatForm } from '../../forms/line/strainForms';
import { useLotMoisture } from '../../lot/useLotMoisture';

/** What warmth has cost a lot so far, and the spell of warmth being typed. */
export function useHeatController(file: LotFile) {
  const preferences = useAppSelector(selectPreferences);
  const rooms = useRooms();
  const nowMs = useNow(60_000);
  const moment = useMoment();
  const editing = useEditing<HeatSpell>();
  const { record } = editing;
  const moisturePercent = useLotMoisture(file, VISCOSITY_RANGE_PERCENT);
  const heat = useMemo(() => lotHeat(file, rooms, nowMs), [file, rooms, nowMs]);
  const formOf = useMemo(
    () => heatEntry.fill(record?.content ?? freshHeat(moment), preferences),
    [record, moment, preferences],
  );
  const parse = (form: typeof formOf) => readHeatForm(form, preferences);
  return { file, rooms, heat, moisturePercent, editing, entry: { formOf, parse } };
}
