import type { AnyRecord } from '../../records';
import { revise, type ActOptions, type RecordAct } from '../../store';
import { commonWords } from '../words/english/common';

/** Takes a record out: it stays in the history, and undo brings it back. */
export const removeRecord = (
  label: string,
  record: AnyRecord,
  { reason, ...options }: ActOptions & { readonly reason?: string } = {},
): RecordAct =>
  revise(label, record, { withdrawn: true, reason: reason ?? commonWords.removed() }, options);
