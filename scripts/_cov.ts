import {
  COVERAGE_ROWS,
  WATCHED_WORLDS,
  acceptedWatching,
  coverageIn,
} from '/work/main/src/core/test/wrongWorlds';
for (const { world, wanted } of COVERAGE_ROWS) {
  const r = coverageIn(world, 20000, 5);
  console.log((100 * r.covered).toFixed(1), wanted.join('-'), r.halfWidth.toFixed(2), world.name);
}
for (const w of WATCHED_WORLDS)
  console.log((100 * acceptedWatching(w, 2000, 7)).toFixed(1), w.name);
