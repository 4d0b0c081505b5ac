import jstat from 'jstat';
import { DomainError, requireFinite } from '../errors';

/** A point of a picture [pixels]. */
export interface PhotoPoint {
  readonly x: number;
  readonly y: number;
}

/** Four corners of a side, from the upper left one clockwise. */
export type Corners = readonly [PhotoPoint, PhotoPoint, PhotoPoint, PhotoPoint];

/** Nine numbers, row by row, that carry points of one plane to another. */
export type Homography = readonly number[];

/** Twice the area of the triangle, positive where it turns clockwise on a screen. */
const turn = (a: PhotoPoint, b: PhotoPoint, c: PhotoPoint): number =>
  (b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x);

/** Whether four corners go round clockwise without a dent, as those of a frame do. @source geometry */
export function areFrameCorners(corners: Corners): boolean {
  requireFinite({ corners }, 'areFrameCorners');
  return corners.every((corner, at) => {
    const next = corners[(at + 1) % 4]!;
    return turn(corner, next, corners[(at + 2) % 4]!) > 1;
  });
}

/**
 * The homography that carries a rectangle of so many pixels onto four corners of a picture.
 *
 * @throws DomainError `out-of-range` where the corners cross or fold
 * @source direct linear transform with four points, recalled from memory
 */
export function ontoCorners(width: number, height: number, corners: Corners): Homography {
  const fn = 'ontoCorners';
  requireFinite({ width, height, corners }, fn);
  const from = [
    [0, 0],
    [width, 0],
    [width, height],
    [0, height],
  ] as const;
  if (!areFrameCorners(corners)) {
    throw new DomainError({
      code: 'out-of-range',
      fn,
      param: 'corners',
      value: NaN,
      unit: 'pixels',
    });
  }
  const rows = from.flatMap(([x, y], at) => {
    const to = corners[at]!;
    return [
      [x, y, 1, 0, 0, 0, -x * to.x, -y * to.x],
      [0, 0, 0, x, y, 1, -x * to.y, -y * to.y],
    ];
  });
  const wanted = corners.flatMap(({ x, y }) => [x, y]);
  const inverse = jstat.jStat.inv(rows);
  const found = inverse.map((row) => row.reduce((sum, part, at) => sum + part * wanted[at]!, 0));
  return [...found, 1];
}

/** Where a homography carries a point. @source a definition */
export function carried(homography: Homography, x: number, y: number): PhotoPoint {
  const [a = 1, b = 0, c = 0, d = 0, e = 1, f = 0, g = 0, h = 0, i = 1] = homography;
  const w = g * x + h * y + i;
  return { x: (a * x + b * y + c) / w, y: (d * x + e * y + f) / w };
}

const apart = (a: PhotoPoint, b: PhotoPoint): number => Math.hypot(a.x - b.x, a.y - b.y);

/** How high a straightened side is for its width, by the means of opposite edges [1]. */
export function aspectOf([a, b, c, d]: Corners): number {
  return (apart(a, d) + apart(b, c)) / Math.max(1, apart(a, b) + apart(d, c));
}
