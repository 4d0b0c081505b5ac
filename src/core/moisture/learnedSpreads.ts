import { requireFinite, requireInRange } from '../errors';
import { groupByVessel, type LotReading } from './vesselGroups';
import { SPREAD_PRIORS, mean, pooledSpread, squaredDeviations, type Spread } from './spreads';

/** What the vessels of one lot differed by. */
export interface VesselScatter {
  /** squared deviations of the vessels' means, the reader's own scatter taken off [%²] */
  readonly squares: number;
  /** vessels read, less one */
  readonly degreesOfFreedom: number;
}

/** A spread that own records teach, with how many lots or meters it rests on. */
export interface LearnedSpread extends Spread {
  readonly from: number;
}

/**
 * What the vessels of a lot differed by.
 *
 * @param readings - of ordinary vessels; those of no vessel say nothing
 * @returns null where fewer than two vessels were read
 * @source one-way analysis of variance, recalled from memory
 */
export function vesselScatter(readings: readonly LotReading[]): VesselScatter | null {
  requireFinite({ readings }, 'vesselScatter');
  const groups = groupByVessel(readings.filter((reading) => reading.vesselId !== null));
  if (groups.length < 2) return null;
  const degreesOfFreedom = groups.length - 1;
  const { standardDeviation } = SPREAD_PRIORS.repeatability;
  const ofReader = mean(groups.map((group) => standardDeviation ** 2 / group.readings.length));
  const found = squaredDeviations(groups.map((group) => group.mean));
  return { squares: Math.max(0, found - degreesOfFreedom * ofReader), degreesOfFreedom };
}

/**
 * What the vessels of a lot differ by, learned from own lots; the guess stays in it as so many degrees
 * of freedom.
 *
 * @param lots - none: the guess itself
 * @source pooled variance with the prior kept (scaled inverse chi-square), Gelman and others, Bayesian
 * Data Analysis, 2.6, recalled from memory
 */
export function learnedBetweenVessels(lots: readonly VesselScatter[]): LearnedSpread {
  requireFinite({ lots }, 'learnedBetweenVessels');
  for (const { squares: found, degreesOfFreedom: dof } of lots) {
    requireInRange(found, [0, 1e6], { fn: 'learnedBetweenVessels', param: 'squares', unit: '%²' });
    requireInRange(dof, [0, 1e6], {
      fn: 'learnedBetweenVessels',
      param: 'degreesOfFreedom',
      unit: '1',
    });
  }
  const squares = lots.reduce((sum, lot) => sum + lot.squares, 0);
  const degreesOfFreedom = lots.reduce((sum, lot) => sum + lot.degreesOfFreedom, 0);
  const spread = pooledSpread(SPREAD_PRIORS.betweenVessels, squares, degreesOfFreedom);
  return { ...spread, from: lots.length };
}
