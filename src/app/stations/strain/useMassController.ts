import { useMemo } from 'react';
import { VISCOSITY_RANGE_PERCENT } from '../../../core';
import { lotMass, type LotFile } from '../../../model';
import { type Weighing } from '../../../records';
import { selectPreferences, useAppSelector } from '../../../store';
import { useEditing } from '../../data/useEditing';
import { useMoment } from '../../data/useMoment';
import { weighingEntry, weighingFormOf } from '../../forms/line/strainForms';
import { useLotMoisture } from '../../lot/useLotMoisture';

/** Honey of a lot from comb to container, and the weight being typed. */
export function useMassController(file: LotFile) {
  const preferences = useAppSelector(selectPreferences);
  const moment = useMoment();
  const editing = useEditing<Weighing>();
  const moisturePercent = useLotMoisture(file, VISCOSITY_RANGE_PERCENT);
  const mass = useMemo(() => lotMass(file, moisturePercent), [file, moisturePercent]);
  const formOf = weighingFormOf(editing.record?.content ?? null, moment, preferences);
  const parse = (form: typeof formOf) => weighingEntry.read(form, preferences);
  return { file, mass, moisturePercent, editing, entry: { formOf, parse } };
}
