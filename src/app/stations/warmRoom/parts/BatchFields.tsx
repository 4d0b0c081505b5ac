import type { ReactElement } from 'react';
import { useFormContext } from 'react-hook-form';
import { LAYOUTS, type Layout } from '../../../../core';
import { selectPreferences, useAppSelector } from '../../../../store';
import { EMPTY_WORKSHOP, useWorkshop } from '../../../data/useWorkshop';
import type { BatchForm } from '../../../forms/batchForm';
import { decimalText } from '../../../format/decimal';
import { unitOf } from '../../../format/units';
import { lotOptions } from '../../../lot/lotOptions';
import { ChoiceField } from '../../../ui/ChoiceField';
import { SelectField } from '../../../ui/SelectField';
import { TextField } from '../../../ui/TextField';
import { startOfLot } from '../startOfLot';

const LAYOUT_NAMES: Readonly<Record<Layout, string>> = {
  spread: 'Apart, air on all sides',
  crossed: 'Crosswise',
  tight: 'Tight stacks',
};

/** Whose honey it is; a lot brings what is known of its moisture. */
function LotField(): ReactElement | null {
  const { setValue, getValues, watch } = useFormContext<BatchForm>();
  const workshop = useWorkshop() ?? EMPTY_WORKSHOP;
  const chosen = workshop.files.find((one) => one.lot.entityId === watch('lotId'));
  if (workshop.files.length === 0) return null;
  const take = (lotId: string): void => {
    const start = startOfLot(workshop, lotId);
    if (!start) return;
    const set = (field: keyof BatchForm, value: string): void =>
      setValue(field, value, { shouldDirty: true });
    if (getValues('name').trim() === '') set('name', start.name);
    set('openShare', decimalText(100 * start.openShare, 0));
    set('openMoisture', decimalText(start.openPercent, 1));
    set('cappedMoisture', decimalText(start.cappedPercent, 1));
    set('plusMinus', decimalText(start.plusMinusPercent, 1));
  };
  return (
    <SelectField
      name="lotId"
      label="Honey of the lot"
      options={lotOptions(workshop.files)}
      onChosen={take}
      hint={
        chosen?.lot.content.honeyKind === 'heather'
          ? 'Ling stands as a gel: no rate of drying is known for it, so do not go by the forecast.'
          : 'Brings what comb and readings say of its moisture'
      }
    />
  );
}

/** What goes in: boxes, honey, how much of it is open, and when. */
export function BatchFields(): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const degrees = unitOf('temperature', preferences).name;
  const mass = unitOf('mass', preferences).name;
  return (
    <div className="space-y-5">
      <LotField />
      <TextField name="name" label="Name" hint="Such as “marsh, first load”" />
      <div className="grid gap-5 sm:grid-cols-2">
        <TextField name="boxes" label="Boxes" inputMode="numeric" big />
        <TextField name="honeyPerBox" label="Honey in each" unit={mass} inputMode="decimal" />
      </div>
      <div className="grid gap-5 sm:grid-cols-2">
        <TextField name="openShare" label="Open honey" unit="%" inputMode="decimal" />
        <TextField name="plusMinus" label="Moisture known to ±" unit="%" inputMode="decimal" />
        <TextField name="openMoisture" label="Water in open cells" unit="%" inputMode="decimal" />
        <TextField name="cappedMoisture" label="under cappings" unit="%" inputMode="decimal" />
      </div>
      <ChoiceField
        name="layout"
        label="How the boxes stand"
        choices={LAYOUTS.map((value) => ({ value, label: LAYOUT_NAMES[value] }))}
      />
      <div className="grid gap-5 sm:grid-cols-2">
        <TextField
          name="temperature"
          label="Honey when it comes in"
          unit={degrees}
          inputMode="decimal"
          hint="Empty: as the air outside"
        />
        <TextField name="target" label="Dry enough at" unit="%" inputMode="decimal" />
        <TextField name="inAt" label="In since" type="datetime-local" />
        <TextField name="outAt" label="Out" type="datetime-local" hint="Empty while it is in" />
      </div>
      <TextField name="remark" label="Remark" />
    </div>
  );
}
