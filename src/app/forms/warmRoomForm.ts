import type { MachineKind } from '../../core';
import {
  warmRoomContentSchema,
  type Heating,
  type Preferences,
  type WarmRoomContent,
} from '../../records';
import { decimalText } from '../format/decimal';
import { unitOf } from '../format/units';
import { FormReader, type Parsed } from './parsed';

/** The fields of a room as they are typed. */
export interface WarmRoomForm {
  name: string;
  volume: string;
  capacity: string;
  heating: Heating;
  heater: string;
  setPoint: string;
  hasMachine: 'yes' | 'no';
  machineKind: MachineKind;
  litres: string;
  ratedAt: string;
  ratedHumidity: string;
  machinePower: string;
  stopsAt: string;
  warmest: string;
  fans: string;
  airChanges: string;
  wallLoss: string;
  outsideMean: string;
  outsideSwing: string;
  outsideHumidity: string;
  price: string;
  remark: string;
}

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
const USUAL: WarmRoomContent = {
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

const percentText = (share: number): string => decimalText(100 * share, 0);

/** A form filled from a room, or for a new one. */
export function warmRoomFormOf(
  content: WarmRoomContent | null,
  preferences: Preferences,
): WarmRoomForm {
  const room = content ?? USUAL;
  const unit = unitOf('temperature', preferences);
  const degrees = (celsius: number): string => decimalText(unit.fromBase(celsius), 1);
  const machine = room.machine ?? MACHINE;
  return {
    name: room.name,
    volume: decimalText(room.volumeM3, 1),
    capacity: String(room.capacityBoxes),
    heating: room.heating,
    heater: decimalText(room.heaterW, 0),
    setPoint: degrees(room.setPointC),
    hasMachine: room.machine ? 'yes' : 'no',
    machineKind: machine.kind,
    litres: decimalText(machine.ratedLPerDay, 1),
    ratedAt: degrees(machine.ratedAtC),
    ratedHumidity: percentText(machine.ratedAtHumidity),
    machinePower: decimalText(machine.powerW, 0),
    stopsAt: percentText(machine.stopsAtHumidity),
    warmest: degrees(machine.warmestC),
    fans: decimalText(room.fanW, 0),
    airChanges: decimalText(room.airChangesPerHour, 2),
    wallLoss: decimalText(room.wallLossWPerK, 0),
    outsideMean: degrees(room.outside.meanC),
    outsideSwing: decimalText(unit.fromBase(room.outside.swingC) - unit.fromBase(0), 1),
    outsideHumidity: percentText(room.outside.relativeHumidity),
    price: decimalText(room.pricePerKwh, 3),
    remark: room.remark,
  };
}

const FIELDS: Readonly<Record<string, string>> = {
  volumeM3: 'volume',
  capacityBoxes: 'capacity',
  heaterW: 'heater',
  setPointC: 'setPoint',
  'machine.ratedLPerDay': 'litres',
  'machine.ratedAtC': 'ratedAt',
  'machine.ratedAtHumidity': 'ratedHumidity',
  'machine.powerW': 'machinePower',
  'machine.stopsAtHumidity': 'stopsAt',
  'machine.warmestC': 'warmest',
  fanW: 'fans',
  airChangesPerHour: 'airChanges',
  wallLossWPerK: 'wallLoss',
  'outside.meanC': 'outsideMean',
  'outside.swingC': 'outsideSwing',
  'outside.relativeHumidity': 'outsideHumidity',
  pricePerKwh: 'price',
};

function machineOf(form: WarmRoomForm, reader: FormReader) {
  if (form.hasMachine === 'no') return null;
  return {
    kind: form.machineKind,
    ratedLPerDay: reader.number('litres', form.litres),
    ratedAtC: reader.quantity('ratedAt', form.ratedAt, 'temperature'),
    ratedAtHumidity: reader.number('ratedHumidity', form.ratedHumidity) / 100,
    powerW: reader.number('machinePower', form.machinePower),
    stopsAtHumidity: reader.number('stopsAt', form.stopsAt) / 100,
    warmestC: reader.quantity('warmest', form.warmest, 'temperature'),
  };
}

/** The room that the form says, or what is wrong in which field. */
export function readWarmRoomForm(
  form: WarmRoomForm,
  preferences: Preferences,
): Parsed<WarmRoomContent> {
  const reader = new FormReader(preferences);
  const unit = unitOf('temperature', preferences);
  const swing = reader.number('outsideSwing', form.outsideSwing);
  const candidate = {
    name: form.name,
    volumeM3: reader.number('volume', form.volume),
    capacityBoxes: reader.number('capacity', form.capacity),
    heating: form.heating,
    heaterW: form.heating === 'none' ? 0 : reader.number('heater', form.heater),
    setPointC: reader.quantity('setPoint', form.setPoint, 'temperature'),
    machine: machineOf(form, reader),
    fanW: reader.number('fans', form.fans),
    airChangesPerHour: reader.number('airChanges', form.airChanges),
    wallLossWPerK: reader.number('wallLoss', form.wallLoss),
    outside: {
      meanC: reader.quantity('outsideMean', form.outsideMean, 'temperature'),
      swingC: unit.toBase(swing) - unit.toBase(0),
      relativeHumidity: reader.number('outsideHumidity', form.outsideHumidity) / 100,
    },
    pricePerKwh: reader.number('price', form.price),
    remark: form.remark,
  };
  return reader.finish(warmRoomContentSchema, candidate, (path) => FIELDS[path] ?? path);
}
