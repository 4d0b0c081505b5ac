import { MACHINE_KINDS, isRatingPoint } from '../../core';
import { recordKind, type RevisionOf } from '../recordKind';
import { between, nameField, remarkField } from '../fields';
import { z } from '../zod';

export const HEATINGS = ['electric', 'vented', 'unvented', 'none'] as const;
export type Heating = (typeof HEATINGS)[number];

const share = (sentence: string) => between(0, 1, sentence);

const machineSchema = z
  .object({
    kind: z.enum(MACHINE_KINDS),
    ratedLPerDay: between(0.5, 500, 'A dehumidifier takes 0.5 to 500 litres a day.'),
    ratedAtC: between(10, 40, 'Machines are rated between 10 and 40 °C.'),
    ratedAtHumidity: between(0.3, 0.95, 'Machines are rated between 30 and 95 % humidity.'),
    powerW: between(0, 20_000, 'Type its power in watts, up to 20,000.'),
    stopsAtHumidity: between(0.05, 0.8, 'Its switch stops it between 5 and 80 % humidity.'),
    warmestC: between(20, 60, 'Machines are made for air up to 20 to 60 °C.'),
  })
  .superRefine(({ kind, ratedAtC, ratedAtHumidity }, context) => {
    if (isRatingPoint(kind, ratedAtC, ratedAtHumidity)) return;
    const message = 'At this point such a machine takes nothing; look at its plate again.';
    context.addIssue({ code: 'custom', path: ['ratedAtC'], message });
  });

/** The air about a room on an ordinary day of the season. */
const outsideSchema = z.object({
  meanC: between(-20, 45, 'The mean outside lies between −20 and 45 °C.'),
  /** from coldest to warmest hour [K] */
  swingC: between(0, 30, 'From night to day it is at most 30 degrees.'),
  /** at the mean temperature [1] */
  relativeHumidity: share('Humidity lies between 0 and 100 %.'),
});

const WHOLE = 'Type a whole number.';

export const warmRoomContentSchema = z.object({
  name: nameField('the room'),
  volumeM3: between(0.5, 2000, 'A room has 0.5 to 2,000 m³.'),
  capacityBoxes: between(1, 5000, 'A room holds 1 to 5,000 boxes.').int(WHOLE),
  heating: z.enum(HEATINGS),
  heaterW: between(0, 50_000, 'Type the power in watts, up to 50,000.'),
  setPointC: between(5, 45, 'A warm room is set to 5 to 45 °C; combs soften from 35.'),
  /** null where there is none */
  machine: machineSchema.nullable(),
  fanW: between(0, 5000, 'Type the power of all fans in watts, up to 5,000.'),
  airChangesPerHour: between(0, 30, 'The air changes 0 to 30 times an hour.'),
  wallLossWPerK: between(0, 3000, 'Walls lose 0 to 3,000 W per degree.'),
  outside: outsideSchema,
  /** in the keeper's own money */
  pricePerKwh: between(0, 100, 'Type what a kilowatt hour costs, up to 100.'),
  remark: remarkField,
});
export type WarmRoomContent = z.infer<typeof warmRoomContentSchema>;

export const warmRoomKind = recordKind({
  kind: 'warm-room',
  name: 'Warm rooms',
  table: 'warmRooms',
  since: 3,
  owner: null,
  part: 'warm-room',
  content: warmRoomContentSchema,
  chain: ({ entityId }) => ({ anchors: [entityId], follows: [] }),
});
export type WarmRoomRecord = RevisionOf<typeof warmRoomKind>;
