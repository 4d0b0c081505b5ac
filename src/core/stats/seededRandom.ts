// Jest's sandbox looks globals up slowly; simulations draw millions of numbers.
const { cos, imul, log, sqrt, PI } = Math;

/**
 * A small seeded source of uniform draws (mulberry32), so that a plan or a simulation repeats. Not
 * for secrets.
 *
 * @param seed - any whole number; its lowest 32 bits count
 * @returns a function that gives the next draw, 0 <= value < 1
 * @source public-domain generator, recalled from memory
 */
export function seededRandom(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = imul(t ^ (t >>> 15), t | 1);
    t ^= t + imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** Standard normal draws from a uniform source. @source Box & Muller (1958) */
export function normalDraws(random: () => number): () => number {
  return () => sqrt(-2 * log(1 - random())) * cos(2 * PI * random());
}
