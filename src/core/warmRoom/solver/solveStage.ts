import { EVAPORATION_J_PER_KG } from '../room';
import { AIR_RATIO, AIR_TEMPERATURE, type DryingSystem, type WorkingBatch } from './dryingSystem';
import { solvePart } from './honeyFlux';

/**
 * Expresses a batch by the air: what it answers is put into its `answer`, temperature first, then
 * evaporation, each by nothing, by the temperature of the air and by its ratio.
 */
function answerBatch(
  { slot, parts, answer }: WorkingBatch,
  right: Float64Array,
  tau: number,
): void {
  let [still, byHeat, byRatio] = [0, 0, 0];
  for (const part of parts) {
    solvePart(part, right);
    const { work, slot: own } = part;
    const surface = own.nodes - 1;
    const gain = own.areaM2 * (1 - tau * work.unit[surface]! * work.fluxByWater);
    still += own.areaM2 * work.fluxByWater * work.answer[surface]!;
    byHeat += gain * work.fluxByHeat;
    byRatio += gain * work.fluxByRatio;
  }
  const { heatJPerK, exchangeJPerDayK } = slot;
  const latent = tau * EVAPORATION_J_PER_KG;
  const own = heatJPerK + tau * exchangeJPerDayK + latent * byHeat;
  const h0 = (heatJPerK * right[slot.temperatureAt]! - latent * still) / own;
  const hT = (tau * exchangeJPerDayK) / own;
  const hW = (-latent * byRatio) / own;
  answer[0] = h0;
  answer[1] = hT;
  answer[2] = hW;
  answer[3] = still + byHeat * h0;
  answer[4] = byHeat * hT;
  answer[5] = byRatio + byHeat * hW;
}

/** The two equations of the air, after every batch was expressed by it. */
function solveAir(
  { slopes, heatCapacity, dryAir, batches }: DryingSystem,
  right: Float64Array,
  tau: number,
): readonly [number, number] {
  const { byTemperature, byRatio } = slopes;
  let tt = heatCapacity - tau * byTemperature.heat;
  let tw = -tau * byRatio.heat;
  let wt = -tau * (byTemperature.leaked - byTemperature.removed - byTemperature.condensed);
  let ww = dryAir - tau * (byRatio.leaked - byRatio.removed - byRatio.condensed);
  let heat = heatCapacity * right[AIR_TEMPERATURE]!;
  let water = dryAir * right[AIR_RATIO]!;
  for (const { slot, answer } of batches) {
    const exchange = tau * slot.exchangeJPerDayK;
    tt += exchange * (1 - answer[1]!);
    tw -= exchange * answer[2]!;
    heat += exchange * answer[0]!;
    wt -= tau * answer[4]!;
    ww -= tau * answer[5]!;
    water += tau * answer[3]!;
  }
  const determinant = tt * ww - tw * wt;
  return [(heat * ww - tw * water) / determinant, (tt * water - heat * wt) / determinant];
}

/**
 * Solves `(1 − tau·jacobian)·slopes = right` for the whole state. Batches touch one another only
 * through the air, so that the work grows with their number and no faster.
 *
 * @param known - slopes of temperature and ratio of the air where they are known, else null
 */
export function solveStage(
  system: DryingSystem,
  right: Float64Array,
  { tau, known }: { readonly tau: number; readonly known: readonly [number, number] | null },
  slopes: Float64Array,
): void {
  for (const batch of system.batches) answerBatch(batch, right, tau);
  const [air, ratio] = known ?? solveAir(system, right, tau);
  slopes[AIR_TEMPERATURE] = air;
  slopes[AIR_RATIO] = ratio;
  for (const { slot, parts, answer } of system.batches) {
    const honey = answer[0]! + answer[1]! * air + answer[2]! * ratio;
    slopes[slot.temperatureAt] = honey;
    for (const { slot: own, work } of parts) {
      const pushed = tau * (work.fluxByHeat * honey + work.fluxByRatio * ratio);
      for (let node = 0; node < own.nodes; node += 1) {
        slopes[own.offset + node] = work.answer[node]! - pushed * work.unit[node]!;
      }
    }
  }
}
