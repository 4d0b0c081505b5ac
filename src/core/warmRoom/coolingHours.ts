import { DomainError, requireFinite } from '../errors';
import { slotsOf, type DryingBatch } from './solver/batch';
import { DRYING_RATES } from '../drying/rates';

/** Comb cooler than this keeps on its foundation when it is uncapped [°C]. @source common practice, no source */
export const COOL_ENOUGH_C = 27;

const HOURS_PER_DAY = 24;

/**
 * How long boxes take to cool in still air, standing as they did.
 *
 * @param fromC - of the honey [°C]
 * @param toC - wanted [°C]
 * @param airC - about them [°C]
 * @returns [h]; Infinity where the air is too warm for it, 0 where they are cool enough
 * @throws DomainError `out-of-range` for temperatures that are none
 * @source exponential approach with the exchange of `slotsOf`; no evaporation
 */
export function coolingHours(
  batch: DryingBatch,
  { fromC, toC, airC }: { readonly fromC: number; readonly toC: number; readonly airC: number },
): number {
  requireFinite({ batch, fromC, toC, airC }, 'coolingHours');
  if (![fromC, toC, airC].every((value) => Number.isFinite(value))) {
    const place = { fn: 'coolingHours', param: 'fromC', unit: '°C' };
    throw new DomainError({ code: 'out-of-range', value: NaN, ...place });
  }
  if (fromC <= toC) return 0;
  if (airC >= toC) return Infinity;
  const options = { rates: DRYING_RATES, nodes: 4, layers: new Map() };
  const [slot] = slotsOf([batch], options, 2).slots;
  if (!slot) return 0;
  const days = (slot.heatJPerK / slot.exchangeJPerDayK) * Math.log((fromC - airC) / (toC - airC));
  return days * HOURS_PER_DAY;
}
