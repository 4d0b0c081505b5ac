import { MOST_REASON, wrong } from './fields';
import { z } from './zod';

/** Version of all record schemas together; raise it with a migration in `migrations.ts`. */
export const SCHEMA_VERSION = 5;

/** Identifier of an entity or a revision: letters, digits and hyphens. */
export const idSchema = z.string().regex(/^[A-Za-z0-9-]{1,64}$/, 'badIdentifier');

/** What every revision carries around its content. */
export const envelopeShape = {
  id: idSchema,
  /** what this is a revision of; children refer to this, not to the revision */
  entityId: idSchema,
  /** what it belongs to: its lot, its box, its day, or itself (`OWNER_KINDS`) */
  ownerId: idSchema,
  schemaVersion: z.literal(SCHEMA_VERSION),
  /** when it was written down, ISO 8601 with milliseconds, UTC */
  recordedAt: z.iso.datetime({
    precision: 3,
    error: 'badTime',
  }),
  /** initials of who wrote it, may be empty */
  author: z.string().max(12, wrong('tooLong', 12)),
  /** the revision that this one replaces, null for the first */
  supersedes: idSchema.nullable(),
  /** why it replaces the former, null for the first */
  reason: z.string().max(MOST_REASON, wrong('tooLong', MOST_REASON)).nullable(),
  /** true: the entity no longer counts */
  withdrawn: z.boolean(),
} as const;

/** Envelope without its content. */
export type Envelope = z.infer<z.ZodObject<typeof envelopeShape>>;
