import { SCHEMA_VERSION } from '../envelope';
import type { AnyRecord } from '../record';
import { SealWriter } from './seal';

/** Name of the format in the file itself. */
export const FILE_FORMAT = 'ripenum-record';

/** What a file says before its records. */
export interface FileHead {
  readonly format: string;
  readonly formatVersion: number;
  readonly exportedAt: string;
}

/** The head of a file that is written now. */
export const fileHead = (exportedAt: string): FileHead => ({
  format: FILE_FORMAT,
  formatVersion: SCHEMA_VERSION,
  exportedAt,
});

const indented = (value: unknown, by: string): string =>
  JSON.stringify(value, null, 2).replaceAll('\n', `\n${by}`);

/**
 * Writes the text of a file piece by piece: the same to the byte as `JSON.stringify(file, null, 2)`,
 * but never as one text.
 */
export class FileWriter {
  private count = 0;
  private readonly seal: SealWriter;

  constructor(private readonly head: FileHead) {
    this.seal = new SealWriter(head);
  }

  begin(): string {
    const { format, formatVersion, exportedAt } = this.head;
    const fields = { format, formatVersion, exportedAt };
    return `${JSON.stringify(fields, null, 2).slice(0, -2)},\n  "records": [`;
  }

  record(record: AnyRecord): string {
    this.seal.add(record);
    const comma = this.count === 0 ? '' : ',';
    this.count += 1;
    return `${comma}\n    ${indented(record, '    ')}`;
  }

  end(): string {
    const close = this.count === 0 ? ']' : '\n  ]';
    return `${close},\n  "seal": ${indented(this.seal.seal(), '  ')}\n}`;
  }
}
