import { SCHEMA_VERSION } from '../envelope';
import { BROKEN_SEAL, DAMAGED, FileReading, type BadRow } from './fileReading';
import { FILE_FORMAT, fileHead } from './fileText';
import { recordSchema, type AnyRecord } from '../record';
import { brokenReferences } from '../references';
import { SealWriter, sealSchema } from './seal';
import { failed, ok, type AppError, type Result } from '../result';
import { z } from '../zod';
import { say } from '../../core';
import { type Trouble } from '../checked';

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
      'All revisions of lots and what belongs to them, of yards, hives, boxes, frames and looks at them, of flows, treatments, feeds and days at the hives, in the order in which they were written down. Temperatures in °C, masses in kg, areas in dm², moisture in % by mass.',
  });
export type RecordFile = z.infer<typeof recordFileSchema>;

/** What a file holds once it was read. */
export type ReadFile = Pick<RecordFile, 'exportedAt' | 'records'>;

/** How many findings are listed before the rest is counted. */
const MOST_DETAILS = 5;

/** The file for a set of revisions, sealed. */
export function recordFileOf(records: readonly AnyRecord[], exportedAt: string): RecordFile {
  const head = fileHead(exportedAt);
  const seal = new SealWriter(head);
  records.forEach((record) => seal.add(record));
  return {
    format: FILE_FORMAT,
    formatVersion: SCHEMA_VERSION,
    exportedAt,
    records: [...records],
    seal: seal.seal(),
  };
}

/** The text of a file; what its seal is checked against to the byte. */
export const recordFileText = (file: unknown): string => JSON.stringify(file, null, 2);

/** The error of a file of which some places are not as they should be. */
export function damagedFile(findings: readonly Trouble[]): AppError {
  const first = findings[0];
  const listed = findings
    .slice(0, MOST_DETAILS)
    .map(({ path, message }) => say('errors.at', { path: path || say('errors.theFile'), message }));
  const more = findings.length - listed.length;
  return {
    code: 'damaged-file',
    message: DAMAGED,
    ...(first ? { path: first.path } : {}),
    details: more > 0 ? [...listed, say('errors.andMore', { more })] : listed,
  };
}

/** What is wrong with rows of a file, each place with where the row stands. */
export const findingsOf = (bad: readonly BadRow[]): Trouble[] =>
  bad.flatMap(({ at, troubles }) =>
    troubles.map(({ path, message }) => ({
      path: path === '' ? `records[${at}]` : `records[${at}].${path}`,
      message,
    })),
  );

/**
 * The records of an exported file, or what is wrong with it and where. All or nothing.
 *
 * @param text - the whole file
 */
export function parseRecordFile(text: string): Result<ReadFile> {
  const records: AnyRecord[] = [];
  const bad: BadRow[] = [];
  const reading = new FileReading({
    good: (record) => records.push(record),
    bad: (row) => bad.push(row),
  });
  reading.feed(text);
  const facts = reading.end();
  if (!facts.ok) return facts;
  if (facts.value.sealWhole === false) return failed(BROKEN_SEAL);
  const findings = bad.length > 0 ? findingsOf(bad) : brokenReferences(records);
  if (findings.length > 0) return failed(damagedFile(findings));
  return ok({ exportedAt: facts.value.head.exportedAt, records });
}

/** The JSON Schema (2020-12) that ships with the application, made from the schema above. */
export function recordFileJsonSchema(): unknown {
  return z.toJSONSchema(recordFileSchema, { target: 'draft-2020-12' });
}
