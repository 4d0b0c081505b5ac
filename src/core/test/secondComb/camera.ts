import jpeg from 'jpeg-js';
import { carried, ontoCorners, type Corners } from '../../photo/homography';
import { blankRaster, type Raster } from '../../photo/raster';
import { normalDraws, seededRandom } from '../../stats/seededRandom';
import { secondCellAt, secondLayout, type SecondGrade, type SecondLayout } from './layout';
import { overBees, paint, paintOf, type Paint, type Rgb } from './paint';

// Jest's sandbox looks globals up slowly; a picture has half a million points.
const { PI, cos, exp, max, min, round, sin } = Math;

const WIDTH = 1000;
const HEIGHT = 600;

/** How a camera spoils what stands before it. */
interface Spoiling {
  readonly lean: number;
  readonly shade: number;
  readonly cast: number;
  readonly blur: number;
  readonly noise: number;
  readonly quality: number;
  readonly bees: number;
  readonly glare: number;
}

const GRADES: Readonly<Record<SecondGrade, Spoiling>> = {
  clean: { lean: 20, shade: 0.12, cast: 0.04, blur: 0.4, noise: 2, quality: 92, bees: 2, glare: 0 },
  hard: { lean: 60, shade: 0.4, cast: 0.15, blur: 1, noise: 6, quality: 65, bees: 16, glare: 0 },
  'very-hard': {
    lean: 90,
    shade: 0.6,
    cast: 0.3,
    blur: 2.4,
    noise: 10,
    quality: 35,
    bees: 40,
    glare: 2,
  },
};

/** A picture of a side, where its corners are in it, and what is truly there. */
export interface SecondPicture {
  readonly picture: Raster;
  readonly corners: Corners;
  readonly layout: SecondLayout;
}

/** From the picture back to the side, in cells. */
export function inverted(
  corners: Corners,
  { width, height }: Pick<SecondLayout, 'width' | 'height'>,
): number[] {
  // from the picture to the side: the four corners of the picture's own rectangle, carried back
  const onto = ontoCorners(width, height, corners);
  const [a = 1, b = 0, c = 0, d = 0, e = 1, f = 0, g = 0, h = 0] = onto;
  return [
    e - f * h,
    c * h - b,
    b * f - c * e,
    f * g - d,
    a - c * g,
    c * d - a * f,
    d * h - e * g,
    b * g - a * h,
    a * e - b * d,
  ];
}

function blurred({ width, height, data }: Raster, sigma: number): Raster {
  const reach = max(1, round(2 * sigma));
  const weights = Array.from({ length: 2 * reach + 1 }, (_, at) =>
    exp(-((at - reach) ** 2) / (2 * sigma ** 2)),
  );
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  const pass = (from: Uint8ClampedArray, stepX: number, stepY: number): Uint8ClampedArray => {
    const to = new Uint8ClampedArray(from.length).fill(255);
    for (let y = 0; y < height; y += 1)
      for (let x = 0; x < width; x += 1)
        for (let channel = 0; channel < 3; channel += 1) {
          let sum = 0;
          for (let k = -reach; k <= reach; k += 1) {
            const u = min(width - 1, max(0, x + k * stepX));
            const v = min(height - 1, max(0, y + k * stepY));
            sum += weights[k + reach]! * from[4 * (v * width + u) + channel]!;
          }
          to[4 * (y * width + x) + channel] = sum / total;
        }
    return to;
  };
  return { width, height, data: pass(pass(data, 1, 0), 0, 1) };
}

function throughJpeg({ width, height, data }: Raster, quality: number): Raster {
  const coded = jpeg.encode({ width, height, data: Buffer.from(data) }, quality);
  const read = jpeg.decode(coded.data, { useTArray: true });
  return { width, height, data: new Uint8ClampedArray(read.data) };
}

function cornersOf(draw: () => number, lean: number): Corners {
  const off = (): number => (draw() - 0.5) * lean;
  const [left, right, top, bottom] = [90, WIDTH - 90, 128, 472];
  return [
    { x: left + off(), y: top + off() },
    { x: right + off(), y: top + off() },
    { x: right + off(), y: bottom + off() },
    { x: left + off(), y: bottom + off() },
  ];
}

/** Wood around the comb, a meadow behind. */
function around(x: number, y: number, layout: SecondLayout): Rgb {
  const out = max(-x, x - layout.width, -y, y - layout.height);
  if (out < 3) {
    const vein = 10 * sin(0.7 * x + 3 * sin(0.9 * y)) + 6 * sin(4 * y);
    return [178 + vein, 142 + vein, 92 + vein];
  }
  const leaf = 18 * sin(0.4 * x) * cos(0.5 * y);
  return [92 + leaf, 118 + leaf, 66 + leaf];
}

interface Light {
  readonly at: (u: number, v: number) => number;
  readonly cast: Rgb;
  readonly glares: readonly { readonly x: number; readonly y: number; readonly reach: number }[];
}

function lightOf(draw: () => number, { shade, cast, glare }: Spoiling): Light {
  const turn = draw() * 2 * PI;
  return {
    at: (u, v) =>
      1 +
      shade * (cos(turn) * (u - 0.5) + sin(turn) * (v - 0.5)) -
      0.5 * shade * ((u - 0.5) ** 2 + (v - 0.5) ** 2),
    cast: [1 + cast * (draw() - 0.5) * 2, 1 + cast * (draw() - 0.5), 1 + cast * (draw() - 0.5) * 2],
    glares: Array.from({ length: glare }, () => ({
      x: draw(),
      y: draw(),
      reach: 0.06 + 0.08 * draw(),
    })),
  };
}

function exposed(colour: Rgb, u: number, v: number, light: Light): Rgb {
  const shine = light.glares.reduce(
    (sum, { x, y, reach }) => sum + 200 * exp(-(((u - x) ** 2 + (v - y) ** 2) / reach ** 2)),
    0,
  );
  const by = light.at(u, v);
  return [
    colour[0] * by * light.cast[0] + shine,
    colour[1] * by * light.cast[1] + shine,
    colour[2] * by * light.cast[2] + shine,
  ];
}

/** A picture by the second drawer. It shares nothing with the first but the hexagons. */
export function secondPicture(seed: number, grade: SecondGrade): SecondPicture {
  const layout = secondLayout(seed);
  const draw = seededRandom(seed ^ 0x0cae);
  const normal = normalDraws(draw);
  const spoiling = GRADES[grade];
  const corners = cornersOf(draw, spoiling.lean);
  const back = inverted(corners, layout);
  const light = lightOf(draw, spoiling);
  const look: Paint = paintOf(layout, draw, spoiling.bees, grade === 'very-hard');
  const raster = blankRaster(WIDTH, HEIGHT);
  for (let row = 0; row < HEIGHT; row += 1)
    for (let column = 0; column < WIDTH; column += 1) {
      const { x, y } = carried(back, column + 0.5, row + 0.5);
      const isComb = x > 0 && y > 0 && x < layout.width && y < layout.height;
      const colour = isComb
        ? overBees(paint(layout, look, secondCellAt(layout, x, y), [x, y]), look, x, y)
        : around(x, y, layout);
      const seen = exposed(colour, column / WIDTH, row / HEIGHT, light);
      const at = 4 * (row * WIDTH + column);
      for (let channel = 0; channel < 3; channel += 1)
        raster.data[at + channel] = seen[channel]! + spoiling.noise * normal();
    }
  return {
    picture: throughJpeg(blurred(raster, spoiling.blur), spoiling.quality),
    corners,
    layout,
  };
}
