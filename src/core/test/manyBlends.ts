import type { BlendContainer, BlendTask } from '../blending/blendTask';
import { seededRandom } from '../stats/seededRandom';
import { blendContainer, blendTask } from './blends';

type Random = () => number;

const oneOf = <T>(random: Random, choices: readonly T[]): T =>
  choices[Math.floor(random() * choices.length)]!;

/** Containers of a season: some wet, some blocked, some unread and known by their lot's mean alone. */
function madeUpContainer(random: Random, at: number): BlendContainer {
  const isWet = random() < 0.4;
  const change = {
    massKg: random() < 0.05 ? 0 : 5 + 20 * random(),
    meanPercent: isWet ? 18 + 2 * random() : 16 + 1.8 * random(),
    randomPercent: 0.4 * random(),
    flow: oneOf(random, ['beans', 'clover']),
    colour: oneOf(random, ['light', 'dark']),
    barredBecause: random() < 0.1 ? 'it ferments' : null,
  };
  const isUnread = random() < 0.25;
  return blendContainer(`c${at}`, {
    ...change,
    ...(isUnread ? { shared: { id: oneOf(random, ['lot a', 'lot b']), percent: 0.3 } } : {}),
  });
}

/** Some blend, the same for the same seed: from a family's pails to the drums of a house. */
export function madeUpBlend(seed: number): BlendTask {
  const random = seededRandom(seed);
  const isSmall = seed % 3 !== 0;
  const tankCount = isSmall ? 1 + (seed % 3) : 3 + (seed % 2);
  const containerCount = isSmall ? 3 + Math.floor(random() * 7) : 29 + Math.floor(random() * 8);
  const sizes = isSmall ? [20, 35, 50] : [90, 150, 150, 240];
  return blendTask({
    containers: Array.from({ length: containerCount }, (_, at) => madeUpContainer(random, at)),
    tanks: Array.from({ length: tankCount }, (_, at) => ({
      id: `t${at}`,
      capacityKg: oneOf(random, sizes),
    })),
    targetPercent: oneOf(random, [17.8, 18, 18.4]),
    systematicPercent: oneOf(random, [0.05, 0.1, 0.15]),
    aim: random() < 0.3 ? 'fill' : 'save',
    mixFlows: random() < 0.5,
    mixColours: random() < 0.6,
    wholeOnly: random() < 0.4,
    openingWorthKg: oneOf(random, [0, 0.5, 2]),
  });
}
