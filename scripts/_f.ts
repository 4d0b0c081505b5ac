import { FINISHING_WORLDS, toldAndCame } from '../src/core/test/wrongFinishing';
for (const w of FINISHING_WORLDS) {
  const r = toldAndCame(w, 5000, 3);
  console.log((100 * r.told).toFixed(0), (100 * r.came).toFixed(0), w.name);
}
