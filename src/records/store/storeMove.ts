import { STORE_PLACES } from '../../core';
import { idSchema } from '../envelope';
import { recordKind, type RevisionOf } from '../recordKind';
import { airTemperatureField, between, remarkField, textField } from '../fields';
import { momentField } from '../moments';
import { releaseSchema } from './release';
import { z } from '../zod';

/** What happened to a container in the store. */
export const STORE_ACTS = ['placed', 'looked', 'opened', 'stood-open', 'taken', 'emptied'] as const;
export type StoreAct = (typeof STORE_ACTS)[number];

/** Kinds of places, for their usual temperature; 'other' tells its own. */
export const PLACE_KINDS = [...STORE_PLACES, 'other'] as const;
export type PlaceKind = (typeof PLACE_KINDS)[number];

/** A move of one vessel: where it stands, that it was opened, what was taken from it. */
export const storeMoveContentSchema = z
  .object({
    containerId: idSchema,
    /** counted from 1 */
    item: z.number().int().min(1),
    act: z.enum(STORE_ACTS),
    at: momentField,
    release: releaseSchema.optional(),
    placeKind: z.enum(PLACE_KINDS).nullable(),
    place: textField(60),
    /** of the place [°C], null for what is usual there */
    temperatureC: airTemperatureField,
    massKg: between(0.001, 100_000).nullable(),
    remark: remarkField,
  })
  .superRefine((move, context) => {
    if (move.act === 'taken' && move.massKg === null) {
      const message = 'takenMissing';
      context.addIssue({ code: 'custom', path: ['massKg'], message });
    }
    if (move.act === 'placed' && move.placeKind === null) {
      const message = 'placeMissing';
      context.addIssue({ code: 'custom', path: ['placeKind'], message });
    }
  });
export type StoreMoveContent = z.infer<typeof storeMoveContentSchema>;

export const storeMoveKind = recordKind({
  kind: 'store-move',
  table: 'storeMoves',
  since: 5,
  owner: 'lot',
  part: 'lot',
  content: storeMoveContentSchema,
  refers: (content) => [{ path: 'containerId', id: content.containerId, kind: 'container' }],
});
export type StoreMove = RevisionOf<typeof storeMoveKind>;
