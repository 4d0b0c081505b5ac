import { EVAPORATION_J_PER_KG } from './room';
import { AIR_RATIO, AIR_TEMPERATURE, type DryingSystem } from './dryingSystem';
import { solvePart } from './honeyFlux';

/** How a batch answers to the air: temperature and evaporation, each by nothing, by temperature, by ratio. */
interface BatchAnswer {
  readonly heat: readonly [number, number, number];
  readonly water: readonly [number, number, number];
}

function answerOf(
  { slot, parts }: DryingSystem['batches'][number],
  right: Float64Array,
  tau: number,
): BatchAnswer {
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
  return {
    heat: [h0, hT, hW],
    water: [still + byHeat * h0, byHeat * hT, byRatio + byHeat * hW],
  };
}

/** The two equations of the air, after every batch was expressed by it. */
function solveAir(
  system: DryingSystem,
  answers: readonly BatchAnswer[],
  right: Float64Array,
  tau: number,
): readonly [number, number] {
  const { byTemperature, byRatio } = system.slopes;
  let tt = system.heatCapacity - tau * byTemperature.heat;
  let tw = -tau * byRatio.heat;
  let wt = -tau * (byTemperature.leaked - byTemperature.removed - byTemperature.condensed);
  let ww = system.dryAir - tau * (byRatio.leaked - byRatio.removed - byRatio.condensed);
  let heat = system.heatCapacity * right[AIR_TEMPERATURE]!;
  let water = system.dryAir * right[AIR_RATIO]!;
  answers.forEach((one, at) => {
    const exchange = tau * system.batches[at]!.slot.exchangeJPerDayK;
    tt += exchange * (1 - one.heat[1]);
    tw -= exchange * one.heat[2];
    heat += exchange * one.heat[0];
    wt -= tau * one.water[1];
    ww -= tau * one.water[2];
    water += tau * one.water[0];
  });
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
  const answers = system.batches.map((one) => answerOf(one, right, tau));
  const [air, ratio] = known ?? solveAir(system, answers, right, tau);
  slopes[AIR_TEMPERATURE] = air;
  slopes[AIR_RATIO] = ratio;
  system.batches.forEach(({ slot, parts }, at) => {
    const [h0, hT, hW] = answers[at]!.heat;
    const honey = h0 + hT * air + hW * ratio;
    slopes[slot.temperatureAt] = honey;
    for (const { slot: own, work } of parts) {
      const pushed = tau * (work.fluxByHeat * honey + work.fluxByRatio * ratio);
      for (let node = 0; node < own.nodes; node += 1) {
        slopes[own.offset + node] = work.answer[node]! - pushed * work.unit[node]!;
      }
    }
  });
}
