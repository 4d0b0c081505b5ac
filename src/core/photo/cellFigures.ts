import { cellNear, waveKernel, type CellSpot, type WaveKernel } from './cellMiddles';
import type { Lattice } from './lattice';
import { greyOf, type Grey, type Raster } from './raster';

const { abs, ceil, floor, hypot, max, min, round, sqrt } = Math;

/** Parts of a cell, by how far they lie from its middle, in pitches. @source our choice, by trial on drawn combs */
const RINGS = { inside: [0, 0.33], rim: [0.42, 0.6], around: [0, 2] } as const;
type RingName = keyof typeof RINGS;

/** Offsets of the pixels of a ring [pixels]. */
interface Offsets {
  readonly dx: Int16Array;
  readonly dy: Int16Array;
}

function offsetsOf([from, to]: readonly [number, number], pitch: number): Offsets {
  const reach = ceil(to * pitch);
  const step = to > 1 ? max(1, floor(pitch / 5)) : 1;
  const [dx, dy]: [number[], number[]] = [[], []];
  for (let y = -reach; y <= reach; y += step)
    for (let x = -reach; x <= reach; x += step) {
      const away = hypot(x, y) / pitch;
      if (away < from || away > to) continue;
      dx.push(x);
      dy.push(y);
    }
  return { dx: Int16Array.from(dx), dy: Int16Array.from(dy) };
}

/** A straightened picture with what its cells are measured against. */
export interface Sheet {
  readonly raster: Raster;
  readonly grey: Grey;
  readonly lattice: Lattice;
  readonly kernel: WaveKernel;
  readonly rings: Readonly<Record<RingName, Offsets>>;
  /** brightest of each colour, but for a few pixels: what white looks like here */
  readonly white: readonly [number, number, number];
}

/** Share of pixels that may be brighter than white. @source our choice, by trial on drawn combs */
const BRIGHTER = 0.02;

/** How far white is believed to be coloured by the light and not by the comb itself [1]. @source our choice, by trial on drawn combs */
const CAST = 0.35;

/** The picture, made ready for its cells to be measured. */
export function sheetOf(raster: Raster, lattice: Lattice): Sheet {
  const counts = [new Float64Array(256), new Float64Array(256), new Float64Array(256)];
  for (let at = 0; at < raster.data.length; at += 4)
    for (let channel = 0; channel < 3; channel += 1)
      counts[channel]![raster.data[at + channel]!]! += 1;
  const pixels = raster.width * raster.height;
  const white = counts.map((count) => {
    let [seen, value] = [0, 255];
    while (value > 40 && seen + count[value]! < BRIGHTER * pixels) {
      seen += count[value]!;
      value -= 1;
    }
    return value;
  });
  const [red = 255, green = 255, blue = 255] = white;
  const bright = 0.3 * red + 0.59 * green + 0.11 * blue;
  const tinted = (value: number): number => bright * (value / bright) ** CAST;
  return {
    raster,
    grey: greyOf(raster),
    lattice,
    kernel: waveKernel(lattice),
    rings: {
      inside: offsetsOf(RINGS.inside, lattice.pitchPx),
      rim: offsetsOf(RINGS.rim, lattice.pitchPx),
      around: offsetsOf(RINGS.around, lattice.pitchPx),
    },
    white: [tinted(red), tinted(green), tinted(blue)],
  };
}

/** Sums over a ring around a point. */
interface Ring {
  readonly bright: number;
  readonly spread: number;
  readonly most: number;
  readonly least: number;
  readonly redness: number;
  readonly blueness: number;
  /** how far its light lies from its middle, in pitches */
  readonly lean: number;
  /** share of pixels a third brighter than the mean */
  readonly shine: number;
}

/** Colour of the pixels of one ring around a point. */
function ringAt(sheet: Sheet, { x, y }: CellSpot, name: RingName): Ring {
  const { raster, white, lattice } = sheet;
  const { dx, dy } = sheet.rings[name];
  const { data, width, height } = raster;
  const [column, row] = [round(x), round(y)];
  const count = dx.length;
  let [red, green, blue, squares, most, least, leanX, leanY] = [0, 0, 0, 0, 0, 9, 0, 0];
  const values = new Float32Array(count);
  for (let at = 0; at < count; at += 1) {
    const u = column + dx[at]!;
    const v = row + dy[at]!;
    const inX = u < 0 ? 0 : u >= width ? width - 1 : u;
    const inY = v < 0 ? 0 : v >= height ? height - 1 : v;
    const from = 4 * (inY * width + inX);
    const r = data[from]! / white[0];
    const g = data[from + 1]! / white[1];
    const b = data[from + 2]! / white[2];
    const value = 0.3 * r + 0.59 * g + 0.11 * b;
    values[at] = value;
    red += r;
    green += g;
    blue += b;
    squares += value * value;
    leanX += value * dx[at]!;
    leanY += value * dy[at]!;
    if (value > most) most = value;
    if (value < least) least = value;
  }
  const bright = max(0.01, (0.3 * red + 0.59 * green + 0.11 * blue) / count);
  const all = max(0.01, red + green + blue);
  let shiny = 0;
  for (let at = 0; at < count; at += 1) if (values[at]! > 1.33 * bright) shiny += 1;
  return {
    bright,
    spread: sqrt(max(0, squares / count - bright * bright)) / bright,
    most: most / bright,
    least: least / bright,
    redness: (3 * (red - green)) / all,
    blueness: (3 * (green - blue)) / all,
    lean: hypot(leanX, leanY) / lattice.pitchPx / count / bright,
    shine: shiny / count,
  };
}

/** Mean step between neighbouring pixels of the inside, over its brightness. */
function roughness({ grey, lattice }: Sheet, { x, y }: CellSpot, bright: number): number {
  const reach = max(2, round(0.33 * lattice.pitchPx));
  let [sum, count] = [0, 0];
  for (let dy = -reach; dy <= reach; dy += 1) {
    const row = min(grey.height - 2, max(0, round(y + dy)));
    for (let dx = -reach; dx <= reach; dx += 1) {
      const column = min(grey.width - 2, max(0, round(x + dx)));
      const at = row * grey.width + column;
      sum +=
        abs(grey.data[at + 1]! - grey.data[at]!) +
        abs(grey.data[at + grey.width]! - grey.data[at]!);
      count += 2;
    }
  }
  return sum / count / (255 * bright);
}

/**
 * The figures that say what a cell is: inside, rim and surroundings against each other.
 *
 * @returns sixteen numbers without unit
 */
export function figuresAt(sheet: Sheet, spot: CellSpot): number[] {
  const inside = ringAt(sheet, spot, 'inside');
  const rim = ringAt(sheet, spot, 'rim');
  const around = ringAt(sheet, spot, 'around');
  return [
    inside.bright,
    inside.redness,
    inside.blueness,
    inside.spread,
    inside.most,
    inside.least,
    rim.bright,
    rim.redness,
    (inside.bright - rim.bright) / (inside.bright + rim.bright),
    roughness(sheet, spot, inside.bright),
    around.bright,
    around.redness,
    around.spread,
    spot.wave * spot.sign,
    inside.shine,
    inside.lean,
  ];
}

/** The cell nearest to a point, with its figures. */
export function cellFigures(
  sheet: Sheet,
  x: number,
  y: number,
): { spot: CellSpot; figures: number[] } {
  const spot = cellNear(sheet, { x, y });
  return { spot, figures: figuresAt(sheet, spot) };
}
