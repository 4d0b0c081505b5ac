import { mixed } from './cellPicture';
import type { DrawnBee } from './combScene';
import type { Colour } from './pigments';

/** Half length and half width of a bee, in cells: thirteen millimetres over cells of five. @source common practice, no source */
const BEE = { long: 1.25, wide: 0.5, wing: 0.5 } as const;

/** Whether a bee hides a point of the comb. */
export function isUnderBee({ x, y, angle }: DrawnBee, px: number, py: number): boolean {
  const along = (px - x) * Math.cos(angle) + (py - y) * Math.sin(angle);
  const across = (py - y) * Math.cos(angle) - (px - x) * Math.sin(angle);
  return (along / BEE.long) ** 2 + (across / BEE.wide) ** 2 < 1;
}

/** The colour of a point with a bee over it, where it is over it. */
export function beeOver(colour: Colour, bee: DrawnBee, px: number, py: number): Colour {
  const [dx, dy] = [px - bee.x, py - bee.y];
  if (dx * dx + dy * dy > 2.5) return colour;
  const along = dx * Math.cos(bee.angle) + dy * Math.sin(bee.angle);
  const across = dy * Math.cos(bee.angle) - dx * Math.sin(bee.angle);
  if (isUnderBee(bee, px, py)) {
    const ring = along < 0.2 && Math.sin(9 * along) > 0.2;
    const round = 1 - (across / BEE.wide) ** 2;
    return ring
      ? [120 * round + 40, 82 * round + 24, 30 * round + 10]
      : [46 * round + 12, 34 * round + 9, 24 * round + 8];
  }
  const wing = ((along + 0.35) / 0.95) ** 2 + ((Math.abs(across) - BEE.wing) / 0.28) ** 2;
  return wing < 1 ? mixed(colour, [200, 200, 196], 0.35) : colour;
}
