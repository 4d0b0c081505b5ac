import type { MachineKind } from '../../../core';
import {
  warmRoomContentSchema,
  type Heating,
  type Preferences,
  type WarmRoomContent,
} from '../../../records';
import type { FormOf } from '../../entry/codec';
import {
  choice,
  degreesApart,
  number,
  oneOf,
  optional,
  percent,
  quantity,
  words,
} from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import { group, optionalGroup } from '../../entry/groups';
import type { Parsed } from '../../entry/reader';
import { commonWords } from '../../words/english/common';
import { roomFormWords } from '../../words/english/roomForm';

const HEATING_NAMES: Readonly<Record<Heating, string>> = {
  electric: roomFormWords.electric(),
  vented: roomFormWords.burnerWithAFlue(),
  unvented: roomFormWords.burnerWithoutAFlue(),
  none: commonWords.none(),
};

const MACHINE_NAMES: Readonly<Record<MachineKind, string>> = {
  refrigerant: roomFormWords.coldCoilMost(),
  desiccant: roomFormWords.dryingWheel(),
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
  sharesAirWith: null,
  pricePerKwh: 0.3,
  remark: '',
};

const humidity = (label: string) => percent(label, { unit: '% RH' });

export const roomEntry = entryOf(
  warmRoomContentSchema,
  {
    name: words(commonWords.name(), { hint: roomFormWords.yourNameForItSuch() }),
    volumeM3: number(roomFormWords.volume(), { unit: 'm³', digits: 1 }),
    capacityBoxes: number(roomFormWords.holds(), { unit: roomFormWords.boxes(), digits: 0 }),
    heating: choice(roomFormWords.heat(), HEATING_NAMES),
    heaterW: number(roomFormWords.powerOfTheHeater(), { unit: 'W', digits: 0 }),
    setPointC: quantity('temperature', roomFormWords.setTo()),
    machine: optionalGroup(
      roomFormWords.thereIsADehumidifier(),
      {
        kind: choice(roomFormWords.howItWorks(), MACHINE_NAMES),
        ratedLPerDay: number(roomFormWords.itsPlateSays(), {
          unit: roomFormWords.lDay(),
          digits: 1,
        }),
        ratedAtC: quantity('temperature', roomFormWords.ratedAt()),
        ratedAtHumidity: humidity(roomFormWords.and()),
        powerW: number(roomFormWords.power(), { unit: 'W', digits: 0 }),
        stopsAtHumidity: humidity(roomFormWords.setToStopAt()),
        warmestC: quantity('temperature', roomFormWords.worksUpTo()),
      },
      MACHINE,
    ),
    fanW: number(roomFormWords.allFans(), { unit: 'W', digits: 0 }),
    airChangesPerHour: number(roomFormWords.airChanges(), {
      unit: roomFormWords.perHour(),
      hint: roomFormWords.tightOrdinaryDraughtyOrMore(),
    }),
    wallLossWPerK: number(roomFormWords.wallsLose(), {
      unit: 'W/K',
      digits: 0,
      hint: roomFormWords.areaHeatTransferASmall(),
    }),
    outside: group({
      meanC: quantity('temperature', roomFormWords.outsideAverage()),
      swingC: degreesApart(roomFormWords.fromNightToDay()),
      relativeHumidity: humidity(roomFormWords.humidity()),
    }),
    sharesAirWith: optional(oneOf(roomFormWords.sharesAirWith(), '')),
    pricePerKwh: number(roomFormWords.priceOfAKilowattHour(), {
      digits: 3,
      hint: roomFormWords.inYourOwnCurrency(),
    }),
    remark: words(commonWords.remark()),
  },
  { unasked: ({ heating }) => (heating === 'none' ? { heaterW: 0 } : {}) },
);

export type RoomForm = FormOf<typeof roomEntry.fields>;

/** The room that the form says, with the rain that it had before, or what is wrong in which field. */
export const readRoomForm = (
  form: RoomForm,
  preferences: Preferences,
  former: WarmRoomContent | null = null,
): Parsed<WarmRoomContent> =>
  roomEntry.read(form, preferences, { rest: former?.rain ? { rain: former.rain } : {} });
