/** A picture in core: red, green, blue and opacity of each pixel, row by row, 0..255. */
export interface Raster {
  readonly width: number;
  readonly height: number;
  readonly data: Uint8ClampedArray;
}

/** One channel, row by row. */
export interface Grey {
  readonly width: number;
  readonly height: number;
  readonly data: Float32Array;
}

/** An empty picture, all opaque. */
export function blankRaster(width: number, height: number): Raster {
  return { width, height, data: new Uint8ClampedArray(width * height * 4).fill(255) };
}

/** Brightness as the eye weighs it, 0..255. @source ITU-R BT.601 luma, recalled from memory */
export function greyOf({ width, height, data }: Raster): Grey {
  const grey = new Float32Array(width * height);
  for (let at = 0; at < grey.length; at += 1) {
    const from = 4 * at;
    grey[at] = 0.299 * data[from]! + 0.587 * data[from + 1]! + 0.114 * data[from + 2]!;
  }
  return { width, height, data: grey };
}

function smoothLine(from: Float32Array, to: Float32Array, line: Line, reach: number): void {
  const { start, stride, count } = line;
  const at = (k: number): number => from[start + stride * Math.min(count - 1, Math.max(0, k))]!;
  let sum = 0;
  for (let k = -reach; k <= reach; k += 1) sum += at(k);
  for (let k = 0; k < count; k += 1) {
    to[start + stride * k] = sum / (2 * reach + 1);
    sum += at(k + reach + 1) - at(k - reach);
  }
}

interface Line {
  readonly start: number;
  readonly stride: number;
  readonly count: number;
}

/** Each pixel as the mean of a square around it; edges repeat. @param reach - half the square [pixels] */
export function boxSmoothed(grey: Grey, reach: number): Grey {
  const { width, height } = grey;
  const across = new Float32Array(grey.data.length);
  const both = new Float32Array(grey.data.length);
  for (let row = 0; row < height; row += 1)
    smoothLine(grey.data, across, { start: row * width, stride: 1, count: width }, reach);
  for (let column = 0; column < width; column += 1)
    smoothLine(across, both, { start: column, stride: width, count: height }, reach);
  return { width, height, data: both };
}
