import { DomainError, requireFinite, requireInRange } from '../errors';
import { quadrature } from '../stats/uncertainty';
import type { MassEstimate } from './amountMass';

/** What a scale for boxes is off by, as one standard deviation [kg]. @source common practice, no source */
const SCALE_KG = 0.1;

/** How much empty boxes of a kind differ where only one was weighed, as one standard deviation [kg]. @source common practice, no source */
const USUAL_SPREAD_KG = 0.4;

/** Weights of boxes with all that is in them, before and after the honey is taken. */
export interface BoxWeights {
  /** each full box [kg] */
  readonly fullKg: readonly number[];
  /** empty boxes of the same kind with their wet frames [kg]; all of them or some */
  readonly emptyKg: readonly number[];
}

/** Honey that was in weighed boxes. */
export interface HoneyByWeight extends MassEstimate {
  readonly boxes: number;
  /** boxes whose own empty weight is not known: they count as the others' mean */
  readonly assumedEmpty: number;
}

function meanOf(values: readonly number[]): number {
  return values.reduce((sum, value) => sum + value, 0) / values.length;
}

/** Spread of empty boxes, as one standard deviation [kg]; the usual one where too few were weighed. */
function spreadOf(emptyKg: readonly number[]): number {
  if (emptyKg.length < 3) return USUAL_SPREAD_KG;
  const mean = meanOf(emptyKg);
  const squares = emptyKg.reduce((sum, kg) => sum + (kg - mean) ** 2, 0);
  return Math.sqrt(squares / (emptyKg.length - 1));
}

/**
 * Honey that came out of boxes: what they weighed full, less what they weigh empty. Boxes that were not
 * weighed empty count as the mean of those that were, and add their spread to the doubt. What stays wet
 * in the combs is not in it.
 *
 * @param weights - 1..2,000 boxes of 0.1..200 kg; at least one, and no more empty ones than full ones
 * @throws DomainError `empty`, `out-of-range`
 * @source difference of weighings, doubts in quadrature, JCGM 100:2008 (GUM), recalled from memory
 * @example honeyByGross({ fullKg: [24, 25], emptyKg: [9, 9.5] }).massKg // => 30.5 ± 1e-9
 */
export function honeyByGross({ fullKg, emptyKg }: BoxWeights): HoneyByWeight {
  const fn = 'honeyByGross';
  requireFinite({ fullKg, emptyKg }, fn);
  for (const [param, list] of Object.entries({ fullKg, emptyKg })) {
    if (list.length === 0)
      throw new DomainError({ code: 'empty', fn, param, value: 0, unit: 'kg' });
    requireInRange(list.length, [1, 2000], { fn, param, unit: '1' });
    for (const kg of list) requireInRange(kg, [0.1, 200], { fn, param, unit: 'kg' });
  }
  const boxes = fullKg.length;
  const weighed = emptyKg.length;
  requireInRange(weighed, [1, boxes], { fn, param: 'emptyKg', unit: '1' });
  const assumedEmpty = boxes - weighed;
  const spread = assumedEmpty > 0 ? spreadOf(emptyKg) : 0;
  return {
    massKg: boxes * (meanOf(fullKg) - meanOf(emptyKg)),
    standardUncertaintyKg: quadrature([
      SCALE_KG * Math.sqrt(boxes),
      // the mean of those weighed stands for all: its own doubt counts once for every box
      (boxes * SCALE_KG) / Math.sqrt(weighed),
      spread * Math.sqrt(assumedEmpty * (1 + assumedEmpty / weighed)),
    ]),
    boxes,
    assumedEmpty,
  };
}
