import { CAPPING_RATE_PRIOR, finishing } from '../schools/finishing';
import { normalDraws, seededRandom } from '../stats/seededRandom';

/** How capping really goes on: pace at a share, against that of a frame half capped [1]. */
export interface FinishingWorld {
  readonly name: string;
  readonly pace: (share: number, startShare: number) => number;
  /** nectar fades out over the last four days */
  readonly fading: boolean;
}

export const FINISHING_WORLDS: readonly FinishingWorld[] = [
  {
    name: 'slows as the frame fills, from its pace at half',
    pace: (s) => 2 * (1 - s),
    fading: false,
  },
  {
    name: 'slows as the frame fills and as the flow fades',
    pace: (s) => (1.1 - s) / 0.6,
    fading: true,
  },
  { name: 'slows from its pace today', pace: (s, s0) => (1 - s) / (1 - s0), fading: false },
  { name: 'steady to the end', pace: () => 1, fading: false },
];

const STEP_DAYS = 0.25;
const END_SPREAD_DAYS = 4;
const WANTED = 0.8;

function finishes(world: FinishingWorld, start: number, rate: number, days: number): boolean {
  let share = start;
  for (let day = 0; day < days && share < WANTED; day += STEP_DAYS) {
    const fading = world.fading ? Math.min(1, (days - day) / 4) : 1;
    share += STEP_DAYS * rate * fading * Math.max(0, world.pace(share, start));
  }
  return share >= WANTED;
}

/** What was reported and what came, over many frames [1]. */
export function forecastAndFound(
  world: FinishingWorld,
  frames: number,
  seed: number,
): { readonly forecast: number; readonly came: number } {
  const random = seededRandom(seed);
  const draw = normalDraws(random);
  const { mean, standardDeviation } = CAPPING_RATE_PRIOR;
  let [forecast, came] = [0, 0];
  for (let frame = 0; frame < frames; frame += 1) {
    const share = 0.3 + 0.4 * random();
    const daysLeft = 4 + 8 * random();
    forecast += finishing({
      share,
      standardUncertainty: 0.05,
      wantedShare: WANTED,
      earlier: [],
      daysLeft,
      temperatureC: 24,
    }).probability;
    const rate = Math.max(0, mean + standardDeviation * draw());
    const days = Math.max(0, daysLeft + END_SPREAD_DAYS * draw());
    if (finishes(world, share, rate, days)) came += 1;
  }
  return { forecast: forecast / frames, came: came / frames };
}
