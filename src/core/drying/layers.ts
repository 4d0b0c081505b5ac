import { requireInRange } from '../errors';
import { honeyDensityKgPerL } from '../mass/density';

/** Honey behind a surface in layers of constant dry matter, from the closed end to the surface. */
export interface Layers {
  /** dry matter that belongs to each node [kg/m²]; the last lies at the surface */
  readonly dryKgPerM2: Float64Array;
  /** the inverse of it, for inner loops [m²/kg] */
  readonly perDry: Float64Array;
  /** what each gap between two nodes conducts, by diffusivity [kg/m⁴] */
  readonly conductance: Float64Array;
  /** of all nodes together [kg/m²] */
  readonly totalDryKgPerM2: number;
}

/** How much finer nodes stand at the surface. */
const GRADING = 2;

/**
 * Layers of honey behind a surface. Nodes crowd at the surface, where moisture changes steeply, and
 * stand in dry matter, so that drying moves none of them.
 *
 * @param depthM - from the closed end to the surface [m], 0.0005..0.5
 * @param moisturePercent - at the start [%], 12..30; gives the density
 * @param nodes - 4 and more; 8 are enough for forecasts, 12 for single runs
 * @throws DomainError `out-of-range`
 * @source finite volumes around nodes; constant volume of dry matter (Crank 1975, recalled from memory)
 */
export function layersOf(depthM: number, moisturePercent: number, nodes: number): Layers {
  const fn = 'layersOf';
  requireInRange(depthM, [0.0005, 0.5], { fn, param: 'depthM', unit: 'm' });
  requireInRange(nodes, [4, 400], { fn, param: 'nodes', unit: '1' });
  const dryKgPerM3 = honeyDensityKgPerL(moisturePercent) * (1 - moisturePercent / 100) * 1000;
  const place = (at: number): number => depthM * (1 - (1 - at / (nodes - 1)) ** GRADING);
  const edge = (at: number): number =>
    at <= 0 ? 0 : at >= nodes ? depthM : (place(at - 1) + place(at)) / 2;
  const dryKgPerM2 = Float64Array.from(
    { length: nodes },
    (_, at) => dryKgPerM3 * (edge(at + 1) - edge(at)),
  );
  return {
    dryKgPerM2,
    perDry: dryKgPerM2.map((value) => 1 / value),
    conductance: Float64Array.from(
      { length: nodes - 1 },
      (_, at) => dryKgPerM3 / (place(at + 1) - place(at)),
    ),
    totalDryKgPerM2: dryKgPerM3 * depthM,
  };
}
