import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { creamingCourse, seedKg } from './creaming';
import { fillCheck, mayMissG } from './fillCheck';
import { allotJars, type FreeJars, type WantedJars } from './occasions';
import { triangleTest } from './triangleTest';
import { SOUR_SIGNS, WHITE_FEELS, WHITE_PLACES, whiteStuff } from './whiteStuff';

describe('what may be missing from one jar', () => {
  // rows of annex I of the directive, recalled from memory
  test.each([
    [30, 2.7],
    [50, 4.5],
    [75, 4.5],
    [125, 5.625],
    [250, 9],
    [400, 12],
    [500, 15],
    [900, 15],
    [1000, 15],
    [2500, 37.5],
    [12_000, 150],
  ])('%d g: %d g', (jarG, grams) => {
    expect(mayMissG(jarG)).toBeCloseTo(grams, 9);
  });
});

describe('whether jars are full', () => {
  test('a run that is surely no less than its label', () => {
    const found = fillCheck([503, 504, 502, 505, 503], 500);
    expect(found).toMatchObject({ verdict: 'full', short: [], addG: 0 });
    // mean 503.4, s 1.140, t(4; 0.975) 2.776: ± 1.415
    expect(found.meanLowG).toBeCloseTo(501.98, 1);
    expect(found.meanHighG).toBeCloseTo(504.82, 1);
  });

  test('one jar alone settles nothing unless it lacks too much', () => {
    expect(fillCheck([501], 500)).toMatchObject({ verdict: 'not-settled', meanLowG: null });
    expect(fillCheck([484], 500)).toMatchObject({
      verdict: 'short-jars',
      short: [0],
      farShort: [],
    });
    expect(fillCheck([499], 500)).toMatchObject({ verdict: 'short-on-average', addG: 1 });
  });

  test('a jar that lacks twice what it may is named by its place', () => {
    expect(fillCheck([505, 469, 506, 484.9], 500)).toMatchObject({
      verdict: 'short-jars',
      short: [1, 3],
      farShort: [1],
    });
  });

  test('exactly what a jar may lack is no fault', () => {
    expect(fillCheck([485, 520, 520], 500).short).toEqual([]);
  });

  test('once so much is added to each, the run is full', () => {
    const weights = fc.array(fc.double({ min: 480, max: 520, noNaN: true }), {
      minLength: 2,
      maxLength: 20,
    });
    fc.assert(
      fc.property(weights, (grams) => {
        const { addG } = fillCheck(grams, 500);
        expect(
          fillCheck(
            grams.map((each) => each + addG + 1e-6),
            500,
          ).verdict,
        ).toBe('full');
      }),
    );
  });

  test('no jar is no check', () => {
    expect(() => fillCheck([], 500)).toThrow(expect.objectContaining({ code: 'empty' }));
  });
});

const DAYS = ['2026-10-01', '2026-12-20', '2027-03-01', '2027-06-15'];

const anyStock = fc.array(
  fc.record({
    jarG: fc.constantFrom(250, 500),
    free: fc.integer({ min: 0, max: 12 }),
    bestBefore: fc.constantFrom(...DAYS),
  }),
  { maxLength: 4 },
);
const anyWanted = fc.array(
  fc.record({
    jarG: fc.constantFrom<number | null>(250, 500),
    count: fc.integer({ min: 0, max: 12 }),
    day: fc.constantFrom(...DAYS),
  }),
  { maxLength: 4 },
);
const named = <T extends object>(list: readonly T[]): (T & { id: string })[] =>
  list.map((each, at) => ({ ...each, id: String(at) }));

/** The most jars that any way of giving them out hands over, tried jar by jar. */
function mostHandedOver(stock: readonly FreeJars[], wanted: readonly WantedJars[]): number {
  const places = wanted.flatMap((each) => Array.from({ length: each.count }, () => each));
  const jars = stock.flatMap((each) => Array.from({ length: each.free }, () => each));
  const holder = new Map<number, number>();
  const seat = (place: number, tried: Set<number>): boolean =>
    jars.some((jar, at) => {
      const isRight = jar.bestBefore >= places[place]!.day && jar.jarG === places[place]!.jarG;
      if (!isRight || tried.has(at)) return false;
      tried.add(at);
      const before = holder.get(at);
      if (before !== undefined && !seat(before, tried)) return false;
      holder.set(at, place);
      return true;
    });
  return places.filter((_, place) => seat(place, new Set())).length;
}

