import { COVERAGE_ROWS, coverageIn, lotsOf } from '../src/core/test/wrongWorlds';
import { estimateOf, lotMoisture } from '../src/core/moisture/lotMoisture';
import { guardOf } from '../src/core/conformity/conformity';
import { pooledSpread, SPREAD_PRIORS } from '../src/core/moisture/spreads';
for (const i of [0, 14]) {
  const r = coverageIn(COVERAGE_ROWS[i]!.world, 40000, 9);
  console.log(r, COVERAGE_ROWS[i]!.world.name);
}
const w = { ...COVERAGE_ROWS[0]!.world, vessels: 3, tested: 3, replicates: 2 };
const rep = pooledSpread(SPREAD_PRIORS.repeatability, 30 * 0.15 ** 2, 30);
const learned = { betweenVessels: pooledSpread(SPREAD_PRIORS.betweenVessels, 20 * 0.3 ** 2, 20) };
for (const spot of ['stirred', 'not-said', 'gate'] as const)
  for (const b of [false, true]) {
    const lot = lotsOf({ ...w, spot }, 3)();
    const m = lotMoisture(lot.readings, lot.vessels, b ? rep : undefined, b ? learned : {});
    console.log(
      spot,
      b,
      m.uncertainty.expanded.toFixed(2),
      guardOf(estimateOf(m)).toFixed(2),
      m.conformsFrom.toFixed(3),
      m.uncertainty.degreesOfFreedom.toFixed(1),
    );
  }
