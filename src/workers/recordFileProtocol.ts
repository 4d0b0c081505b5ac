import type { SignatureFound } from '../records/exchange/signature';
import type { Clash } from '../db/files/importFile';
import type { FileProgress } from '../db/files/progress';
import type { FileOrder, WrittenFile } from '../db/files/exportFile';
import type { Workspace } from '../db/workspaces';
import type { AnyRecord, DigestHit, FileVerdict, RecordKind, Result, SetAside } from '../records';
import { type Trouble } from '../records';

/** Records of which the first ones are listed, all are counted. */
export interface Listed<T> {
  readonly count: number;
  readonly first: readonly T[];
}

/** What bringing a file in would do, short enough to be handed to the page. */
export interface ImportSummary {
  /** rows that are not here yet */
  readonly fresh: number;
  readonly same: number;
  readonly added: number;
  readonly returned: number;
  /** what holds now and would be replaced or removed */
  readonly replaced: Listed<AnyRecord>;
  readonly removed: Listed<AnyRecord>;
  readonly setAside: Listed<SetAside & { readonly row: AnyRecord }>;
  readonly clashes: readonly Clash[];
  readonly gaps: number;
  readonly lost: readonly Trouble[];
  readonly lostCount: number;
}

/** One entity that holds otherwise since a file was brought in. */
export interface ImportStep {
  readonly kind: RecordKind;
  readonly entityId: string;
  readonly revisionId: string;
  readonly formerId: string | null;
}

/** What was brought in. */
export interface ImportDone {
  readonly written: number;
  readonly alreadyThere: number;
  readonly setAside: number;
  readonly steps: readonly ImportStep[];
}

/** What is decided about a file before it is brought in. */
export interface ImportChoice {
  /** identifiers of which theirs is taken */
  readonly takeTheirs: readonly string[];
  /** initials */
  readonly author: string;
}

/** What the worker of files does; it keeps what it read last. */
export interface RecordFileWorker {
  write(
    workspace: Workspace,
    order: Omit<FileOrder, 'exportedAt'>,
    tell: (progress: FileProgress) => void,
  ): Promise<Result<WrittenFile>>;
  read(
    workspace: Workspace,
    file: Blob,
    tell: (progress: FileProgress) => void,
  ): Promise<Result<ImportSummary>>;
  bringIn(workspace: Workspace, choice: ImportChoice): Promise<Result<ImportDone>>;
  verify(file: Blob, tell: (progress: FileProgress) => void): Promise<FileVerdict>;
  /** what is found of the signatures in the file that was verified last */
  signatures(): Promise<readonly SignatureFound[]>;
  /** holds a digest against the file that was verified last */
  checkDigest(digest: string): Promise<DigestHit | null>;
}
