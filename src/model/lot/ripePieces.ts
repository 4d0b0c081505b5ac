import type { PieceRuling } from '../../core';
import type { LotFile } from './lotFile';

/** Outcomes with which a piece is sold as comb. */
const SOLD: readonly PieceRuling['outcome'][] = ['accept', 'conditions', 'measure'];

/** Ripe pieces of a lot of comb honey, and what they weigh together. */
export interface RipePieces {
  readonly pieces: number;
  /** [kg], 0 where nobody weighed any */
  readonly massKg: number;
}

/**
 * The ripe pieces of a lot: those that were looked at by themselves and stand, else what was counted in
 * the frames when they were taken.
 *
 * @param rulings - of the pieces of the lot, in their order
 */
export function ripePieces(
  { pieces, frames }: Pick<LotFile, 'pieces' | 'frames'>,
  rulings: readonly PieceRuling[],
): RipePieces {
  if (pieces.length > 0) {
    const ripe = pieces.filter((_, at) => SOLD.includes(rulings[at]?.outcome ?? 'measure'));
    return {
      pieces: ripe.length,
      massKg: ripe.reduce((sum, item) => sum + (item.content.massKg ?? 0), 0),
    };
  }
  const cut = (frames?.content.frames ?? []).filter((frame) => frame.pieces !== null);
  return {
    pieces: cut.reduce((sum, item) => sum + (item.pieces ?? 0), 0),
    massKg: cut.reduce((sum, item) => sum + item.honeyKg, 0),
  };
}
