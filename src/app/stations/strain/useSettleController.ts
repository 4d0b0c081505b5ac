import { useMemo } from 'react';
import { VISCOSITY_RANGE_PERCENT } from '../../../core';
import type { LotFile } from '../../../model';
import type { SettlingRecord } from '../../../records';
import { selectPreferences, useAppSelector } from '../../../store';
import { useEditing } from '../../data/useEditing';
import { useMoment } from '../../data/useMoment';
import { useNow } from '../../data/useNow';
import { freshSettling, settlingEntry } from '../../forms/line/strainForms';
import { useLotMoisture } from '../../lot/useLotMoisture';

/** Vessels of a lot that stand to clear, the latest first, and the one being typed. */
export function useSettleController(file: LotFile) {
  const preferences = useAppSelector(selectPreferences);
  const nowMs = useNow(60_000);
  const moment = useMoment();
  const editing = useEditing<SettlingRecord>();
  const { record } = editing;
  const moisture = useLotMoisture(file, VISCOSITY_RANGE_PERCENT);
  const formOf = useMemo(
    () => settlingEntry.fill(record?.content ?? freshSettling(moment, moisture), preferences),
    [record, moment, moisture, preferences],
  );
  const parse = (form: typeof formOf) =>
    settlingEntry.read(form, preferences, { rest: { skims: record?.content.skims ?? [] } });
  return {
    file,
    nowMs,
    /** ling is a gel: nothing rises in it */
    isGel: file.lot.content.honeyKind === 'heather',
    settlings: [...file.settlings].reverse(),
    editing,
    entry: { formOf, parse },
  };
}
