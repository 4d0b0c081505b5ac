import { BROKEN_SEAL, FileReading, type BadRow, type FileFacts } from './fileReading';
import { CHAINED_KINDS, checkLotDigest, type DigestCheck } from './lotDigest';
import type { AnyRecord } from '../record';
import { checkSignature, type SignatureFound } from './signature';
import { damagedFile, findingsOf } from './recordFile';
import type { AppError } from '../result';
import { say, type Message } from '../../core';

/** What the verifier says of a file. */
export type FileVerdict =
  | { readonly status: 'whole'; readonly records: number; readonly exportedAt: string }
  /** readable, but not as it was written */
  | { readonly status: 'changed'; readonly why: Message }
  /** written by hand or before seals were known */
  | { readonly status: 'no-seal'; readonly records: number }
  | { readonly status: 'unreadable'; readonly error: AppError };

/** A lot of the file that gives a digest. */
export interface DigestHit {
  readonly code: string;
  readonly check: Extract<DigestCheck, { status: 'whole' }>;
}

/** Says piece by piece whether a file agrees with its own seal, and whether a digest agrees with it. */
export class FileVerification {
  /** rows that a lot's digest can rest on; nothing else is kept */
  private readonly rows: AnyRecord[] = [];
  private readonly bad: BadRow[] = [];
  private count = 0;
  private readonly reading = new FileReading(
    {
      good: (record) => {
        this.count += 1;
        if (CHAINED_KINDS.includes(record.kind)) this.rows.push(record);
      },
      bad: (row) => {
        this.count += 1;
        this.bad.push(row);
      },
    },
    true,
  );

  /** Nothing that follows can make this a file that is read. */
  get isOver(): boolean {
    return this.reading.isOver;
  }

  feed(chunk: string): void {
    this.reading.feed(chunk);
  }

  end(): FileVerdict {
    const facts = this.reading.end();
    return facts.ok ? this.verdict(facts.value) : { status: 'unreadable', error: facts.error };
  }

  private verdict({ head, sealWhole, textWhole }: FileFacts): FileVerdict {
    if (sealWhole === false) return { status: 'changed', why: BROKEN_SEAL.message };
    if (this.bad.length > 0) {
      return { status: 'unreadable', error: damagedFile(findingsOf(this.bad)) };
    }
    if (sealWhole === null) return { status: 'no-seal', records: this.count };
    return textWhole
      ? { status: 'whole', records: this.count, exportedAt: head.exportedAt }
      : {
          status: 'changed',
          why: say('errors.writtenAnew'),
        };
  }

  /** What is found of every signature in the file, lot by lot. */
  signatures(): Promise<SignatureFound[]> {
    const made = this.rows.filter((row) => row.kind === 'signature');
    return Promise.all(made.map((signature) => checkSignature(this.rows, signature)));
  }

  /** The lot whose records give a digest; null where none does. */
  checkDigest(digest: string): DigestHit | null {
    const codes = new Map(
      this.rows.flatMap((row) =>
        row.kind === 'lot' ? [[row.entityId, row.content.code] as const] : [],
      ),
    );
    for (const [lotId, code] of codes) {
      const check = checkLotDigest(this.rows, lotId, digest);
      if (check.status === 'whole') return { code, check };
    }
    return null;
  }
}

/** The same of a file that is one text. */
export function verifyFile(text: string): FileVerdict {
  const verification = new FileVerification();
  verification.feed(text);
  return verification.end();
}
