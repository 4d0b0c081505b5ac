import type { Grey } from '../photo/raster';
import { normalDraws, seededRandom } from '../stats/seededRandom';

// Jest's sandbox looks globals up slowly; a picture has 300,000 points.
const { abs, cos: cosine, exp, max, min, round, sin: sine } = Math;

/** An eyepiece as a telephone sees it through the lens. */
export interface DrawnEyepiece {
  readonly seed: number;
  /** where the line is, in divisions from the middle of the field */
  readonly at: number;
  /** pixels of one division */
  readonly division: number;
  /** turned by [rad] */
  readonly turn: number;
  /** spread of the blur [pixels] */
  readonly blur: number;
  readonly vignette: number;
  /** how far colours fall apart [pixels] */
  readonly fringe: number;
  readonly noise: number;
  /** dark over light [0..255] */
  readonly contrast: number;
}

const WIDTH = 300;
const HEIGHT = 420;

/** The level of light across the line: an error function, drawn by its logistic likeness. */
const across = (distance: number, width: number): number =>
  1 / (1 + exp((-1.702 * distance) / width));

/** Bars and numerals of the scale: dark strokes to the right of the middle. */
function stroke(u: number, v: number, division: number): number {
  if (abs(u) < 1.2) return 0.75;
  const nearest = round(v / division);
  const isLong = nearest % 5 === 0;
  const off = abs(v - nearest * division);
  if (off < 1.3 && u > 0 && u < (isLong ? 46 : 24)) return 0.75;
  const isNumeral = isLong && u < -14 && u > -44 && abs(v - nearest * division) < 9;
  return isNumeral && sine(0.55 * u) * cosine(0.5 * v) > 0.1 ? 0.7 : 0;
}

/** The picture, and where two labelled divisions stand in it. */
export function drawnEyepiece(of: DrawnEyepiece): {
  readonly grey: Grey;
  readonly divisions: readonly { readonly x: number; readonly y: number; readonly value: number }[];
} {
  const normal = normalDraws(seededRandom(of.seed));
  const data = new Float32Array(WIDTH * HEIGHT);
  const [cos, sin] = [cosine(of.turn), sine(of.turn)];
  const width = max(0.7, of.blur);
  const border = of.at * of.division;
  for (let row = 0; row < HEIGHT; row += 1)
    for (let column = 0; column < WIDTH; column += 1) {
      const [dx, dy] = [column + 0.5 - WIDTH / 2, row + 0.5 - HEIGHT / 2];
      const u = dx * cos + dy * sin;
      const v = dy * cos - dx * sin;
      // blue bends more than red: grey sees the mean of both
      const light = 0.6 * across(v - border, width) + 0.4 * across(v - border - of.fringe, width);
      const ink = stroke(u, v, of.division) / (1 + 0.4 * of.blur);
      const away = (dx * dx + dy * dy) / (HEIGHT / 2) ** 2;
      const inField = away < 1 ? 1 - of.vignette * away : 0.06;
      const value = (150 - of.contrast / 2 + of.contrast * light) * (1 - ink) * inField;
      data[row * WIDTH + column] = min(255, max(0, value + of.noise * normal()));
    }
  const divisions = [-10, 10].map((value) => {
    const v = value * of.division;
    return { x: WIDTH / 2 - v * sin, y: HEIGHT / 2 + v * cos, value };
  });
  return { grey: { width: WIDTH, height: HEIGHT, data }, divisions };
}