describe('jars for occasions', () => {
  test('the oldest that still keeps on the day goes first', () => {
    const stock = [
      { id: 'new', jarG: 250, free: 20, bestBefore: '2028-01-01' },
      { id: 'old', jarG: 250, free: 5, bestBefore: '2027-01-01' },
      { id: 'past', jarG: 250, free: 9, bestBefore: '2026-09-01' },
    ];
    const [wedding] = allotJars(stock, [{ id: 'w', day: '2026-10-03', jarG: 250, count: 8 }]);
    expect(wedding).toEqual({
      id: 'w',
      short: 0,
      from: [
        { id: 'old', count: 5 },
        { id: 'new', count: 3 },
      ],
    });
  });

  test('no jar is promised twice, none after its day, and none that is there is withheld', () => {
    fc.assert(
      fc.property(anyStock, anyWanted, (someStock, someWanted) => {
        const [stock, wanted] = [named(someStock), named(someWanted)];
        const allotted = allotJars(stock, wanted);
        for (const { id, free } of stock) {
          const given = allotted
            .flatMap(({ from }) => from)
            .filter((each) => each.id === id)
            .reduce((sum, { count }) => sum + count, 0);
          expect(given).toBeLessThanOrEqual(free);
        }
        for (const { id, from, short } of allotted) {
          const want = wanted.find((each) => each.id === id)!;
          const got = from.reduce((sum, { count }) => sum + count, 0);
          expect(got + short).toBe(want.count);
          for (const run of from) {
            const jars = stock.find((each) => each.id === run.id)!;
            expect(jars.bestBefore >= want.day).toBe(true);
          }
        }
      }),
    );
  });

  test('by size, as many are handed over as any other way would', () => {
    fc.assert(
      fc.property(anyStock, anyWanted, (someStock, someWanted) => {
        const [stock, wanted] = [named(someStock), named(someWanted)];
        const given = allotJars(stock, wanted).reduce(
          (sum, { from }) => sum + from.reduce((all, { count }) => all + count, 0),
          0,
        );
        expect(given).toBe(mostHandedOver(stock, wanted));
      }),
      { numRuns: 60 },
    );
  });
});

describe('what the white stuff is', () => {
  test.each([
    ['top', 'froth', 'no', 'foam'],
    ['top', 'froth', 'not-tried', 'not-clear'],
    ['bottom', 'froth', 'no', 'not-clear'],
    ['glass', 'streaks', 'not-tried', 'bloom'],
    ['bottom', 'grains', 'no', 'beginning'],
    ['top', 'grains', 'not-tried', 'parted'],
    ['all-through', 'grains', 'no', 'set'],
  ] as const)('%s, %s, sour %s: %s', (place, feel, sour, cause) => {
    expect(whiteStuff(place, feel, sour)).toBe(cause);
  });

  test('signs of fermentation go before every look; froth is never called harmless unsmelt', () => {
    for (const place of WHITE_PLACES) {
      for (const feel of WHITE_FEELS) {
        expect(whiteStuff(place, feel, 'yes')).toBe('fermenting');
        for (const sour of SOUR_SIGNS) {
          if (feel === 'froth' && sour !== 'no') {
            expect(whiteStuff(place, feel, sour)).not.toBe('foam');
          }
        }
      }
    }
  });
});

describe('creaming', () => {
  const medium = { tendency: 'medium', seedShare: 0.1, temperatureC: 14 } as const;

  test('ten parts of seed set a medium honey within a week; more seed and the best warmth are faster', () => {
    expect(creamingCourse(medium).setDay).toBe(7);
    expect(creamingCourse({ ...medium, seedShare: 0.2 }).setDay).toBeLessThan(7);
    expect(creamingCourse({ ...medium, temperatureC: 22 }).setDay).toBeGreaterThan(7);
    expect(creamingCourse({ ...medium, tendency: 'slow', temperatureC: 4 }).setDay).toBeNull();
  });

  test('it only ever sets further', () => {
    const { setShare } = creamingCourse({ ...medium, seedShare: 0.05 });
    expect([...setShare].sort((a, b) => a - b)).toEqual(setShare);
    expect(setShare[0]).toBeCloseTo(0.05, 12);
  });

  test('the seed is a share of the whole', () => {
    expect(seedKg(18, 0.1)).toBeCloseTo(2, 12);
  });
});

describe('three glasses', () => {
  // least numbers of right answers at 5 %, ISO 4120, recalled from memory
  test.each([
    [6, 5],
    [8, 6],
    [12, 8],
    [18, 10],
    [24, 13],
    [30, 15],
  ])('%d people: %d right', (people, needed) => {
    expect(triangleTest(people, needed)).toMatchObject({ needed, toldApart: true });
    expect(triangleTest(people, needed - 1).toldApart).toBe(false);
  });

  test('two people never show it, whatever they say', () => {
    expect(triangleTest(2, 2)).toMatchObject({ needed: null, toldApart: false });
  });

  test('more right than people is refused', () => {
    expect(() => triangleTest(5, 6)).toThrow(expect.objectContaining({ code: 'out-of-range' }));
  });
});
