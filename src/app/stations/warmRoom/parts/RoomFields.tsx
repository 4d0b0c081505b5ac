import type { ReactElement } from 'react';
import { useFormContext } from 'react-hook-form';
import { MACHINE_KINDS, type MachineKind } from '../../../../core';
import { HEATINGS, type Heating } from '../../../../records';
import { selectPreferences, useAppSelector } from '../../../../store';
import type { WarmRoomForm } from '../../../forms/warmRoomForm';
import { unitOf } from '../../../format/units';
import { ChoiceField } from '../../../ui/ChoiceField';
import { TextField } from '../../../ui/TextField';

const HEATING_NAMES: Readonly<Record<Heating, string>> = {
  electric: 'Electric',
  vented: 'Burner with a flue',
  unvented: 'Burner without a flue',
  none: 'None',
};

const MACHINE_NAMES: Readonly<Record<MachineKind, string>> = {
  refrigerant: 'Cold coil (most)',
  desiccant: 'Drying wheel',
};

const YES_NO = [
  { value: 'yes', label: 'Yes' },
  { value: 'no', label: 'No' },
];

function MachineFields({ degrees }: { degrees: string }): ReactElement {
  const { watch } = useFormContext<WarmRoomForm>();
  return (
    <fieldset className="space-y-5 border-t-2 border-ink pt-3">
      <legend className="sr-only">Dehumidifier</legend>
      <ChoiceField name="hasMachine" label="There is a dehumidifier" choices={YES_NO} />
      {watch('hasMachine') === 'yes' && (
        <>
          <ChoiceField
            name="machineKind"
            label="How it works"
            choices={MACHINE_KINDS.map((value) => ({ value, label: MACHINE_NAMES[value] }))}
          />
          <div className="grid gap-5 sm:grid-cols-3">
            <TextField name="litres" label="Its plate says" unit="L/day" inputMode="decimal" />
            <TextField name="ratedAt" label="rated at" unit={degrees} inputMode="decimal" />
            <TextField name="ratedHumidity" label="and" unit="% RH" inputMode="decimal" />
          </div>
          <p className="text-base">
            The rating point stands in the manual: commonly 27 °C and 60 %, or 30 °C and 80 %, which
            flatters. In dry air it takes far less.
          </p>
          <div className="grid gap-5 sm:grid-cols-3">
            <TextField name="stopsAt" label="Set to stop at" unit="% RH" inputMode="decimal" />
            <TextField name="machinePower" label="Power" unit="W" inputMode="decimal" />
            <TextField name="warmest" label="Made for up to" unit={degrees} inputMode="decimal" />
          </div>
        </>
      )}
    </fieldset>
  );
}

/** What a room is: its size, its heat, its machine, and the air about it. */
export function RoomFields(): ReactElement {
  const { watch } = useFormContext<WarmRoomForm>();
  const degrees = unitOf('temperature', useAppSelector(selectPreferences)).name;
  const heating = watch('heating');
  return (
    <div className="space-y-5">
      <TextField name="name" label="Name" hint="As you call it, such as “the back room”" />
      <div className="grid gap-5 sm:grid-cols-2">
        <TextField name="volume" label="Inside it measures" unit="m³" inputMode="decimal" />
        <TextField name="capacity" label="It holds" unit="boxes" inputMode="numeric" />
      </div>
      <ChoiceField
        name="heating"
        label="Heat"
        choices={HEATINGS.map((value) => ({ value, label: HEATING_NAMES[value] }))}
      />
      {heating === 'unvented' && (
        <p role="alert" className="border-l-8 border-ink pl-3 text-lg font-bold">
          Never a burner without a flue: carbon monoxide kills, and each kilogram of gas brings 1.6
          kg of water into the room.
        </p>
      )}
      <div className="grid gap-5 sm:grid-cols-2">
        {heating !== 'none' && (
          <TextField name="heater" label="Power of the heater" unit="W" inputMode="decimal" />
        )}
        <TextField name="setPoint" label="Set to" unit={degrees} inputMode="decimal" />
        <TextField name="fans" label="All fans" unit="W" inputMode="decimal" />
      </div>
      <MachineFields degrees={degrees} />
      <fieldset className="space-y-5 border-t-2 border-ink pt-3">
        <legend className="sr-only">Walls and air outside</legend>
        <div className="grid gap-5 sm:grid-cols-2">
          <TextField
            name="airChanges"
            label="Air changes"
            unit="per hour"
            inputMode="decimal"
            hint="Tight 0.2, ordinary 0.5, draughty 1 and more"
          />
          <TextField
            name="wallLoss"
            label="Walls lose"
            unit="W/K"
            inputMode="decimal"
            hint="Area × heat transfer: a small insulated room about 20, bare walls 100"
          />
        </div>
        <div className="grid gap-5 sm:grid-cols-3">
          <TextField name="outsideMean" label="Outside, mean" unit={degrees} inputMode="decimal" />
          <TextField name="outsideSwing" label="Night to day" unit={degrees} inputMode="decimal" />
          <TextField name="outsideHumidity" label="Humidity" unit="% RH" inputMode="decimal" />
        </div>
      </fieldset>
      <TextField
        name="price"
        label="A kilowatt hour costs"
        inputMode="decimal"
        hint="In your own money"
      />
      <TextField name="remark" label="Remark" />
    </div>
  );
}
