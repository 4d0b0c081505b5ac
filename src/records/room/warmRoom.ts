import { MACHINE_KINDS, isRatingPoint } from '../../core';
import { idSchema } from '../envelope';
import { recordKind, type RevisionOf } from '../recordKind';
import { between, nameField, remarkField, wholeBetween, wrong } from '../fields';
import { dayField } from '../moments';
import { z } from '../zod';

export const HEATINGS = ['electric', 'vented', 'unvented', 'none'] as const;
export type Heating = (typeof HEATINGS)[number];

const share = between(0, 1);

const machineSchema = z
  .object({
    kind: z.enum(MACHINE_KINDS),
    ratedLPerDay: between(0.5, 500),
    ratedAtC: between(10, 40),
    ratedAtHumidity: between(0.3, 0.95),
    powerW: between(0, 20_000),
    stopsAtHumidity: between(0.05, 0.8),
    warmestC: between(20, 60),
  })
  .superRefine(({ kind, ratedAtC, ratedAtHumidity }, context) => {
    if (isRatingPoint(kind, ratedAtC, ratedAtHumidity)) return;
    const message = 'machineTakesNothing';
    context.addIssue({ code: 'custom', path: ['ratedAtC'], message });
  });

/** The air about a room on an ordinary day of the season. */
const outsideSchema = z.object({
  meanC: between(-20, 45),
  /** from coldest to warmest hour [K] */
  swingC: between(0, 30),
  /** at the mean temperature [1] */
  relativeHumidity: share,
});

/** Days of rain, both of them wet. */
export const rainSchema = z
  .object({ fromDay: dayField, toDay: dayField })
  .refine(({ fromDay, toDay }) => toDay >= fromDay, { path: ['toDay'], message: 'rainEnds' });
export type Rain = z.infer<typeof rainSchema>;

export const warmRoomContentSchema = z.object({
  name: nameField(),
  volumeM3: between(0.5, 2000),
  capacityBoxes: wholeBetween(1, 5000),
  heating: z.enum(HEATINGS),
  heaterW: between(0, 50_000),
  setPointC: between(5, 45),
  /** null where there is none */
  machine: machineSchema.nullable(),
  fanW: between(0, 5000),
  airChangesPerHour: between(0, 30),
  wallLossWPerK: between(0, 3000),
  outside: outsideSchema,
  /** expected or seen */
  rain: z.array(rainSchema).max(50, wrong('tooMany', 50)).optional(),
  /** a room whose air is the same, an open door between them; null or not there: none */
  sharesAirWith: idSchema.nullable().optional(),
  /** in the keeper's own money */
  pricePerKwh: between(0, 100),
  remark: remarkField,
});
export type WarmRoomContent = z.infer<typeof warmRoomContentSchema>;

export const warmRoomKind = recordKind({
  kind: 'warm-room',
  table: 'warmRooms',
  since: 3,
  owner: null,
  part: 'warm-room',
  content: warmRoomContentSchema,
  refers: (content) => [
    { path: 'sharesAirWith', id: content.sharesAirWith ?? null, kind: 'warm-room' },
  ],
  chain: ({ entityId }) => ({ anchors: [entityId], follows: [] }),
});
export type WarmRoomRecord = RevisionOf<typeof warmRoomKind>;
