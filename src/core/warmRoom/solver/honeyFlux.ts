import { activityOfRatio, activitySlope } from '../../drying/norrish';
import { DIFFUSION_REFERENCE_RATIO } from '../../drying/rates';
import type { PartSlot } from './batch';

// The solver's inner loops. Indices run over arrays of known length, hence `!`.

/** What the solver keeps of a part between the stages of a step. */
export interface PartWork {
  /** between nodes, per area [kg/(m²·d)] */
  readonly conductance: Float64Array;
  /** the same as it was factored, by tau [kg/m²] */
  readonly coupling: Float64Array;
  /** inverse of the diagonal of the factored matrix */
  readonly inverse: Float64Array;
  /** answer of the part to a unit of flux at its surface */
  readonly unit: Float64Array;
  readonly answer: Float64Array;
  /** water activity at the surface [1], and what leaves through it [kg/(m²·d)] */
  activity: number;
  flux: number;
  fluxByWater: number;
  fluxByHeat: number;
  fluxByRatio: number;
}

/** A part with the work space that goes with it. */
export interface WorkingPart {
  readonly slot: PartSlot;
  readonly work: PartWork;
}

/** Room for a part of so many nodes. */
export function partWork(nodes: number): PartWork {
  return {
    conductance: new Float64Array(nodes - 1),
    coupling: new Float64Array(nodes - 1),
    inverse: new Float64Array(nodes),
    unit: new Float64Array(nodes),
    answer: new Float64Array(nodes),
    activity: NaN,
    flux: NaN,
    fluxByWater: NaN,
    fluxByHeat: NaN,
    fluxByRatio: NaN,
  };
}

/** Honey of a batch at its temperature, and the air over it. */
export interface HoneyAir {
  /** saturation pressure at the honey's temperature [kPa], and its slope [kPa/K] */
  readonly pressureKPa: number;
  readonly slopeKPaPerK: number;
  /** diffusivity relative to that at 33 °C [1] */
  readonly diffusing: number;
  /** of the air [kPa], and its slope by humidity ratio [kPa] */
  readonly vapourKPa: number;
  readonly vapourByRatio: number;
}

/**
 * Rates of change of a part's water ratios [1/d], and the flux at its surface.
 *
 * @param rates - where the rates are put, at the part's offset
 * @source flux = k·(aw·psat(honey) − e); diffusion in layers of dry matter (Crank 1975, recalled from memory) with a
 * diffusivity that falls as honey dries (`DIFFUSION_PER_RATIO`)
 */
export function evaluatePart(
  { slot, work }: WorkingPart,
  state: Float64Array,
  { pressureKPa, diffusing, vapourKPa }: HoneyAir,
  rates: Float64Array,
): void {
  const { offset, nodes, layers, resistance, diffusionPerRatio } = slot;
  const { conductance } = work;
  const diffusivity = slot.diffusivityM2PerDay * diffusing;
  let below = 0;
  let here = state[offset]!;
  for (let at = 0; at < nodes - 1; at += 1) {
    const next = state[offset + at + 1]!;
    const wetter = (here + next) / 2 - DIFFUSION_REFERENCE_RATIO;
    const conducts = diffusivity * layers.conductance[at]! * Math.exp(diffusionPerRatio * wetter);
    const above = conducts * (next - here);
    conductance[at] = conducts;
    rates[offset + at] = (above - below) * layers.perDry[at]!;
    below = above;
    here = next;
  }
  work.activity = activityOfRatio(here);
  work.flux = (work.activity * pressureKPa - vapourKPa) / resistance;
  rates[offset + nodes - 1] = (-below - work.flux) * layers.perDry[nodes - 1]!;
}

/** Factors a part's share of the matrix `mass − tau·jacobian`, after `evaluatePart` at the same state. */
export function factorPart(
  { slot, work }: WorkingPart,
  state: Float64Array,
  { pressureKPa, slopeKPaPerK, vapourByRatio }: HoneyAir,
  tau: number,
): void {
  const { offset, nodes, layers, resistance } = slot;
  const { conductance, coupling, inverse, unit } = work;
  const slope = activitySlope(state[offset + nodes - 1]!, work.activity);
  work.fluxByWater = (slope * pressureKPa) / resistance;
  work.fluxByHeat = (work.activity * slopeKPaPerK) / resistance;
  work.fluxByRatio = -vapourByRatio / resistance;
  let below = 0;
  let eliminated = 0;
  for (let at = 0; at < nodes - 1; at += 1) {
    const above = tau * conductance[at]!;
    const pivot = 1 / (layers.dryKgPerM2[at]! + below + above - eliminated);
    coupling[at] = above;
    inverse[at] = pivot;
    eliminated = above * above * pivot;
    below = above;
  }
  const last = layers.dryKgPerM2[nodes - 1]! + below + tau * work.fluxByWater - eliminated;
  let ahead = 1 / last;
  inverse[nodes - 1] = ahead;
  unit[nodes - 1] = ahead;
  for (let at = nodes - 2; at >= 0; at -= 1) {
    ahead *= coupling[at]! * inverse[at]!;
    unit[at] = ahead;
  }
}

/** Solves a part's share for a right side, as if air and temperature stood still; into `answer`. */
export function solvePart({ slot, work }: WorkingPart, right: Float64Array): void {
  const { offset, nodes, layers } = slot;
  const { coupling, inverse, answer } = work;
  let carried = layers.dryKgPerM2[0]! * right[offset]!;
  answer[0] = carried;
  for (let at = 1; at < nodes; at += 1) {
    carried =
      layers.dryKgPerM2[at]! * right[offset + at]! + coupling[at - 1]! * carried * inverse[at - 1]!;
    answer[at] = carried;
  }
  let ahead = carried * inverse[nodes - 1]!;
  answer[nodes - 1] = ahead;
  for (let at = nodes - 2; at >= 0; at -= 1) {
    ahead = (answer[at]! + coupling[at]! * ahead) * inverse[at]!;
    answer[at] = ahead;
  }
}
