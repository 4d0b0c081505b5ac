import type { SecondLayout } from './layout';

// Jest's sandbox looks globals up slowly; a picture has half a million points.
const { abs, atan2, cos, floor, hypot, max, min, sin } = Math;

/** Red, green, blue. */
export type Rgb = readonly [number, number, number];

/** Colours and bees of one side. */
export interface Paint {
  readonly wax: Rgb;
  readonly cap: Rgb;
  readonly honey: Rgb;
  readonly brood: Rgb;
  /** for each cell: lighter or darker, and a number of its own */
  readonly tone: Float64Array;
  readonly own: Float64Array;
  readonly bees: readonly { readonly x: number; readonly y: number; readonly turn: number }[];
  readonly wave: number;
}

const blend = (a: Rgb, b: Rgb, t: number): Rgb => [
  a[0] + (b[0] - a[0]) * t,
  a[1] + (b[1] - a[1]) * t,
  a[2] + (b[2] - a[2]) * t,
];
const times = (a: Rgb, t: number): Rgb => [a[0] * t, a[1] * t, a[2] * t];

/** Colours of one side, drawn by chance. */
export function paintOf(
  layout: SecondLayout,
  draw: () => number,
  bees: number,
  old: boolean,
): Paint {
  const age = old ? 0.5 + 0.4 * draw() : 0.45 * draw();
  const dark = draw();
  return {
    wax: blend([226, 196, 132], [104, 74, 48], age),
    cap: blend([244, 232, 204], [150, 116, 80], age * 0.9),
    honey: blend([196, 132, 38], [72, 34, 14], dark),
    brood: blend([186, 138, 84], [128, 90, 54], age),
    tone: Float64Array.from(layout.cells, () => 0.93 + 0.14 * draw()),
    own: Float64Array.from(layout.cells, () => draw()),
    bees: Array.from({ length: bees }, () => ({
      x: draw() * layout.width,
      y: draw() * layout.height,
      turn: draw() * 6.28,
    })),
    wave: draw() * 10,
  };
}

function cap(look: Paint, x: number, y: number, own: number): Rgb {
  const wrinkle = sin(9 * x + 5 * sin(6 * y + own * 9)) * sin(11 * y - 4 * own);
  const blotch = sin(0.55 * x + look.wave) * cos(0.7 * y - look.wave);
  return times(
    blend(look.cap, look.honey, own > 0.85 ? 0.28 : 0.06),
    1 + 0.05 * wrinkle + 0.05 * blotch,
  );
}

function nectar(look: Paint, dx: number, dy: number, own: number): Rgb {
  const crescent = max(0, -dy - 0.18) * 2.2;
  const glow = max(0, dy) * 0.9;
  const mirror = hypot(dx - 0.1, dy + 0.08) < 0.07 + 0.05 * own ? 0.8 : 0;
  return blend(times(look.honey, 0.8 + glow - 0.3 * crescent), [255, 248, 230], mirror);
}

function hole(look: Paint, dx: number, dy: number, own: number): Rgb {
  const turn = atan2(dy, dx) + own;
  const facet = 0.75 + 0.2 * floor(((turn + 6.2832) / 2.0944) % 3);
  return times(blend(look.wax, [40, 30, 22], 0.72), facet * (1 - 0.5 * hypot(dx, dy)));
}

const CLUMPS: readonly Rgb[] = [
  [222, 164, 60],
  [170, 80, 30],
  [120, 118, 60],
  [230, 210, 130],
];

function clump(look: Paint, [dx, dy]: readonly [number, number], own: number): Rgb {
  const r = hypot(dx, dy) + 0.03 * sin(20 * dx) * sin(20 * dy);
  const colour = CLUMPS[floor(own * CLUMPS.length)] ?? CLUMPS[0]!;
  const grit = sin(47 * dx + own * 50) * sin(53 * dy - own * 20);
  return r < 0.36 ? times(colour, 0.95 + 0.12 * grit) : times(look.wax, 0.55);
}

/** The colour of a point of the comb. */
export function paint(
  layout: SecondLayout,
  look: Paint,
  at: number,
  [x, y]: readonly [number, number],
): Rgb {
  const [dx, dy] = [x - layout.x[at]!, y - layout.y[at]!];
  const own = look.own[at]!;
  const tone = look.tone[at]!;
  const away = hypot(dx, dy);
  const wall = min(1, max(0, (away - 0.44) / 0.05));
  const cell = layout.cells[at] ?? 'empty';
  if (cell === 'empty') return times(blend(hole(look, dx, dy, own), look.wax, wall), tone);
  switch (cell) {
    case 'capped':
      return times(blend(cap(look, x, y, own), times(look.wax, 0.86), 0.7 * wall), tone);
    case 'brood': {
      const felt = sin(60 * x + own * 30) * sin(57 * y);
      const round = 1.08 - 0.5 * away * away + 0.04 * felt - 0.1 * dy;
      return times(blend(times(look.brood, round), times(look.wax, 0.8), 0.8 * wall), tone);
    }
    case 'open':
      return times(blend(nectar(look, dx, dy, own), look.wax, wall), tone);
    case 'pollen':
      return blend(clump(look, [dx, dy], own), look.wax, wall);
  }
}

/** A bee in two parts over the colour of the comb. */
export function overBees(colour: Rgb, look: Paint, x: number, y: number): Rgb {
  for (const { x: bx, y: by, turn } of look.bees) {
    const along = (x - bx) * cos(turn) + (y - by) * sin(turn);
    const across = (y - by) * cos(turn) - (x - bx) * sin(turn);
    if (hypot(along - 0.6, across) < 0.42)
      return [96 - 60 * abs(across), 74 - 50 * abs(across), 48];
    if (hypot((along + 0.5) / 0.85, across / 0.48) < 1)
      return (along * 3.3 + 10) % 1 < 0.5 ? [52, 38, 28] : [148, 104, 48];
  }
  return colour;
}
