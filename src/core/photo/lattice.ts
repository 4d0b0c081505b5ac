import FFT from 'fft.js';
import { requireInRange } from '../errors';
import { boxSmoothed, type Grey } from './raster';

const { PI, cos, floor, hypot, log, max, min, round, sin, sqrt } = Math;

/** How far apart cells may lie [pixels]. */
export const PITCH_RANGE_PX: readonly [number, number] = [6, 40];

/** Side of the windows whose spectra are added [pixels]. */
const WINDOW = 256;

/** Comb of which nothing repeats is not measured: peaks over their surroundings [ln]. @source our choice, by trial on drawn combs */
export const LEAST_PEAK = 1.7;

/** How the cells of a picture lie: waves across the rows of cells, three of them. */
export interface Lattice {
  /** between middles of neighbours [pixels] */
  readonly pitchPx: number;
  /** of the first wave [rad], 0..60° */
  readonly angle: number;
  /** the three waves [cycles a pixel] */
  readonly waves: readonly { readonly x: number; readonly y: number }[];
  /** how far the peaks stand out [ln] */
  readonly strength: number;
}

const bell = Float64Array.from(
  { length: WINDOW },
  (_, at) => 0.5 - 0.5 * cos((2 * PI * at) / WINDOW),
);

/** Adds the spectrum of one window to the sum, as ln of its power. */
function addSpectrum(sum: Float64Array, grey: Grey, left: number, top: number): void {
  const fft = new FFT(WINDOW);
  const rows: number[][] = [];
  for (let row = 0; row < WINDOW; row += 1) {
    const line = fft.createComplexArray();
    for (let column = 0; column < WINDOW; column += 1) {
      const value = grey.data[(top + row) * grey.width + left + column] ?? 0;
      line[2 * column] = value * bell[row]! * bell[column]!;
      line[2 * column + 1] = 0;
    }
    const out = fft.createComplexArray();
    fft.transform(out, line);
    rows.push(out);
  }
  for (let column = 0; column < WINDOW; column += 1) {
    const line = fft.createComplexArray();
    for (let row = 0; row < WINDOW; row += 1) {
      line[2 * row] = rows[row]![2 * column]!;
      line[2 * row + 1] = rows[row]![2 * column + 1]!;
    }
    const out = fft.createComplexArray();
    fft.transform(out, line);
    for (let row = 0; row < WINDOW; row += 1)
      sum[row * WINDOW + column]! += log(1e-6 + out[2 * row]! ** 2 + out[2 * row + 1]! ** 2);
  }
}

/** Where the windows begin along a side, overlapping where they must. */
function starts(length: number): number[] {
  const last = max(0, length - WINDOW);
  const many = min(3, 1 + round(last / WINDOW));
  return Array.from({ length: many }, (_, at) => round((last * at) / max(1, many - 1)));
}

/** What varies from cell to cell, without slow shading. */
function withoutShading(grey: Grey): Grey {
  const slow = boxSmoothed(grey, 20);
  const data = Float32Array.from(
    grey.data,
    (value, at) => (value - slow.data[at]!) / (8 + slow.data[at]!),
  );
  return { ...grey, data };
}

function spectrumOf(grey: Grey): Float64Array {
  const sum = new Float64Array(WINDOW * WINDOW);
  const windows = starts(grey.height).flatMap((top) =>
    starts(grey.width).map((left) => ({ left, top })),
  );
  for (const { left, top } of windows) addSpectrum(sum, grey, left, top);
  return sum.map((value) => value / windows.length);
}

type Look = (x: number, y: number) => number;

/** The spectrum between its points; `x`, `y` in cycles a pixel. */
function between(spectrum: Float64Array): Look {
  const at = (column: number, row: number): number =>
    spectrum[((row + WINDOW) % WINDOW) * WINDOW + ((column + WINDOW) % WINDOW)]!;
  return (x, y) => {
    const [u, v] = [x * WINDOW, y * WINDOW];
    const [i, j] = [floor(u), floor(v)];
    const [a, b] = [u - i, v - j];
    return (
      (at(i, j) * (1 - a) + at(i + 1, j) * a) * (1 - b) +
      (at(i, j + 1) * (1 - a) + at(i + 1, j + 1) * a) * b
    );
  };
}

