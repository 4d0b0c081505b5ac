import { moistureOfRatio } from '../../drying/norrish';
import type { BatchSlot, PartSlot } from './batch';
import type { BatchMoment } from '../dryingRun';

/** Mean water ratio of a part [kg/kg]. */
export function meanRatio({ layers, nodes, offset }: PartSlot, state: Float64Array): number {
  let sum = 0;
  for (let at = 0; at < nodes; at += 1) sum += layers.dryKgPerM2[at]! * state[offset + at]!;
  return sum / layers.totalDryKgPerM2;
}

/** A batch as it stands in the state. */
export function batchMoment(slot: BatchSlot, state: Float64Array): BatchMoment {
  let [water, dry] = [0, 0];
  const parts = slot.parts.map((part) => {
    const ratio = meanRatio(part, state);
    const dryKg = part.areaM2 * part.layers.totalDryKgPerM2;
    water += ratio * dryKg;
    dry += dryKg;
    return {
      meanPercent: moistureOfRatio(ratio),
      surfacePercent: moistureOfRatio(state[part.offset + part.nodes - 1]!),
    };
  });
  return {
    meanPercent: moistureOfRatio(water / dry),
    parts,
    waterKg: water,
    honeyC: state[slot.temperatureAt]!,
  };
}
