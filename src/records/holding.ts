import { groupBy } from '../core';
import { current } from './heads';
import type { AnyRecord, RecordKind, RecordOf } from './record';

/** What holds now of a kind, of one owner where one is named, oldest entity first. */
export type Holding = <K extends RecordKind>(kind: K, ownerId?: string) => RecordOf<K>[];

/** Looks up what holds now by kind and owner, sorted once however often it is asked. */
export function holdingOf(records: readonly AnyRecord[]): Holding {
  const now = current(records);
  const ofKind = groupBy(now, (record) => record.kind);
  const ofOwner = groupBy(now, (record) => `${record.kind} ${record.ownerId}`);
  return <K extends RecordKind>(kind: K, ownerId?: string) => {
    const found = ownerId === undefined ? ofKind.get(kind) : ofOwner.get(`${kind} ${ownerId}`);
    return [...(found ?? [])] as RecordOf<K>[];
  };
}
