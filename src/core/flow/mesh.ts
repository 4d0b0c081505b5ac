import { requireInRange } from '../errors';
import { honeyDensityKgPerL } from '../mass/density';
import { viscosityPaS } from './viscosity';

/** A woven mesh of square openings. */
export interface Mesh {
  /** [µm] */
  readonly openingUm: number;
  /** [µm] */
  readonly wireUm: number;
  /** through which honey goes [dm²] */
  readonly areaDm2: number;
}

/** The honey over a mesh. */
export interface StrainingConditions {
  /** of honey over the mesh [cm] */
  readonly headCm: number;
  readonly temperatureC: number;
  readonly moisturePercent: number;
}

const GRAVITY_M_PER_S2 = 9.81;
const M_PER_UM = 1e-6;
const M2_PER_DM2 = 0.01;

/** What of the energy goes into creeping through the weave. @source Armour & Cannon (1968), recalled from memory */
const CREEPING = 8.61;

export const OPENING_RANGE_UM: readonly [number, number] = [20, 5000];
export const MESH_AREA_RANGE_DM2: readonly [number, number] = [0.1, 500];
export const HEAD_RANGE_CM: readonly [number, number] = [0.5, 200];

/** Thinnest wire, and thickest by the opening: a thicker one lets next to nothing through. */
const THINNEST_WIRE_UM = 5;
const THICKEST_WIRE_BY_OPENING = 2;

/** Wires that a mesh with so wide openings can have [µm]. */
export function wireRangeUm(openingUm: number): readonly [number, number] {
  const place = { fn: 'wireRangeUm', param: 'openingUm', unit: 'µm' };
  const opening = requireInRange(openingUm, [0, 1e5], place);
  return [THINNEST_WIRE_UM, THICKEST_WIRE_BY_OPENING * opening];
}

/** Usual wire of a woven mesh with so wide openings [µm]. @source common practice, no source */
const USUAL_WIRES: readonly (readonly [openingUm: number, wireUm: number])[] = [
  [50, 36],
  [100, 65],
  [200, 125],
  [400, 220],
  [600, 300],
  [1000, 400],
  [1500, 500],
  [3000, 900],
];

/**
 * Usual wire of a mesh, between common ones in proportion.
 *
 * @param openingUm - [µm], 20..5000
 * @returns [µm]
 * @throws DomainError `out-of-range`
 * @source common practice, no source
 */
export function usualWireUm(openingUm: number): number {
  const place = { fn: 'usualWireUm', param: 'openingUm', unit: 'µm' };
  requireInRange(openingUm, OPENING_RANGE_UM, place);
  const at = USUAL_WIRES.findIndex(([opening]) => opening >= openingUm);
  const upper = USUAL_WIRES[at] ?? USUAL_WIRES[USUAL_WIRES.length - 1]!;
  const lower = USUAL_WIRES[at - 1];
  if (!lower) return (openingUm * upper[1]) / upper[0];
  const share = (openingUm - lower[0]) / (upper[0] - lower[0]);
  return lower[1] + share * (upper[1] - lower[1]);
}

/** Void, wire surface by volume and thickness of a plain weave. */
interface Weave {
  readonly voidShare: number;
  readonly surfacePerM: number;
  readonly thicknessM: number;
}

/** A plain weave is two wires thick; each wire bends over the next. */
function weaveOf({ openingUm, wireUm }: Mesh): Weave {
  const pitch = openingUm + wireUm;
  const bent = Math.hypot(pitch, wireUm);
  return {
    voidShare: 1 - (Math.PI * wireUm * bent) / (4 * pitch ** 2),
    surfacePerM: (Math.PI * bent) / (pitch ** 2 * M_PER_UM),
    thicknessM: 2 * wireUm * M_PER_UM,
  };
}

/**
 * Flow of honey through a clean woven mesh.
 *
 * @param mesh - opening 20..5000 µm, area 0.1..500 dm²
 * @param conditions - head 0.5..200 cm; temperature and moisture as for `viscosityPaS`
 * @returns [kg/h]
 * @throws DomainError `out-of-range`
 * @accuracy calibrate by the first bucket: meshes, wax and the way honey is poured differ
 * @source Armour & Cannon (1968), creeping part only, recalled from memory
 * @example cleanFlowKgPerH({ openingUm: 200, wireUm: 125, areaDm2: 1 }, { headCm: 10, temperatureC: 25, moisturePercent: 17 }) // => 19.5 ± 1
 */
export function cleanFlowKgPerH(mesh: Mesh, conditions: StrainingConditions): number {
  const fn = 'cleanFlowKgPerH';
  requireInRange(mesh.openingUm, OPENING_RANGE_UM, { fn, param: 'openingUm', unit: 'µm' });
  requireInRange(mesh.wireUm, wireRangeUm(mesh.openingUm), { fn, param: 'wireUm', unit: 'µm' });
  requireInRange(mesh.areaDm2, MESH_AREA_RANGE_DM2, { fn, param: 'areaDm2', unit: 'dm²' });
  requireInRange(conditions.headCm, HEAD_RANGE_CM, { fn, param: 'headCm', unit: 'cm' });
  const densityKgPerM3 = 1000 * honeyDensityKgPerL(conditions.moisturePercent);
  const pressurePa = densityKgPerM3 * GRAVITY_M_PER_S2 * (conditions.headCm / 100);
  const { voidShare, surfacePerM, thicknessM } = weaveOf(mesh);
  const viscosity = viscosityPaS(conditions.temperatureC, conditions.moisturePercent);
  const metresPerS =
    (pressurePa * voidShare ** 2) / (CREEPING * viscosity * surfacePerM ** 2 * thicknessM);
  return metresPerS * mesh.areaDm2 * M2_PER_DM2 * densityKgPerM3 * 3600;
}
