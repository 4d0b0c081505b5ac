import { migrated } from './migrations';
import { recordSchema, type AnyRecord } from './record';
import { pathText } from './pathText';
import { type Message } from '../core';
import { wrongMessage } from './fields';

/** What is wrong in one place of a record. */
export interface Trouble {
  /** `content.inAt` */
  readonly path: string;
  readonly message: Message;
}

/** A row as it was checked: a record, or what keeps it from being one. */
export type Checked =
  | { readonly ok: true; readonly record: AnyRecord }
  | { readonly ok: false; readonly troubles: readonly Trouble[] };

/** Checks one row against the present schemas, brought up from an older version first. */
export function checkedRecord(row: unknown): Checked {
  const parsed = recordSchema.safeParse(migrated(row));
  if (parsed.success) return { ok: true, record: parsed.data };
  const troubles = parsed.error.issues.map(({ path, message }) => ({
    path: pathText(path),
    message: wrongMessage(message),
  }));
  return { ok: false, troubles };
}

/**
 * A row that does not keep to the schemas: written by an earlier version that allowed more, or brought
 * in from a file. It stays in the books and in every copy, but nothing is computed from it until
 * somebody corrects it.
 */
export interface SetAside {
  readonly id: string;
  readonly kind: AnyRecord['kind'];
  readonly entityId: string;
  readonly ownerId: string;
  readonly troubles: readonly Trouble[];
}

/** The row as it is set aside. */
export function setAsideOf(row: AnyRecord, troubles: readonly Trouble[]): SetAside {
  const { id, kind, entityId, ownerId } = row;
  return { id, kind, entityId, ownerId, troubles };
}
