import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { nearestCell } from '../comb/hexLattice';
import { greyOf } from '../photo/raster';
import {
  combLookOf,
  courseOfPractice,
  nextCombKind,
  skillByKind,
  type CombLook,
} from './combLooks';
import { combPicture } from './combPicture';
import { combScene, DRAWN_GRID, trueShare } from './combScene';
import { COMB_KINDS } from './drills';
import { EVENING_LOOKS, eveningResults, eveningScene } from './evening';
import { JUDGEMENT_CASES, judgementCase } from './judgementCases';
import { scaleLookOf, scaleSkill } from './scaleLooks';

const seed = fc.integer({ min: 0, max: 1e9 });
const kind = fc.constantFrom(...COMB_KINDS);

describe('a drawn comb', () => {
  test('has the share that was asked for, to the cell, and is the same for the same seed', () => {
    fc.assert(
      fc.property(seed, kind, fc.double({ min: 0, max: 1, noNaN: true }), (at, of, share) => {
        const scene = combScene({ seed: at, kind: of, share });
        const honey = scene.cells.filter((cell) => cell === 'capped' || cell === 'open').length;
        expect(Math.abs(trueShare(scene) - share)).toBeLessThanOrEqual(0.5 / honey + 1e-9);
        expect(combScene({ seed: at, kind: of, share }).cells).toEqual(scene.cells);
        expect(honey).toBeGreaterThan(scene.cells.length / 4);
      }),
      { numRuns: 60 },
    );
  });

  test('brood, gaps and bees stand where their kind says so', () => {
    const of = (name: (typeof COMB_KINDS)[number]) =>
      combScene({ seed: 5, kind: name, share: 0.5 });
    expect(of('brood').cells.filter((cell) => cell === 'brood').length).toBeGreaterThan(50);
    expect(of('plain').cells).not.toContain('brood');
    expect(of('bees').bees.length).toBeGreaterThan(5);
    expect(of('glare').glare).not.toBeNull();
    expect(of('dark').darkness).toBeGreaterThan(of('plain').darkness);
  });

  test('a picture shows each cell where it is: new caps are brighter than the open honey', () => {
    const scene = combScene({ seed: 3, kind: 'plain', share: 0.5 });
    const grey = greyOf(combPicture(scene, 8));
    const mean = (state: string): number => {
      const seen: number[] = [];
      grey.data.forEach((value, at) => {
        const [x, y] = [(at % grey.width) / 8, Math.floor(at / grey.width) / 8];
        if (scene.cells[nearestCell(x, y, DRAWN_GRID)] === state) seen.push(value);
      });
      return seen.reduce((sum, value) => sum + value, 0) / seen.length;
    };
    expect(mean('capped')).toBeGreaterThan(mean('open') + 40);
  });
});

const look = (of: (typeof COMB_KINDS)[number], off: number): CombLook => ({
  kind: of,
  answered: 0.5 + off,
  truth: 0.5,
});

describe('which comb comes next', () => {
  test('each kind comes before one comes again', () => {
    const looks: CombLook[] = [];
    for (let at = 0; at < COMB_KINDS.length; at += 1)
      looks.push(look(nextCombKind(looks, at), 0.05));
    expect(new Set(looks.map((each) => each.kind)).size).toBe(COMB_KINDS.length);
  });

  test('what is missed comes more often than what is hit', () => {
    const looks: CombLook[] = [];
    for (let at = 0; at < 80; at += 1) {
      const next = nextCombKind(looks, at);
      looks.push(look(next, next === 'patchy' ? 0.3 : 0.02));
    }
    const times = (of: (typeof COMB_KINDS)[number]): number =>
      looks.filter((each) => each.kind === of).length;
    expect(times('patchy')).toBeGreaterThan(2 * times('plain'));
    expect(times('plain')).toBeGreaterThan(1);
  });

  test('shares are asked from none to all, and both sides of a frame are alike', () => {
    const shares = Array.from({ length: 400 }, (_, at) => trueShare(combLookOf(at, 'plain')));
    const within = (low: number, high: number): number =>
      shares.filter((share) => share >= low && share <= high).length / shares.length;
    for (let tenth = 0; tenth < 10; tenth += 1)
      expect(within(tenth / 10, (tenth + 1) / 10)).toBeGreaterThan(0.05);
    const apart = shares.map((share, at) => Math.abs(share - (shares[at ^ 1] ?? 0)));
    expect(Math.max(...apart)).toBeLessThan(0.25);
  });
});

