import { requireInRange } from '../errors';
import { median, robustLine } from '../stats/robust';
import type { Grey } from './raster';

const { abs, hypot, max, min, round, sqrt } = Math;

/** The line between dark and light in a picture of an eyepiece. */
export interface EyepieceEdge {
  /** its height in the middle of the picture [pixels from above] */
  readonly y: number;
  /** by how much it falls over one pixel to the right */
  readonly slope: number;
  /** middle of what was followed [pixels] */
  readonly x: number;
  /** over how many pixels it turns from dark to light */
  readonly blurPx: number;
  /** standard uncertainty of its height [pixels] */
  readonly standardPx: number;
}

/** Strips that are followed. @source our choice */
const STRIPS = 41;

/** Step of brightness, over the noise around it, under which nothing is read. @source our choice, by trial on drawn eyepieces */
const LEAST_CONTRAST = 4;

/** Wider than this share of what is compared, a transition is no line. @source our choice */
const WIDEST = 0.35;

/** Share of the picture, above and below, in which the rim of the field may lie. @source our choice */
const RIM = 0.2;

/** Share of strips that must agree. @source our choice */
const AGREEING = 0.5;

/** The brightness of a strip, row by row, several pixels wide. */
function profile(grey: Grey, column: number, wide: number): Float64Array {
  const left = max(0, column - wide);
  const right = min(grey.width - 1, column + wide);
  const found = new Float64Array(grey.height);
  for (let row = 0; row < grey.height; row += 1) {
    let sum = 0;
    for (let at = left; at <= right; at += 1) sum += grey.data[row * grey.width + at]!;
    found[row] = sum / (right - left + 1);
  }
  return found;
}

interface Step {
  readonly y: number;
  readonly size: number;
  readonly blurPx: number;
}

const meanOf = (values: Float64Array, from: number, to: number): number => {
  let sum = 0;
  for (let at = from; at < to; at += 1) sum += values[at]!;
  return sum / max(1, to - from);
};

/**
 * The greatest lasting step of a strip: the half above against the half below, so that divisions of the
 * scale, which are dark on both sides of nothing, do not count. Its place between pixels is where the
 * brightness crosses the middle.
 */
function stepOf(values: Float64Array, reach: number): Step | null {
  let [best, at] = [0, -1];
  const rim = max(reach, round(RIM * values.length));
  for (let row = rim; row < values.length - rim; row += 1) {
    const step = meanOf(values, row, row + reach) - meanOf(values, row - reach, row);
    if (abs(step) > abs(best)) [best, at] = [step, row];
  }
  if (at < 0) return null;
  const above = meanOf(values, at - reach, max(at - reach + 1, at - round(reach / 2)));
  const below = meanOf(values, min(at + reach - 1, at + round(reach / 2)), at + reach);
  const crossing = (share: number): number => {
    const level = above + share * (below - above);
    const sign = below > above ? 1 : -1;
    for (let row = at - reach; row < at + reach - 1; row += 1) {
      const [here, next] = [sign * (values[row]! - level), sign * (values[row + 1]! - level)];
      if (here <= 0 && next > 0) return row + here / (here - next);
    }
    return at;
  };
  const [early, late] = [crossing(0.25), crossing(0.75)];
  return {
    y: crossing(0.5) + 0.5,
    size: below - above,
    blurPx: max(0.5, abs(late - early) / 1.35),
  };
}

/**
 * Finds the line between dark and light.
 *
 * @param grey - the picture, its scale upright or nearly so, at least 64 pixels each way
 * @returns null where no line can be read: too little contrast, too blurred, or strips that disagree
 * @throws DomainError `out-of-range` for a picture that is too small
 * @source sub-pixel crossing of the middle level; line by medians of slopes (Theil 1950, Sen 1968), recalled from memory
 */
export function eyepieceEdge(grey: Grey): EyepieceEdge | null {
  const { width, height } = grey;
  requireInRange(min(width, height), [64, 20_000], {
    fn: 'eyepieceEdge',
    param: 'grey',
    unit: 'pixels',
  });
  const reach = max(8, round(0.09 * height));
  const wide = max(1, round(width / 200));
  const strips = Array.from({ length: STRIPS }, (_, at) => {
    const column = round(width * (0.25 + (0.5 * at) / (STRIPS - 1)));
    const values = profile(grey, column, wide);
    const step = stepOf(values, reach);
    return step && { ...step, x: column + 0.5, noise: noiseOf(values) };
  }).filter((strip) => strip !== null);
  if (strips.length < STRIPS * AGREEING) return null;
  const size = median(strips.map((strip) => strip.size));
  const noise = median(strips.map((strip) => strip.noise));
  if (abs(size) < LEAST_CONTRAST * noise + 6) return null;
  const line = robustLine(strips);
  const off = strips.map(({ x, y }) => abs(y - line.at - line.slope * x));
  const near = max(2, 0.015 * height);
  const agreeing = strips.filter((_, at) => off[at]! < near);
  if (agreeing.length < STRIPS * AGREEING) return null;
  const blurPx = median(agreeing.map((strip) => strip.blurPx));
  if (blurPx > WIDEST * reach) return null;
  const { slope, at } = robustLine(agreeing);
  const x = width / 2;
  const middle = at + slope * x;
  const squares = agreeing.reduce(
    (sum, strip) => sum + (strip.y - middle - slope * (strip.x - x)) ** 2,
    0,
  );
  const scatter = sqrt(squares / max(1, agreeing.length - 2));
  return {
    y: middle,
    slope,
    x,
    blurPx,
    standardPx: hypot(1.25 * (scatter / sqrt(agreeing.length)), 0.06 * blurPx, 0.15),
  };
}

/** How much neighbouring rows differ without any step: the noise of the picture. */
function noiseOf(values: Float64Array): number {
  const steps: number[] = [];
  for (let row = 2; row < values.length; row += 1)
    steps.push(abs(values[row]! - 2 * values[row - 1]! + values[row - 2]!));
  return median(steps) / 1.65;
}
