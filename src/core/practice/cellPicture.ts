import type { CombScene, DrawnCell } from './combScene';
import { PIGMENTS, type Colour } from './pigments';

// Jest's sandbox looks globals up slowly; a picture asks for half a million points.
const { abs, exp, floor, hypot, max, min } = Math;

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

const pigmentsOf = (scene: CombScene) => scene.pigments ?? PIGMENTS;

const waxOf = (scene: CombScene): Colour =>
  mixed(pigmentsOf(scene).waxNew, pigmentsOf(scene).waxOld, scene.darkness);

const honeyOf = (scene: CombScene): Colour =>
  mixed(pigmentsOf(scene).honeyLight, pigmentsOf(scene).honeyDark, scene.honeyDark);

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
  return brighter(colour, 1 + slope);
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
  const { capNew, capOld, capGrain } = pigmentsOf(scene);
  const dry = mixed(capNew, capOld, scene.darkness);
  const wet = max(0, -look.proud) * 0.42;
  const uneven = brighter(mixed(dry, honeyOf(scene), wet), 1 + capGrain * spot.grain);
  return domed(uneven, spot, light, 0.55 * look.proud + 0.1);
}

/** Caps over brood are of wax and old silk: duller and browner than those over honey. */
function broodOf(scene: CombScene, look: CellLook, grain: number): Colour {
  const { brood, waxOld } = pigmentsOf(scene);
  const colour = mixed(brood, waxOld, 0.6 * scene.darkness);
  return brighter(colour, 0.94 + 0.12 * look.hue + 0.03 * grain);
}

/** Pollen is packed to somewhere below the rim, dull and grainy. */
function pollenOf(scene: CombScene, look: CellLook, spot: Spot, light: Light): Colour {
  const { pollen, pollenReach, pollenShadow, pollenGrain, pit } = pigmentsOf(scene);
  if (outward(spot.dx, spot.dy) > pollenReach) return mixed(waxOf(scene), pit, pollenShadow);
  const colour = pollen[floor(look.hue * pollen.length)] ?? pit;
  return brighter(hollow(colour, spot, light, 0.5), 1 + pollenGrain * spot.grain);
}

/** What fills the cell, without its wall. */
function inside(scene: CombScene, look: CellLook, spot: Spot, light: Light): Colour {
  const wax = waxOf(scene);
  const { pit, broodDome } = pigmentsOf(scene);
  switch (look.cell) {
    case 'capped':
      return capOf(scene, look, spot, light);
    case 'open':
      return glossy(hollow(honeyOf(scene), spot, light, 1.1 - look.depth * 0.6), spot, light);
    case 'empty':
      return hollow(mixed(wax, pit, 0.62), spot, light, 1.2);
    case 'undrawn':
      return brighter(wax, 0.96 + 0.02 * spot.grain - 0.1 * outward(spot.dx, spot.dy) ** 4);
    case 'brood':
      return domed(
        broodOf(scene, look, spot.grain),
        spot,
        light,
        broodDome * (3.4 * look.depth - 2.3),
      );
    case 'pollen':
      return pollenOf(scene, look, spot, light);
  }
}

/** The colour of one point of a cell. @source invented for the drawing */
export function shadeOf(scene: CombScene, look: CellLook, spot: Spot, light: Light): Colour {
  const out = outward(spot.dx, spot.dy);
  const colour = inside(scene, look, spot, light);
  const isFlat = look.cell === 'undrawn';
  const wall = brighter(
    waxOf(scene),
    pigmentsOf(scene).walls * (look.cell === 'capped' ? 0.9 : 1.04),
  );
  const share = isFlat ? 0.2 : 0.9;
  const edge = max(0, min(1, (out - WALL_FROM) / 0.08));
  return brighter(mixed(colour, wall, share * edge), 1 + look.tint);
}