test('how an eye does shows by kind and by course', () => {
  const looks = [look('dark', 0.2), look('dark', 0.1), look('plain', 0)];
  expect(skillByKind(looks).map(({ kind: of, looks: many }) => [of, many])).toEqual([
    ['plain', 1],
    ['dark', 2],
  ]);
  expect(skillByKind(looks)[1]?.bias).toBeCloseTo(0.15, 12);
  expect(skillByKind(looks)[1]?.off).toBeCloseTo(Math.sqrt(0.025), 12);
  const course = courseOfPractice(
    Array.from({ length: 25 }, (_, at) => look('plain', at < 10 ? 0.2 : 0.1)),
  );
  expect(course.map((off) => off.toFixed(6))).toEqual(['0.200000', '0.100000']);
});

test('an evening: the same sides for everybody, the nearest first, those who stopped last', () => {
  expect(eveningScene(47, 3).cells).toEqual(eveningScene(47, 3).cells);
  const truths = Array.from({ length: EVENING_LOOKS }, (_, at) => trueShare(eveningScene(47, at)));
  const results = eveningResults(47, [
    { name: 'far', answers: truths.map((truth) => Math.min(1, truth + 0.2)) },
    { name: 'near', answers: truths },
    { name: 'left', answers: truths.slice(0, 4) },
    { name: 'nobody', answers: [] },
  ]);
  expect(results.map(({ name }) => name)).toEqual(['near', 'far', 'left']);
  expect(results[0]?.off).toBe(0);
});

test('scales are readable, and a reader’s error is in divisions', () => {
  fc.assert(
    fc.property(seed, (at) => {
      const { view, eyepiece } = scaleLookOf(at);
      expect(Number.isFinite(view.borderDial)).toBe(true);
      expect(eyepiece.temperatureC).toBeGreaterThan(10);
    }),
  );
  const skill = scaleSkill([
    { answered: 18.5, truth: 18, division: 0.5 },
    { answered: 1.491, truth: 1.49, division: 0.001 },
  ]);
  expect(skill?.bias).toBeCloseTo(1, 6);
  expect(scaleSkill([])).toBeNull();
});

describe('small cases', () => {
  const cases = Array.from({ length: 400 }, (_, at) => judgementCase(at));

  test('each has its right answer among its choices, and comes both ways where it can', () => {
    for (const each of cases) expect(each.choices).toContain(each.right);
    for (const id of JUDGEMENT_CASES) {
      const right = new Set(cases.filter((each) => each.id === id).map((each) => each.right));
      const fixed = ['foam', 'set-honey', 'fed-sugar'].includes(id);
      expect([id, right.size]).toEqual([id, fixed ? 1 : 2]);
    }
  });

  test('without compensation warm honey looks wetter than it is, cold honey drier', () => {
    for (const { facts } of cases.filter((each) => each.id === 'warm-reading'))
      expect(Math.sign(facts.water! - facts.dialValue!)).toBe(Math.sign(20 - facts.temperatureC!));
  });

  test('a mixture is weighed by its parts', () => {
    for (const { facts } of cases.filter((each) => each.id === 'mix')) {
      const { wetKg, wet, dryKg, dry, water } = facts;
      expect(water).toBeCloseTo((wetKg! * wet! + dryKg! * dry!) / (wetKg! + dryKg!), 0);
    }
  });
});
