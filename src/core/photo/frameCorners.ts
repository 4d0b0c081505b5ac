import { requireFinite } from '../errors';
import { areFrameCorners, aspectOf, type Corners, type PhotoPoint } from './homography';
import { robustLine, type RobustLine } from '../stats/robust';
import { boxSmoothed, type Grey } from './raster';

const { abs, floor, max, min, round } = Math;

/** Width at which comb is looked for [pixels]: cells are still rough there, boards are smooth. @source our choice */
const WIDTH = 320;

/** Roughness that counts as comb, as a share of the roughest. @source our choice, by trial on drawn combs */
const ROUGH = 0.3;

/** Comb goes on for so many pixels; the edge of a board does not. @source our choice, by trial on drawn combs */
const RUN = 16;

/** Least share of the picture that a side fills. @source our choice */
const LEAST_AREA = 0.18;

/** How high a side is for its width, at least and at most: what lies outside was not the whole comb. @source common practice, no source */
const ASPECT = [0.3, 0.9] as const;

function shrunk(grey: Grey, width: number): Grey {
  const by = grey.width / width;
  const height = max(8, round(grey.height / by));
  const data = new Float32Array(width * height);
  for (let row = 0; row < height; row += 1)
    for (let column = 0; column < width; column += 1) {
      const [x, y] = [
        min(grey.width - 1, floor((column + 0.5) * by)),
        min(grey.height - 1, floor((row + 0.5) * by)),
      ];
      data[row * width + column] = grey.data[y * grey.width + x]!;
    }
  return { width, height, data };
}

/** Where the picture is rough at the size of cells. */
function roughParts(small: Grey): Grey {
  const fine = boxSmoothed(small, 2);
  const rough = small.data.map((value, at) => abs(value - fine.data[at]!));
  return boxSmoothed({ ...small, data: rough }, 2);
}

/** A border as a line over one axis; null where too few places say where it is. */
const borderThrough = (points: readonly PhotoPoint[]): RobustLine | null =>
  points.length < 8 ? null : robustLine(points);

/** First and last rough place along each line across one axis. */
function bordersAcross(
  rough: Grey,
  level: number,
  isUpright: boolean,
): [RobustLine | null, RobustLine | null] {
  const [lines, length] = isUpright ? [rough.width, rough.height] : [rough.height, rough.width];
  const near: PhotoPoint[] = [];
  const far: PhotoPoint[] = [];
  const step = max(1, round(lines / 60));
  for (let line = round(0.22 * lines); line < 0.78 * lines; line += step) {
    const at = (place: number): number =>
      rough.data[isUpright ? place * rough.width + line : line * rough.width + place]!;
    let [first, last] = [0, length - 1];
    const goesOn = (place: number, by: 1 | -1): boolean => {
      for (let k = 0; k < RUN; k += 1) if (!(at(place + by * k) > 0.6 * level)) return false;
      return true;
    };
    while (first < length - RUN && !goesOn(first, 1)) first += 1;
    while (last > first + RUN && !goesOn(last, -1)) last -= 1;
    if (last - first < 0.2 * length) continue;
    near.push({ x: line, y: first });
    far.push({ x: line, y: last + 1 });
  }
  return [borderThrough(near), borderThrough(far)];
}

/** Where a border over columns meets one over rows. */
function meeting(level: RobustLine, upright: RobustLine): PhotoPoint {
  const y = (level.at + level.slope * upright.at) / (1 - level.slope * upright.slope);
  return { x: upright.at + upright.slope * y, y };
}

/** Corners a little inside the picture, for the keeper to drag. */
export function usualCorners(width: number, height: number): Corners {
  requireFinite({ width, height }, 'usualCorners');
  const [x, y] = [0.08 * width, 0.12 * height];
  return [
    { x, y },
    { x: width - x, y },
    { x: width - x, y: height - y },
    { x, y: height - y },
  ];
}

/**
 * The four corners of the comb in a picture, where it stands out from wood and background by its
 * roughness.
 *
 * @returns null where it does not
 * @source roughness against a moving mean; lines by medians of slopes (Theil, Sen), recalled from memory
 */
export function combCorners(grey: Grey): Corners | null {
  if (min(grey.width, grey.height) < 64) return null;
  const small = shrunk(grey, WIDTH);
  const rough = roughParts(small);
  const sorted = Float32Array.from(rough.data).sort();
  const level = ROUGH * sorted[floor(0.92 * sorted.length)]!;
  const [top, bottom] = bordersAcross(rough, level, true);
  const [left, right] = bordersAcross(rough, level, false);
  if (!top || !bottom || !left || !right) return null;
  const by = grey.width / small.width;
  const corner = (across: RobustLine, upright: RobustLine): PhotoPoint => {
    const { x, y } = meeting(across, upright);
    return { x: max(0, min(grey.width, x * by)), y: max(0, min(grey.height, y * by)) };
  };
  const corners: Corners = [
    corner(top, left),
    corner(top, right),
    corner(bottom, right),
    corner(bottom, left),
  ];
  if (!areFrameCorners(corners)) return null;
  const area = corners.reduce((sum, { x, y }, at) => {
    const next = corners[(at + 1) % 4]!;
    return sum + (x * next.y - next.x * y) / 2;
  }, 0);
  const aspect = aspectOf(corners);
  const isSide = aspect >= ASPECT[0] && aspect <= ASPECT[1];
  return isSide && abs(area) >= LEAST_AREA * grey.width * grey.height ? corners : null;
}
