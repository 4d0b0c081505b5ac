import type { JarMove } from '../../records';
import type { RuledLot } from './ruledLots';

/** Jars that left the house of a lot that is blocked now, and of which nobody said what became. */
export interface OpenCallBack {
  readonly move: JarMove;
  readonly code: string;
  readonly jars: number;
  /** empty where not known */
  readonly to: string;
}

/** A blocked lot with jars out of the house. */
export interface CallBack {
  readonly lotId: string;
  readonly lotName: string;
  readonly open: readonly OpenCallBack[];
}

/** What of one lot is to be called back: nothing while it is not blocked. */
export function openCallBacks({ file, ruling }: RuledLot): OpenCallBack[] {
  if (ruling.outcome !== 'reject') return [];
  const done = new Set(file.callBacks.map((callBack) => callBack.content.jarMoveId));
  const codes = new Map(file.packings.map((packing) => [packing.entityId, packing.content.code]));
  return file.jarMoves
    .filter(({ entityId, content }) => content.act === 'given-out' && !done.has(entityId))
    .map((move) => ({
      move,
      code: codes.get(move.content.packingId) ?? '',
      jars: move.content.count,
      to: move.content.to,
    }));
}

/** Blocked lots with jars to call back. */
export function callBacksOf(lots: readonly RuledLot[]): CallBack[] {
  return lots.flatMap((lot) => {
    const open = openCallBacks(lot);
    if (open.length === 0) return [];
    const { entityId: lotId, content } = lot.file.lot;
    return [{ lotId, lotName: content.name || `Lot ${content.code}`, open }];
  });
}
