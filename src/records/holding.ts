import { current } from './heads';
import type { AnyRecord, RecordKind, RecordOf } from './record';

/** What holds now of a kind, of one owner where one is named, oldest entity first. */
export type Holding = <K extends RecordKind>(kind: K, ownerId?: string) => RecordOf<K>[];

/** Looks up what holds now by kind and owner, sorted once however often it is asked. */
export function holdingOf(records: readonly AnyRecord[]): Holding {
  const found = new Map<string, AnyRecord[]>();
  const put = (key: string, record: AnyRecord): void => {
    const known = found.get(key);
    if (known) known.push(record);
    else found.set(key, [record]);
  };
  for (const record of current(records)) {
    put(record.kind, record);
    put(`${record.kind} ${record.ownerId}`, record);
  }
  return <K extends RecordKind>(kind: K, ownerId?: string) =>
    [...(found.get(ownerId === undefined ? kind : `${kind} ${ownerId}`) ?? [])] as RecordOf<K>[];
}
