import { isLotRecord, type AnyRecord } from '../../records';
import { lotRecordWords } from './lotRecordWords';
import { kindsWords } from './english/kinds';

/** What a record is called by whoever wrote it; empty where it has no name. */
function nameOf({ content }: AnyRecord): string {
  const { name, label, code } = content as Record<string, unknown>;
  return (
    [name, label, code].find((item): item is string => typeof item === 'string' && item !== '') ??
    ''
  );
}

/** "Reading: dial 17.0 %", "Batches: North stack" */
export function titleOfRecord(record: AnyRecord): string {
  try {
    if (isLotRecord(record)) return lotRecordWords(record);
  } catch {
    // a row that breaks its schema may lack what its words need
  }
  return [kindsWords[record.kind](), nameOf(record)].filter((text) => text !== '').join(': ');
}
