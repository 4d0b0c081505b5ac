import {
  COMB_KINDS,
  EVENING_LOOKS,
  combLookOf,
  eveningScene,
  trueShare,
  type CombScene,
} from '../src/core';
import { firstRevision, type AnyRecord } from '../src/records';
import { normalDraws, seededRandom } from '../src/core/stats/seededRandom';
import { dayBefore, demoScribe } from './scribe';

/** Two made-up readers: one practised and sees too much, one only began and scatters. */
const READERS = [
  { reader: 'KT', looks: 44, tooMuch: 0.09, scatter: 0.035 },
  { reader: 'RO', looks: 14, tooMuch: -0.05, scatter: 0.16 },
] as const;

/** The evening at which both looked at the same sides. */
const EVENING = 47;
export const EVENING_DAYS_AGO = 12;

/** A comb of the demo as it was looked at. */
interface Shown extends Pick<CombScene, 'seed' | 'kind'> {
  readonly truth: number;
  readonly daysAgo: number;
  readonly evening: number | null;
}

const shown = (scene: CombScene, daysAgo: number, evening: number | null): Shown => ({
  seed: scene.seed,
  kind: scene.kind,
  truth: trueShare(scene),
  daysAgo,
  evening,
});

/** What each reader looked at, alone and at the evening. */
const drawAll = (): readonly (readonly Shown[])[] =>
  READERS.map(({ looks }, person) => [
    ...Array.from({ length: looks - EVENING_LOOKS }, (_, at) => {
      const kind = COMB_KINDS[(at + person) % COMB_KINDS.length] ?? 'plain';
      return shown(combLookOf(500 * (person + 1) + at, kind), 60 - at, null);
    }),
    ...Array.from({ length: EVENING_LOOKS }, (_, at) =>
      shown(eveningScene(EVENING, at), EVENING_DAYS_AGO, EVENING),
    ),
  ]);

/** Combs are the same in every season: they are drawn once. */
let drawn: ReturnType<typeof drawAll> | null = null;

/** What the people of the demo saw of drawn combs. */
export function demoPractice(todayMs: number): AnyRecord[] {
  const scribe = demoScribe('practice', todayMs, 1);
  drawn ??= drawAll();
  return drawn.flatMap((combs, person) => {
    const { reader, tooMuch, scatter } = READERS[person]!;
    const normal = normalDraws(seededRandom(100 + person));
    return combs.map(({ seed, kind, truth, daysAgo, evening }) => {
      const seen = Math.round(10 * (truth + tooMuch + scatter * normal()));
      return firstRevision(scribe, 'practice-look', {
        drill: 'capping',
        reader,
        seed,
        of: kind,
        answered: Math.min(10, Math.max(0, seen)) / 10,
        truth,
        at: `${dayBefore(todayMs, daysAgo)}T19:${String(10 + (seed % 49)).padStart(2, '0')}:00.000Z`,
        evening,
      });
    });
  });
}
