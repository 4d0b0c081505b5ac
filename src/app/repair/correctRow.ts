import type { AnyRecord } from '../../records';
import { revise, type ActOptions, type RecordAct } from '../../store';
import { kitWords } from '../words/english/kit';

/** A record with a value that could not be right gets another; the former version stays in the history. */
export const correctRow = (
  row: AnyRecord,
  content: AnyRecord['content'],
  options: ActOptions = {},
): RecordAct =>
  revise(
    kitWords.recordCorrected(),
    row,
    { content, reason: kitWords.aValueCouldNotBe() },
    options,
  );
