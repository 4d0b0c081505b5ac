import { planVerdict } from '../sampling/planVerdict';
import { plannedNumber } from '../sampling/samplingPlan';
import { normalDraws, seededRandom } from '../stats/seededRandom';

const AIM = { method: 'mean-and-spread', content: 0.95, confidence: 0.95, looks: 1 } as const;
const LIMIT_PERCENT = 18.6;

/**
 * Share of lots that pass a 95/95 plan by spread, right under a limit of 18.6: containers of 17.2 ± 0.3,
 * a share of them so much wetter.
 */
export function passedPlan(
  { size, wetShare, wetterBy }: { size: number; wetShare: number; wetterBy: number },
  lots: number,
  seed: number,
): number {
  const random = seededRandom(seed);
  const draw = normalDraws(random);
  const { number } = plannedNumber({
    ...AIM,
    containers: size,
    marginPercent: LIMIT_PERCENT - 17.2,
    spreadPercent: 0.3,
  });
  let passed = 0;
  for (let lot = 0; lot < lots; lot += 1) {
    const tested = Array.from({ length: size }, (_, at) => ({
      id: `c${at}`,
      meanPercent: 17.2 + 0.3 * draw() + (at < wetShare * size ? wetterBy : 0),
      standardUncertainty: 0.1,
      at: random(),
    }));
    const ids = [...tested].sort((a, b) => a.at - b.at).map((item) => item.id);
    const verdict = planVerdict({
      ...AIM,
      containers: size,
      plannedIds: [ids.slice(0, number)],
      tested,
      limitPercent: LIMIT_PERCENT,
      systematicPercent: 0,
    });
    if (verdict.status === 'holds') passed += 1;
  }
  return passed / lots;
}
