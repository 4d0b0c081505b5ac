import type { Stale } from './stale';
import { say, type Message } from '../core';

/** What went wrong at an edge (file, form, database), as plain data that survives any transport. */
export interface AppError {
  readonly code: AppErrorCode;
  /** for the user, with what to do */
  readonly message: Message;
  /** where, e.g. `records[3].content.dialValue` */
  readonly path?: string;
  /** further findings */
  readonly details?: readonly Message[];
  /** with `changed-since`: what another tab wrote meanwhile */
  readonly stale?: readonly Stale[];
}

/** What a library or the browser said, for a report. */
export const technical = (error: unknown): Message =>
  say('errors.technical', { text: error instanceof Error ? error.message : String(error) });

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
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly error: AppError };

export const ok = <T>(value: T): Result<T> => ({ ok: true, value });

export const failed = (error: AppError): { ok: false; error: AppError } => ({ ok: false, error });
