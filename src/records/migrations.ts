import { SCHEMA_VERSION } from './envelope';

/** Brings a raw revision from one schema version to the next. */
export type Migration = (revision: Record<string, unknown>) => Record<string, unknown>;

/** Version 1 knew lots only; since then a record names whatever it belongs to. */
function lotBecomesOwner({ lotId, ...rest }: Record<string, unknown>): Record<string, unknown> {
  return { ...rest, ownerId: lotId };
}

function withContent(
  revision: Record<string, unknown>,
  more: Record<string, unknown>,
): Record<string, unknown> {
  const content = isRecord(revision['content']) ? revision['content'] : {};
  return { ...revision, content: { ...content, ...more } };
}

/** Version 2 knew no meters of one's own, no spots, no suspicion and no categories of honey. */
function benchIsKnown(revision: Record<string, unknown>): Record<string, unknown> {
  switch (revision['kind']) {
    case 'lot':
      return withContent(revision, { category: null, claims: [] });
    case 'container':
      return withContent(revision, { suspects: [] });
    case 'reading':
      return withContent(revision, {
        spot: 'not-said',
        instrumentId: null,
        atcRangeC: null,
        honeyTemperatureC: null,
        sample: 'clear',
        takenAt: revision['recordedAt'],
        reader: revision['author'],
        source: 'typed',
        settledStandard: null,
        practice: false,
      });
    default:
      return revision;
  }
}

/**
 * Version 3 knew no extraction, straining, settling, warmth or balance, version 4 no store, blends,
 * jars or circumstances; what they knew is as it was.
 */
function unchanged(revision: Record<string, unknown>): Record<string, unknown> {
  return revision;
}

/**
 * Migrations by the version they start from. Every one must be exercised in migrations.test.ts,
 * which fails otherwise.
 */
export const MIGRATIONS: Readonly<Record<number, Migration>> = {
  1: lotBecomesOwner,
  2: benchIsKnown,
  3: unchanged,
  4: unchanged,
};

function isRecord(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

/**
 * The revision in the present schema version; anything that is no revision at all comes back as it
 * is, for the schema to refuse.
 */
export function migrated(
  value: unknown,
  migrations: Readonly<Record<number, Migration>> = MIGRATIONS,
  target: number = SCHEMA_VERSION,
): unknown {
  if (!isRecord(value) || typeof value['schemaVersion'] !== 'number') return value;
  let revision = value;
  for (let version = value['schemaVersion']; version < target; version += 1) {
    const step = migrations[version];
    if (!step) return revision;
    revision = { ...step(revision), schemaVersion: version + 1 };
  }
  return revision;
}