const wave = (length: number, angle: number): { x: number; y: number } => ({
  x: length * cos(angle),
  y: length * sin(angle),
});

/** How far three waves stand over what lies between them. */
function peaksAt(look: Look, length: number, angle: number): number {
  let sum = 0;
  for (let third = 0; third < 3; third += 1) {
    const on = wave(length, angle + (third * PI) / 3);
    const beside = wave(length, angle + (third * PI) / 3 + PI / 6);
    const under = wave(0.72 * length, angle + (third * PI) / 3);
    sum += look(on.x, on.y) - 0.5 * look(beside.x, beside.y) - 0.5 * look(under.x, under.y);
  }
  return sum / 3;
}

/** The best wave near one that is expected: frames are not quite square, pictures not quite straight. */
function refined(look: Look, expected: { x: number; y: number }): { x: number; y: number } {
  const reach = 0.1 * hypot(expected.x, expected.y);
  let best = expected;
  for (let i = -8; i <= 8; i += 1)
    for (let j = -8; j <= 8; j += 1) {
      const trial = { x: expected.x + (reach * i) / 8, y: expected.y + (reach * j) / 8 };
      if (look(trial.x, trial.y) > look(best.x, best.y)) best = trial;
    }
  return best;
}

interface Peaks {
  readonly length: number;
  readonly angle: number;
  readonly peak: number;
}

/** Share of the best peaks from which coarser ones are the cells, and the best their overtones. @source our choice, by trial on drawn combs */
const FUNDAMENTAL = 0.5;

/** The coarsest waves that stand out: finer ones repeat within a cell. */
function coarsest(look: Look): Peaks {
  const found: Peaks[] = [];
  const [least, most] = PITCH_RANGE_PX;
  for (let pitch = most; pitch >= least; pitch /= 1.02) {
    const length = 2 / (sqrt(3) * pitch);
    let best: Peaks = { length, angle: 0, peak: -Infinity };
    for (let step = 0; step < 60; step += 1) {
      const angle = (step * PI) / 180;
      const peak = peaksAt(look, length, angle);
      if (peak > best.peak) best = { length, angle, peak };
    }
    found.push(best);
  }
  const highest = max(...found.map(({ peak }) => peak));
  const from = found.findIndex(({ peak }) => peak >= FUNDAMENTAL * highest);
  // up the slope of that peak
  let at = max(0, from);
  while (at + 1 < found.length && found[at + 1]!.peak > found[at]!.peak) at += 1;
  return found[at]!;
}

/**
 * How the cells of a straightened picture lie, by the waves that stand out of its spectrum.
 *
 * @param grey - a straightened side, at least 256 pixels each way
 * @returns null where nothing repeats as comb does
 * @throws DomainError `out-of-range` for a picture that is too small
 * @source discrete Fourier transform; the waves of a hexagonal lattice lie 60° apart at 2/√3 of its pitch
 */
export function latticeOf(grey: Grey): Lattice | null {
  requireInRange(min(grey.width, grey.height), [WINDOW, 20_000], {
    fn: 'latticeOf',
    param: 'grey',
    unit: 'pixels',
  });
  const look = between(spectrumOf(withoutShading(grey)));
  const best = coarsest(look);
  if (best.peak < LEAST_PEAK) return null;
  const waves = [0, 1, 2].map((third) =>
    refined(look, wave(best.length, best.angle + (third * PI) / 3)),
  );
  const mean = waves.reduce((sum, { x, y }) => sum + hypot(x, y), 0) / 3;
  return { pitchPx: 2 / (sqrt(3) * mean), angle: best.angle, waves, strength: best.peak };
}
