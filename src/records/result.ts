import type { Stale } from './stale';

/** What went wrong at an edge (file, form, database), as plain data that survives any transport. */
export interface AppError {
  readonly code: AppErrorCode;
  /** one sentence for the user, with what to do */
  readonly message: string;
  /** where, e.g. `records[3].content.dialValue` */
  readonly path?: string;
  /** further findings, each one sentence */
  readonly details?: readonly string[];
  /** with `changed-since`: what another tab wrote meanwhile */
  readonly stale?: readonly Stale[];
}

/** Everything that can go wrong at an edge. */
export type AppErrorCode =
  | 'not-json'
  | 'foreign-file'
  | 'newer-file'
  | 'damaged-file'
  | 'broken-seal'
  | 'conflict'
  | 'changed-since'
  | 'place-taken'
  | 'invalid-record'
  | 'newer-database'
  | 'cancelled'
  | 'storage-failed';

export type Result<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly error: AppError };

export const ok = <T>(value: T): Result<T> => ({ ok: true, value });

export const failed = (error: AppError): { ok: false; error: AppError } => ({ ok: false, error });
