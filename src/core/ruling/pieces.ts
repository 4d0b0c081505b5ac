import { requireFinite } from '../errors';
import { decisionOn, type Estimate } from '../conformity/conformity';
import { blocksOf, ferments } from './blocks';
import { limitPercent, type LotEvidence } from './evidence';
import type { Outcome } from './outcome';
import { hundredths, type Message, percent, say } from '../message/message';

/** A piece of comb honey as it was looked at. */
export interface Piece {
  readonly id: string;
  readonly label: string;
  /** capped share of the worse side [1] */
  readonly cappedShare: number;
  /** honey under the cappings touches them, or drips from cut cells after draining */
  readonly weeping: boolean;
  /** cells with pollen or brood, or larvae of moths or beetles */
  readonly foreign: boolean;
  /** moisture of a piece that was sacrificed; null for one that is whole */
  readonly measured: Estimate | null;
}

/** What becomes of a piece. */
export interface PieceRuling {
  readonly pieceId: string;
  readonly outcome: Outcome | 'used-up';
  readonly sentence: Message;
}

/** Least capped share of comb that is sold as such [1]. @source common practice, no source */
export const PIECE_CAPPED_SHARE = 0.9;

/** What pieces of one lot differ by [% moisture, standard]. @source our choice, no source */
const BETWEEN_PIECES_PERCENT = 0.5;

/** What the sacrificed pieces say of the whole ones; null where none was sacrificed. */
export function moistureOfPieces(pieces: readonly Piece[]): Estimate | null {
  const measured = pieces.map((piece) => piece.measured).filter((estimate) => estimate !== null);
  if (measured.length === 0) return null;
  const mean = measured.reduce((sum, estimate) => sum + estimate.mean, 0) / measured.length;
  const own =
    measured.reduce((sum, estimate) => sum + estimate.standardUncertainty, 0) / measured.length;
  // A whole piece differs from the mean of the sacrificed by its own share and by theirs.
  const between = BETWEEN_PIECES_PERCENT * Math.sqrt(1 + 1 / measured.length);
  return { mean, standardUncertainty: Math.hypot(own, between) };
}

function byMoisture(moisture: Estimate, limit: number): Omit<PieceRuling, 'pieceId'> {
  const said = say('flips.aSacrificedPieceSays', {
    mean: percent(moisture.mean),
    standardUncertainty: percent(2 * moisture.standardUncertainty),
  });
  switch (decisionOn(moisture, limit)) {
    case 'conforms':
      return {
        outcome: 'accept',
        sentence: say('flips.cappedAndWholeWithin', { said, limit: percent(limit) }),
      };
    case 'over':
      return {
        outcome: 'dry',
        sentence: say('flips.cappedAndWholeButOver', { said, limit: percent(limit) }),
      };
    case 'not-settled':
      return {
        outcome: 'measure',
        sentence: say('flips.cappedAndWholeButNot', { said, limit: percent(limit) }),
      };
  }
}

function onePiece(
  piece: Piece,
  moisture: Estimate | null,
  evidence: LotEvidence,
): Omit<PieceRuling, 'pieceId'> {
  const [block] = blocksOf(evidence);
  if (block !== undefined)
    return { outcome: 'reject', sentence: say('flips.blockedForEveryUse', { block }) };
  if (piece.measured) {
    return {
      outcome: 'used-up',
      sentence: say('flips.sacrificedItStandsForThe', { mean: percent(piece.measured.mean) }),
    };
  }
  if (ferments(evidence)) return { outcome: 'divert', sentence: say('flips.theLotShowsSignsOf') };
  if (piece.foreign) {
    return {
      outcome: 'divert',
      sentence: say('flips.containsPollenBroodOrLarvae'),
    };
  }
  if (piece.weeping || piece.cappedShare + 1e-9 < PIECE_CAPPED_SHARE) {
    const why = piece.weeping
      ? say('flips.itWeeps')
      : say('flips.onlyCappedOnItsWorse', { capped: hundredths(piece.cappedShare) });
    return { outcome: 'divert', sentence: say('flips.notForSaleAsComb', { why }) };
  }
  if (!moisture) {
    return {
      outcome: 'conditions',
      sentence: say('flips.cappedAndWholeMoistureUntested'),
    };
  }
  return byMoisture(moisture, limitPercent(evidence));
}

/**
 * Comb honey piece by piece: each is ruled by its own look; its moisture comes from a sacrificed
 * piece or is marked untested.
 *
 * @param pieces - of the lot
 * @param evidence - of the lot; what blocks it blocks every piece
 * @returns in the order of `pieces`
 * @source common practice, no source; JCGM 106:2012 for the limit, recalled from memory
 */
export function rulePieces(pieces: readonly Piece[], evidence: LotEvidence): PieceRuling[] {
  requireFinite({ pieces, evidence }, 'rulePieces');
  const moisture = moistureOfPieces(pieces);
  return pieces.map((piece) => ({ pieceId: piece.id, ...onePiece(piece, moisture, evidence) }));
}
