import { SCHEMA_VERSION } from './envelope';
import { migrated } from './migrations';
import { recordSchema, type AnyRecord } from './record';
import { pathText } from './pathText';
import { brokenReferences } from './references';
import { isSealWhole, sealOf, sealSchema } from './seal';
import { failed, ok, type AppError, type Result } from './result';
import { z } from './zod';

/** Name of the format in the file itself. */
export const FILE_FORMAT = 'ripenum-record';

export const recordFileSchema = z
  .object({
    format: z.literal(FILE_FORMAT),
    formatVersion: z.literal(SCHEMA_VERSION),
    exportedAt: z.iso.datetime({ precision: 3 }),
    records: z.array(recordSchema),
    seal: sealSchema.optional(),
  })
  .meta({
    title: 'Ripenum record',
    description:
      'All revisions of lots and what belongs to them, of yards, hives, boxes, frames and looks at them, of flows, treatments, feeds and days at the hives. Temperatures in °C, masses in kg, areas in dm², moisture in % by mass.',
  });
export type RecordFile = z.infer<typeof recordFileSchema>;

/** How many findings are listed before the rest is counted. */
const MOST_DETAILS = 5;

/** The file for a set of revisions, sealed. */
export function recordFileOf(records: readonly AnyRecord[], exportedAt: string): RecordFile {
  const file: Omit<RecordFile, 'seal'> = {
    format: FILE_FORMAT,
    formatVersion: SCHEMA_VERSION,
    exportedAt,
    records: [...records],
  };
  return { ...file, seal: sealOf(file) };
}

/** The text of a file; what its seal is checked against to the byte. */
export const recordFileText = (file: unknown): string => JSON.stringify(file, null, 2);

function damaged(findings: readonly { path: string; message: string }[]): AppError {
  const first = findings[0];
  const listed = findings
    .slice(0, MOST_DETAILS)
    .map((one) => `${one.path || 'the file'}: ${one.message}`);
  const more = findings.length - listed.length;
  return {
    code: 'damaged-file',
    message: 'The file is damaged or was changed by hand; nothing of it was imported.',
    ...(first ? { path: first.path } : {}),
    details: more > 0 ? [...listed, `and ${more} more`] : listed,
  };
}

function parseJson(text: string): Result<unknown> {
  try {
    return ok(JSON.parse(text) as unknown);
  } catch (error) {
    const why = error instanceof Error ? error.message : 'unreadable';
    return failed({
      code: 'not-json',
      message:
        'This is not a JSON file, or it was cut off; nothing was imported. Choose a file exported by Ripenum.',
      details: [why],
    });
  }
}

const headSchema = z.object({ format: z.literal(FILE_FORMAT), formatVersion: z.number() });

function checkHead(value: unknown): AppError | null {
  const head = headSchema.safeParse(value);
  if (!head.success) {
    return {
      code: 'foreign-file',
      message: 'This JSON file was not written by Ripenum; nothing was imported.',
      path: 'format',
      details: [`format: expected "${FILE_FORMAT}" with a formatVersion`],
    };
  }
  if (head.data.formatVersion > SCHEMA_VERSION) {
    return {
      code: 'newer-file',
      message: `The file is of a newer version (${head.data.formatVersion}) than this application knows (${SCHEMA_VERSION}); update the application, then import again.`,
      path: 'formatVersion',
    };
  }
  return null;
}

function withMigratedRecords(value: unknown): unknown {
  const file = value as { records?: unknown };
  if (!Array.isArray(file.records)) return value;
  return {
    ...file,
    formatVersion: SCHEMA_VERSION,
    records: file.records.map((one) => migrated(one)),
  };
}

const BROKEN_SEAL: AppError = {
  code: 'broken-seal',
  message:
    'The seal of the file is broken: it was changed after it was exported; nothing of it was imported. Ask for the file once more.',
  path: 'seal',
};

/** A file without a seal was written by hand or by an earlier version. */
function isSealBroken(value: unknown): boolean {
  const file = value as Record<string, unknown>;
  return file['seal'] !== undefined && !isSealWhole(file);
}

/**
 * The records of an exported file, or what is wrong with it and where. All or nothing.
 *
 * @param text - the whole file
 */
export function parseRecordFile(text: string): Result<RecordFile> {
  const json = parseJson(text);
  if (!json.ok) return json;
  const foreign = checkHead(json.value);
  if (foreign) return failed(foreign);
  if (isSealBroken(json.value)) return failed(BROKEN_SEAL);
  const parsed = recordFileSchema.safeParse(withMigratedRecords(json.value));
  if (!parsed.success) {
    const findings = parsed.error.issues.map((issue) => ({
      path: pathText(issue.path),
      message: issue.message,
    }));
    return failed(damaged(findings));
  }
  const broken = brokenReferences(parsed.data.records);
  return broken.length > 0 ? failed(damaged(broken)) : ok(parsed.data);
}

/** The JSON Schema (2020-12) that ships with the application, made from the schema above. */
export function recordFileJsonSchema(): unknown {
  return z.toJSONSchema(recordFileSchema, { target: 'draft-2020-12' });
}
