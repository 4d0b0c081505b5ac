import { requireFinite } from '../errors';
import type { EyepieceEdge } from './eyepieceEdge';
import type { PhotoPoint } from './homography';

const { abs, hypot } = Math;

/** A division of the scale that the keeper pointed at. */
export interface PointedDivision extends PhotoPoint {
  /** what stands beside it, in the unit of the scale */
  readonly value: number;
  /** how exactly it was pointed at [pixels] */
  readonly standardPx: number;
}

/** How exactly a finger or a mouse points [pixels of the screen]. @source our choice, no source */
export const POINTING_PX = 1.5;

/** What the line shows on the scale. */
export interface EyepieceValue {
  readonly value: number;
  readonly standardUncertainty: number;
}

/**
 * Whether a line in a picture is no surer than the eye at the scale: the reading's own ± would be too small.
 *
 * @param division - one division of the scale, in its unit, > 0
 * @throws DomainError `out-of-range`
 * @source a reading by eye is one division as a rectangle, JCGM 100:2008 (GUM), recalled from memory
 */
export function isCoarserThanEye(line: EyepieceValue, division: number): boolean {
  requireFinite({ line, division }, 'isCoarserThanEye');
  return line.standardUncertainty > division / Math.sqrt(12);
}

/**
 * The value at the line between two divisions that were pointed at: along the scale, in even steps.
 *
 * @param edge - the line
 * @param divisions - two with different values, some way apart
 * @returns null where the scale runs along the line, or the divisions are one
 * @throws DomainError `out-of-range`
 * @source linear interpolation; uncertainty as JCGM 100:2008 (GUM), recalled from memory
 */
export function valueAtEdge(
  edge: EyepieceEdge,
  divisions: readonly PointedDivision[],
): EyepieceValue | null {
  const [a, b] = divisions;
  if (!a || !b) return null;
  requireFinite({ edge, a, b }, 'valueAtEdge');
  const length = hypot(b.x - a.x, b.y - a.y);
  if (length < 8 || a.value === b.value) return null;
  // where the scale through both divisions meets the line
  const heightOver = ({ x, y }: PhotoPoint): number => y - edge.y - edge.slope * (x - edge.x);
  const [over, under] = [heightOver(a), heightOver(b)];
  const fall = under - over;
  if (abs(fall) < 0.5 * length) return null;
  const part = -over / fall;
  const perPixel = abs(b.value - a.value) / abs(fall);
  const pointing = hypot((1 - part) * a.standardPx, part * b.standardPx);
  return {
    value: a.value + part * (b.value - a.value),
    standardUncertainty: perPixel * hypot(edge.standardPx, pointing),
  };
}
