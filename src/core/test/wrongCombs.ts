import { expectedMixture, priorExpectation, updatedExpectation } from '../capping/expectation';
import { stateShares } from '../capping/expectedMoisture';
import { expandedOf } from '../conformity/conformity';
import { normalDraws, seededRandom } from '../stats/seededRandom';

const CAPPED = stateShares({ capped: 1 });
const [MEAN, KNOWLEDGE, SCATTER] = [17.6, 0.7, 0.57];

/** Share of keepers, after forty own lots, whose next lot lies within the stated 95 %. */
export function combCoverage(scatterTimes: number, keepers: number, seed: number): number {
  const draw = normalDraws(seededRandom(seed));
  let covered = 0;
  for (let keeper = 0; keeper < keepers; keeper += 1) {
    const own = MEAN + KNOWLEDGE * draw();
    const lotOf = (): number => own + scatterTimes * SCATTER * draw();
    const lots = Array.from({ length: 40 }, () => ({
      shares: CAPPED,
      measured: { mean: lotOf() + 0.2 * draw(), standardUncertainty: 0.2 },
    }));
    const expected = expectedMixture(CAPPED, updatedExpectation(priorExpectation(), lots));
    if (Math.abs(lotOf() - expected.mean) <= expandedOf(expected)) covered += 1;
  }
  return covered / keepers;
}
