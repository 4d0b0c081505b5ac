import { checkedRecord, type Trouble } from '../checked';
import { TextDigest } from './digest';
import { SCHEMA_VERSION } from '../envelope';
import { FileScanner, TooMuchError } from './fileScanner';
import { FILE_FORMAT, FileWriter, type FileHead } from './fileText';
import { migrated } from '../migrations';
import type { AnyRecord } from '../record';
import { failed, ok, type AppError, type Result, technical } from '../result';
import { SealWriter } from './seal';
import { z } from '../zod';
import { say } from '../../core';

/** A row of a file that does not keep to the schemas. */
export interface BadRow {
  /** where it stands among the records */
  readonly at: number;
  /** as it stands in the file, or brought up to the present version as far as that goes */
  readonly row: unknown;
  readonly troubles: readonly Trouble[];
}

/** What is known of a file once it was read to its end. */
export interface FileFacts {
  readonly head: FileHead;
  /** null: it has none, since it was written by hand or by an earlier version */
  readonly sealWhole: boolean | null;
  /** writing it again gives the same text to the byte; only said where it was asked for */
  readonly textWhole: boolean;
}

/** What happens to the rows of a file as it is read. */
export interface FileRows {
  good(record: AnyRecord, at: number): void;
  bad(row: BadRow): void;
}

/** What an exported file consists of, in this order. */
const FILE_KEYS = 'format,formatVersion,exportedAt,records,seal';

const headSchema = z.object({ format: z.literal(FILE_FORMAT), formatVersion: z.number() });
const momentSchema = z.iso.datetime({ precision: 3 });

function headTrouble(value: unknown): AppError | null {
  const head = headSchema.safeParse(value);
  if (!head.success) {
    return {
      code: 'foreign-file',
      message: say('errors.foreignFile'),
      path: 'format',
      details: [say('errors.formatExpected', { format: FILE_FORMAT })],
    };
  }
  if (head.data.formatVersion > SCHEMA_VERSION) {
    return {
      code: 'newer-file',
      message: say('errors.newerFile', {
        version: head.data.formatVersion,
        known: SCHEMA_VERSION,
      }),
      path: 'formatVersion',
    };
  }
  return null;
}

const whyOf = (error: unknown): string => (error instanceof Error ? error.message : 'unreadable');

/** Why a file that is too deep or too long is not read on, and where. */
function refusalOf({ element }: TooMuchError): AppError {
  const path = element === null ? say('errors.theFile') : `records[${element}]`;
  const message = say('errors.tooMuch');
  return { code: 'damaged-file', message: DAMAGED, details: [say('errors.at', { path, message })] };
}

type Raw = Record<string, unknown>;

const isObject = (value: unknown): value is Raw =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Reads a file piece by piece, row by row; what it says as a whole is known at its end. */
export class FileReading {
  private readonly scanner: FileScanner;
  private seal: SealWriter | null = null;
  private writer: FileWriter | null = null;
  private readonly text = new TextDigest();
  private readonly again = new TextDigest();
  /** blanks that are only counted once something follows them */
  private blanks: string | null = null;
  private notJson: string | null = null;
  private tooMuch: TooMuchError | null = null;

  /** @param comparesText - whether to tell if the text is as it was written, to the byte */
  constructor(
    private readonly rows: FileRows,
    private readonly comparesText = false,
  ) {
    this.scanner = new FileScanner((text, at) => this.row(JSON.parse(text), at));
  }

  /** Nothing that follows can make this a file that is read. */
  get isOver(): boolean {
    return this.notJson !== null || this.tooMuch !== null;
  }

  feed(chunk: string): void {
    if (this.isOver) return;
    if (this.comparesText) this.digest(chunk);
    try {
      this.scanner.feed(chunk);
    } catch (error) {
      if (error instanceof TooMuchError) this.tooMuch = error;
      else this.notJson = whyOf(error);
    }
  }

  /** The text without blanks around it: these may be added by whatever carries a file. */
  private digest(chunk: string): void {
    const piece = this.blanks === null ? chunk.trimStart() : this.blanks + chunk;
    if (piece === '') return;
    const solid = piece.trimEnd();
    this.text.add(solid);
    this.blanks = piece.slice(solid.length);
  }

  private row(raw: unknown, at: number): void {
    if (!this.seal || !this.writer) this.beginRows();
    this.seal?.add(raw);
    const checked = checkedRecord(raw);
    if (this.comparesText) this.again.add(this.writer?.record(raw as AnyRecord) ?? '');
    if (checked.ok) this.rows.good(checked.record, at);
    else this.rows.bad({ at, row: migrated(raw), troubles: checked.troubles });
  }

  /** The head stands before the records in every file that Ripenum writes. */
  private beginRows(): void {
    const head = this.headSoFar();
    this.seal = new SealWriter(head);
    this.writer = new FileWriter(head as unknown as FileHead);
    this.again.add(this.writer.begin());
  }

  private headSoFar(): Raw {
    const { skeleton } = this.scanner;
    try {
      const value: unknown = JSON.parse(skeleton.endsWith('[') ? `${skeleton}]}` : skeleton);
      return isObject(value) ? value : {};
    } catch {
      return {};
    }
  }

  /** What the file is, or why it cannot be read. */
  end(): Result<FileFacts> {
    if (this.tooMuch) return failed(headTrouble(this.headSoFar()) ?? refusalOf(this.tooMuch));
    const value = this.skeletonValue();
    if (!value.ok) return value;
    const trouble = headTrouble(value.value);
    if (trouble) return failed(trouble);
    const head = value.value as Raw;
    const { format, formatVersion, exportedAt, records, seal } = head;
    if (!Array.isArray(records) || !momentSchema.safeParse(exportedAt).success) {
      const path = Array.isArray(records) ? 'exportedAt' : 'records';
      return failed({
        code: 'damaged-file',
        message: DAMAGED,
        path,
        details: [say('errors.notAsItShould', { path })],
      });
    }
    if (!this.seal || !this.writer) this.beginRows();
    this.again.add(this.writer?.end() ?? '');
    return ok({
      head: { format, formatVersion, exportedAt } as FileHead,
      sealWhole: seal === undefined ? null : (this.seal?.agreesWith(seal) ?? false),
      textWhole:
        this.comparesText &&
        Object.keys(head).join() === FILE_KEYS &&
        this.text.hex() === this.again.hex(),
    });
  }

  private skeletonValue(): Result<unknown> {
    try {
      if (this.notJson !== null) throw new SyntaxError(this.notJson);
      return ok(JSON.parse(this.scanner.skeleton));
    } catch (error) {
      return failed({
        code: 'not-json',
        message: say('errors.notJson'),
        details: [technical(error)],
      });
    }
  }
}

export const DAMAGED = say('errors.damaged');

export const BROKEN_SEAL: AppError = {
  code: 'broken-seal',
  message: say('errors.brokenSeal'),
  path: 'seal',
};
