import type { MachineKind } from '../../../core';
import { warmRoomContentSchema, type Heating, type WarmRoomContent } from '../../../records';
import type { FormOf } from '../../entry/codec';
import { choice, degreesApart, number, percent, quantity, words } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import { group, optionalGroup } from '../../entry/groups';

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

const MACHINE = {
  kind: 'refrigerant',
  ratedLPerDay: 20,
  ratedAtC: 27,
  ratedAtHumidity: 0.6,
  powerW: 400,
  stopsAtHumidity: 0.3,
  warmestC: 35,
} as const;

/** A small warm room with an ordinary dehumidifier. @source common practice, no source */
export const USUAL_ROOM: WarmRoomContent = {
  name: '',
  volumeM3: 20,
  capacityBoxes: 60,
  heating: 'electric',
  heaterW: 2000,
  setPointC: 33,
  machine: MACHINE,
  fanW: 60,
  airChangesPerHour: 0.3,
  wallLossWPerK: 40,
  outside: { meanC: 17, swingC: 8, relativeHumidity: 0.75 },
  pricePerKwh: 0.3,
  remark: '',
};

const humidity = (label: string) => percent(label, { unit: '% RH' });

export const roomEntry = entryOf(
  warmRoomContentSchema,
  {
    name: words('Name', { hint: 'As you call it, such as “the back room”' }),
    volumeM3: number('Inside it measures', { unit: 'm³', digits: 1 }),
    capacityBoxes: number('It holds', { unit: 'boxes', digits: 0 }),
    heating: choice('Heat', HEATING_NAMES),
    heaterW: number('Power of the heater', { unit: 'W', digits: 0 }),
    setPointC: quantity('temperature', 'Set to'),
    machine: optionalGroup(
      'There is a dehumidifier',
      {
        kind: choice('How it works', MACHINE_NAMES),
        ratedLPerDay: number('Its plate says', { unit: 'L/day', digits: 1 }),
        ratedAtC: quantity('temperature', 'rated at'),
        ratedAtHumidity: humidity('and'),
        powerW: number('Power', { unit: 'W', digits: 0 }),
        stopsAtHumidity: humidity('Set to stop at'),
        warmestC: quantity('temperature', 'Made for up to'),
      },
      MACHINE,
    ),
    fanW: number('All fans', { unit: 'W', digits: 0 }),
    airChangesPerHour: number('Air changes', {
      unit: 'per hour',
      hint: 'Tight 0.2, ordinary 0.5, draughty 1 and more',
    }),
    wallLossWPerK: number('Walls lose', {
      unit: 'W/K',
      digits: 0,
      hint: 'Area × heat transfer: a small insulated room about 20, bare walls 100',
    }),
    outside: group({
      meanC: quantity('temperature', 'Outside, mean'),
      swingC: degreesApart('Night to day'),
      relativeHumidity: humidity('Humidity'),
    }),
    pricePerKwh: number('A kilowatt hour costs', { digits: 3, hint: 'In your own money' }),
    remark: words('Remark'),
  },
  { unasked: ({ heating }) => (heating === 'none' ? { heaterW: 0 } : {}) },
);

export type RoomForm = FormOf<typeof roomEntry.fields>;
