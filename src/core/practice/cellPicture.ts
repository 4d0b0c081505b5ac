import type { CombScene, DrawnCell } from './combScene';

// Jest's sandbox looks globals up slowly; a picture asks for half a million points.
const { abs, exp, floor, hypot, max, min } = Math;

/** Red, green, blue, 0..255. */
export type Colour = readonly [number, number, number];

/** How one cell looks beside its kind. */
export interface CellLook {
  readonly cell: DrawnCell;
  /** lighter or darker than the comb */
  readonly tint: number;
  /** -1 sunken .. 1 proud */
  readonly proud: number;
  /** which of several colours, 0..1 */
  readonly hue: number;
  /** how full an open cell is, 0..1 */
  readonly depth: number;
}

/** A point of a cell: from its middle in cells, and the grain of the picture there. */
interface Spot {
  readonly dx: number;
  readonly dy: number;
  readonly grain: number;
}

interface Light {
  readonly x: number;
  readonly y: number;
}

export function mixed(a: Colour, b: Colour, share: number): Colour {
  return [a[0] + (b[0] - a[0]) * share, a[1] + (b[1] - a[1]) * share, a[2] + (b[2] - a[2]) * share];
}

const brighter = ([red, green, blue]: Colour, by: number): Colour => [
  red * by,
  green * by,
  blue * by,
];

// colours invented for the drawing
const WAX_NEW: Colour = [240, 218, 168];
const WAX_OLD: Colour = [112, 78, 46];
const CAP_NEW: Colour = [250, 238, 206];
const CAP_OLD: Colour = [142, 104, 66];
const HONEY_LIGHT: Colour = [206, 146, 46];
const HONEY_DARK: Colour = [84, 42, 16];
const BROOD: Colour = [176, 126, 70];
const PIT: Colour = [58, 42, 28];
const POLLEN: readonly Colour[] = [
  [214, 150, 40],
  [186, 92, 34],
  [150, 138, 62],
  [206, 186, 92],
];

/** From the middle of the cell (0) to the middle of its wall (1). */
export function outward(dx: number, dy: number): number {
  const a = abs(dx);
  const b = abs(0.5 * dx + 0.8660254 * dy);
  const c = abs(0.5 * dx - 0.8660254 * dy);
  return 2 * max(a, b, c);
}

const WALL_FROM = 0.86;

/** A rounded cap: the side towards the light is brighter, and so much the more the rounder it is. */
function domed(colour: Colour, spot: Spot, light: Light, roundness: number): Colour {
  const slope = (spot.dx * light.x + spot.dy * light.y) * roundness;
  return brighter(colour, 1 + slope + 0.03 * spot.grain);
}

/** A hole: its wall throws a shadow on the side of the light. */
function hollow(colour: Colour, spot: Spot, light: Light, depth: number): Colour {
  const towards = spot.dx * light.x + spot.dy * light.y;
  const shadow = max(0, min(1, 0.5 + 1.6 * towards)) * depth;
  return brighter(colour, (1 - 0.6 * shadow) * (1 + 0.02 * spot.grain));
}

/** Wet honey mirrors the light in a small spot. */
function glossy(colour: Colour, spot: Spot, light: Light): Colour {
  const away = hypot(spot.dx + 0.2 * light.x, spot.dy + 0.2 * light.y);
  return mixed(colour, [255, 250, 236], 0.75 * exp(-((away / 0.09) ** 2)));
}

function capOf(scene: CombScene, look: CellLook, spot: Spot, light: Light): Colour {
  const dry = mixed(CAP_NEW, CAP_OLD, scene.darkness);
  const honey = mixed(HONEY_LIGHT, HONEY_DARK, scene.honeyDark);
  const wet = max(0, -look.proud) * 0.42;
  return domed(mixed(dry, honey, wet), spot, light, 0.55 * look.proud + 0.1);
}

/** Caps over brood are of wax and old silk: duller and browner than those over honey. */
function broodOf(scene: CombScene, look: CellLook): Colour {
  const colour = mixed(BROOD, WAX_OLD, 0.6 * scene.darkness);
  return brighter(colour, 0.94 + 0.12 * look.hue);
}

/** What fills the cell, without its wall. */
function inside(scene: CombScene, look: CellLook, spot: Spot, light: Light): Colour {
  const wax = mixed(WAX_NEW, WAX_OLD, scene.darkness);
  switch (look.cell) {
    case 'capped':
      return capOf(scene, look, spot, light);
    case 'open': {
      const honey = mixed(HONEY_LIGHT, HONEY_DARK, scene.honeyDark);
      return glossy(hollow(honey, spot, light, 1.1 - look.depth * 0.6), spot, light);
    }
    case 'empty':
      return hollow(mixed(wax, PIT, 0.62), spot, light, 1.2);
    case 'undrawn':
      return brighter(wax, 0.96 + 0.02 * spot.grain - 0.1 * outward(spot.dx, spot.dy) ** 4);
    case 'brood':
      return domed(broodOf(scene, look), spot, light, 3.4 * look.depth - 2.3);
    case 'pollen': {
      const colour = POLLEN[floor(look.hue * POLLEN.length)] ?? BROOD;
      return brighter(hollow(colour, spot, light, 0.5), 1 + 0.14 * spot.grain);
    }
  }
}

/** The colour of one point of a cell. @source invented for the drawing */
export function shadeOf(scene: CombScene, look: CellLook, spot: Spot, light: Light): Colour {
  const out = outward(spot.dx, spot.dy);
  const colour = inside(scene, look, spot, light);
  const isFlat = look.cell === 'undrawn';
  const wall = brighter(
    mixed(WAX_NEW, WAX_OLD, scene.darkness),
    look.cell === 'capped' ? 0.9 : 1.04,
  );
  const share = isFlat ? 0.2 : 0.9;
  const edge = max(0, min(1, (out - WALL_FROM) / 0.08));
  return brighter(mixed(colour, wall, share * edge), 1 + look.tint);
}
