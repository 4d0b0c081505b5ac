import { combJudgementSchema } from './combJudgement';
import { containerSchema } from './container';
import { lotSchema } from './lot';
import { readingSchema } from './reading';
import { rulingSchema } from './ruling';
import { z } from './zod';

/** Any stored revision, told apart by `kind`. */
export const recordSchema = z.discriminatedUnion('kind', [
  lotSchema,
  containerSchema,
  combJudgementSchema,
  readingSchema,
  rulingSchema,
]);
export type AnyRecord = z.infer<typeof recordSchema>;

export const RECORD_KINDS = ['lot', 'container', 'comb-judgement', 'reading', 'ruling'] as const;
export type RecordKind = (typeof RECORD_KINDS)[number];

/** The revision type of a kind. */
export type RecordOf<K extends RecordKind> = Extract<AnyRecord, { kind: K }>;

/** The content type of a kind. */
export type ContentOf<K extends RecordKind> = RecordOf<K>['content'];
