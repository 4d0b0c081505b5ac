import type { Lattice } from './lattice';
import type { Grey } from './raster';
import type { PhotoPoint } from './homography';

const { PI, atan2, ceil, cos, exp, hypot, max, round, sin } = Math;

/** A cell of the picture. */
export interface CellSpot extends PhotoPoint {
  /** how strongly its walls repeat [1], over the brightness around */
  readonly wave: number;
  /** 1: bright in the middle, -1: dark */
  readonly sign: number;
}

/** Width of the window in which the waves are followed, in pitches. @source our choice, by trial on drawn combs */
const WINDOW = 0.9;

const wrapped = (angle: number): number => angle - 2 * PI * round(angle / (2 * PI));

/** The window and its waves, worked out once for all cells of a picture: offsets and weights. */
export interface WaveKernel {
  readonly dx: Int16Array;
  readonly dy: Int16Array;
  readonly near: Float32Array;
  /** of each wave: weight times cosine, weight times sine */
  readonly re: readonly Float32Array[];
  readonly im: readonly Float32Array[];
  readonly weight: number;
}

/** The kernel for cells that lie as the lattice says. */
export function waveKernel({ pitchPx, waves }: Lattice): WaveKernel {
  const reach = ceil(1.9 * WINDOW * pitchPx);
  const step = max(1, round(pitchPx / 8));
  const along: number[] = [];
  for (let offset = -reach; offset <= reach; offset += step) along.push(offset);
  const offsets = along.flatMap((dy) => along.map((dx) => ({ dx, dy })));
  const near = offsets.map(({ dx, dy }) =>
    exp(-(dx * dx + dy * dy) / (2 * (WINDOW * pitchPx) ** 2)),
  );
  const turned = (of: (angle: number) => number) =>
    waves.map((wave) =>
      Float32Array.from(
        offsets,
        ({ dx, dy }, at) => near[at]! * of(2 * PI * (wave.x * dx + wave.y * dy)),
      ),
    );
  return {
    dx: Int16Array.from(offsets, ({ dx }) => dx),
    dy: Int16Array.from(offsets, ({ dy }) => dy),
    near: Float32Array.from(near),
    re: turned(cos),
    im: turned((angle) => -sin(angle)),
    weight: near.reduce((sum, value) => sum + value, 0),
  };
}

/** Amplitude and phase of each wave around a point, and the brightness there. */
function wavesAround(grey: Grey, kernel: WaveKernel, { x, y }: PhotoPoint) {
  const { dx, dy, near, re, im, weight } = kernel;
  const [column, row] = [round(x), round(y)];
  const [right, bottom] = [grey.width - 1, grey.height - 1];
  const [re0, re1, re2] = re as [Float32Array, Float32Array, Float32Array];
  const [im0, im1, im2] = im as [Float32Array, Float32Array, Float32Array];
  let [bright, a, b, c, d, e, f] = [0, 0, 0, 0, 0, 0, 0];
  for (let at = 0; at < near.length; at += 1) {
    const u = column + dx[at]!;
    const v = row + dy[at]!;
    const inX = u < 0 ? 0 : u > right ? right : u;
    const inY = v < 0 ? 0 : v > bottom ? bottom : v;
    const value = grey.data[inY * grey.width + inX]!;
    bright += near[at]! * value;
    a += re0[at]! * value;
    b += im0[at]! * value;
    c += re1[at]! * value;
    d += im1[at]! * value;
    e += re2[at]! * value;
    f += im2[at]! * value;
  }
  const sums = [
    { re: a, im: b },
    { re: c, im: d },
    { re: e, im: f },
  ];
  return { sums, mean: max(1, bright / weight), weight };
}

/** A picture whose cells are followed. */
interface Followed {
  readonly grey: Grey;
  readonly lattice: Lattice;
  readonly kernel: WaveKernel;
}

/**
 * The middle of the cell nearest to a point: the three waves meet there in step, all high where it is
 * bright, all low where it is dark.
 */
export function cellNear({ grey, lattice, kernel }: Followed, from: PhotoPoint): CellSpot {
  const { sums, mean, weight } = wavesAround(grey, kernel, from);
  const [a = 0, b = 0, c = 0] = sums.map(({ re, im }) => atan2(im, re));
  const wave = sums.reduce((sum, { re, im }) => sum + hypot(re, im), 0) / (3 * weight * mean);
  // the second wave is the sum of the first and the third
  const step = cos(a + c - b);
  const flip = step >= 0 ? 0 : PI;
  const along = -wrapped(a - flip) / (2 * PI);
  const across = -wrapped(c - flip) / (2 * PI);
  const [first, , third] = lattice.waves;
  const determinant = first!.x * third!.y - first!.y * third!.x;
  const dx = (along * third!.y - across * first!.y) / determinant;
  const dy = (across * first!.x - along * third!.x) / determinant;
  const isNear = hypot(dx, dy) < 0.75 * lattice.pitchPx;
  return {
    x: from.x + (isNear ? dx : 0),
    y: from.y + (isNear ? dy : 0),
    wave,
    sign: step,
  };
}
