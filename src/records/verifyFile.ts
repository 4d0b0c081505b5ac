import { isSealWhole } from './seal';
import { parseRecordFile, recordFileText, type RecordFile } from './recordFile';
import type { AppError } from './result';

/** What the verifier says of a file. */
export type FileVerdict =
  | { readonly status: 'whole'; readonly file: RecordFile }
  /** readable, but not as it was written */
  | { readonly status: 'changed'; readonly why: string; readonly file: RecordFile | null }
  /** written by hand or before seals were known */
  | { readonly status: 'no-seal'; readonly file: RecordFile }
  | { readonly status: 'unreadable'; readonly error: AppError };

/** What an exported file consists of, in this order. */
const FILE_KEYS = 'format,formatVersion,exportedAt,records,seal';

const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/**
 * Whether a file is as it was written, to the byte: its seal holds, and writing it again gives the
 * same text.
 */
export function verifyFile(text: string): FileVerdict {
  const parsed = parseRecordFile(text);
  if (!parsed.ok) {
    return parsed.error.code === 'broken-seal'
      ? { status: 'changed', why: parsed.error.message, file: null }
      : { status: 'unreadable', error: parsed.error };
  }
  const raw: unknown = JSON.parse(text);
  const file = parsed.value;
  if (!isObject(raw) || raw['seal'] === undefined) return { status: 'no-seal', file };
  if (!isSealWhole(raw)) return { status: 'changed', why: 'Its seal is broken.', file };
  const isKnown = Object.keys(raw).join() === FILE_KEYS;
  return isKnown && text.trim() === recordFileText(raw)
    ? { status: 'whole', file }
    : {
        status: 'changed',
        why: 'Its records are whole, but the text was written anew by something else.',
        file,
      };
}
