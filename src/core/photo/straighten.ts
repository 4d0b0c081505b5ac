import { requireInRange } from '../errors';
import { aspectOf, carried, ontoCorners, type Corners, type PhotoPoint } from './homography';
import { blankRaster, type Raster } from './raster';

const { floor, max, min, round } = Math;

/** Copies the colour between four pixels, weighed by how near each is. */
function copyBetween(from: Raster, point: PhotoPoint, to: Raster, at: number): void {
  // the colour of a pixel is that of its middle
  const [x, y] = [point.x - 0.5, point.y - 0.5];
  const left = max(0, min(from.width - 2, floor(x)));
  const top = max(0, min(from.height - 2, floor(y)));
  const u = max(0, min(1, x - left));
  const v = max(0, min(1, y - top));
  const base = 4 * (top * from.width + left);
  const below = base + 4 * from.width;
  for (let channel = 0; channel < 3; channel += 1) {
    const upper = from.data[base + channel]! * (1 - u) + from.data[base + 4 + channel]! * u;
    const lower = from.data[below + channel]! * (1 - u) + from.data[below + 4 + channel]! * u;
    to.data[at + channel] = upper * (1 - v) + lower * v;
  }
}

/**
 * The side between four corners, seen from straight before it.
 *
 * @param picture - at least two pixels each way
 * @param width - of the result [pixels], 16..4000; its height follows from the corners
 * @throws DomainError `out-of-range`, also where the corners cross
 * @source projective geometry; bilinear interpolation
 */
export function straightened(picture: Raster, corners: Corners, width: number): Raster {
  const fn = 'straightened';
  requireInRange(width, [16, 4000], { fn, param: 'width', unit: 'pixels' });
  requireInRange(min(picture.width, picture.height), [2, 20_000], {
    fn,
    param: 'picture',
    unit: 'pixels',
  });
  const height = min(4000, max(16, round(width * aspectOf(corners))));
  const homography = ontoCorners(width, height, corners);
  const result = blankRaster(width, height);
  for (let row = 0; row < height; row += 1)
    for (let column = 0; column < width; column += 1)
      copyBetween(
        picture,
        carried(homography, column + 0.5, row + 0.5),
        result,
        4 * (row * width + column),
      );
  return result;
}
