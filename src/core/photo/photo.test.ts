import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { combPicture } from '../practice/combPicture';
import { combScene } from '../practice/combScene';
import { secondPicture } from '../test/secondComb/camera';
import { secondCellAt, secondShare } from '../test/secondComb/layout';
import { chancesByLook, chancesFrom, learned, likeliest, softmax } from './cellClassifier';
import { CELL_MODEL } from './cellModel';
import { combCorners } from './frameCorners';
import { areFrameCorners, carried, ontoCorners, type Corners } from './homography';
import { latticeOf } from './lattice';
import { photoCapping, type SharePoint } from './photoShare';
import { FEATURE_COUNT, PHOTO_CLASSES } from './photoClasses';
import { blankRaster, boxSmoothed, greyOf } from './raster';
import { readSide } from './readSide';
import { straightened } from './straighten';

const corner = (x: number, y: number) => ({ x, y });
const SKEWED: Corners = [corner(80, 60), corner(700, 20), corner(760, 420), corner(30, 380)];

describe('a frame that was photographed aslant', () => {
  test('the four corners go where they should, and lines stay lines', () => {
    const onto = ontoCorners(400, 200, SKEWED);
    const ends = [
      [0, 0],
      [400, 0],
      [400, 200],
      [0, 200],
    ] as const;
    ends.forEach(([x, y], at) => {
      expect(carried(onto, x, y).x).toBeCloseTo(SKEWED[at]!.x, 6);
      expect(carried(onto, x, y).y).toBeCloseTo(SKEWED[at]!.y, 6);
    });
    const [a, b, c] = [50, 150, 350].map((x) => carried(onto, x, 77));
    const turn = (b!.x - a!.x) * (c!.y - a!.y) - (b!.y - a!.y) * (c!.x - a!.x);
    expect(Math.abs(turn)).toBeLessThan(1e-6);
  });

  test('corners that cross or fold are refused', () => {
    const crossed: Corners = [SKEWED[1], SKEWED[0], SKEWED[2], SKEWED[3]];
    expect(areFrameCorners(SKEWED)).toBe(true);
    expect(areFrameCorners(crossed)).toBe(false);
    expect(() => ontoCorners(10, 10, crossed)).toThrow('corners');
  });

  test('what was drawn straight, photographed aslant and straightened lies where it was', () => {
    const scene = combScene({
      seed: 4,
      kind: 'plain',
      share: 0.5,
      grid: { columns: 40, rows: 24 },
    });
    const flat = combPicture(scene, 12);
    const whole: Corners = [
      corner(0, 0),
      corner(flat.width, 0),
      corner(flat.width, flat.height),
      corner(0, flat.height),
    ];
    const again = straightened(flat, whole, flat.width);
    const off = greyOf(again).data.map((value, at) => Math.abs(value - greyOfOnce(flat)[at]!));
    expect(off.reduce((sum, value) => sum + value, 0) / off.length).toBeLessThan(6);
  });
});

let kept: Float32Array | null = null;
function greyOfOnce(flat: ReturnType<typeof combPicture>): Float32Array {
  kept ??= greyOf(flat).data;
  return kept;
}

describe('where cells lie', () => {
  test.each([9, 15, 20])('cells of %i pixels are found as such', (pixels) => {
    const scene = combScene({
      seed: 11,
      kind: 'patchy',
      share: 0.5,
      grid: { columns: 48, rows: 34 },
    });
    const lattice = latticeOf(greyOf(combPicture(scene, pixels)));
    expect(Math.abs(lattice!.pitchPx - pixels)).toBeLessThan(0.04 * pixels);
  });

  test('a meadow and a blank page are no comb', () => {
    const data = Float32Array.from({ length: 400 * 300 }, (_, at) => 90 + 40 * Math.sin(at / 90));
    expect(latticeOf({ width: 400, height: 300, data })).toBeNull();
    expect(latticeOf(greyOf(blankRaster(400, 300)))).toBeNull();
  });

  test('smoothing keeps the mean', () => {
    const grey = greyOf(combPicture(combScene({ seed: 1, kind: 'plain', share: 0.3 }), 5));
    const mean = (values: Float32Array): number =>
      values.reduce((sum, value) => sum + value, 0) / values.length;
    expect(mean(boxSmoothed(grey, 3).data)).toBeCloseTo(mean(grey.data), -1);
  });
});

describe('pictures of the second drawer, never learned from', () => {
  const places = Array.from({ length: 24 }, (_, at) => ({
    x: ((at % 6) + 0.5) / 6,
    y: (Math.floor(at / 6) + 0.5) / 4,
  }));
  const grid = { places, columns: 6, rows: 4 };
  let doubtOfClean = 0;

  test('clean ones: corners found, most points right, the share inside what is stated', () => {
    let [right, all, held] = [0, 0, 0];
    const seeds = [7003, 7008];
    for (const seed of seeds) {
      const { picture, corners, layout } = secondPicture(seed, 'clean');
      const found = combCorners(greyOf(picture));
      found!.forEach(({ x, y }, at) =>
        expect(Math.hypot(x - corners[at]!.x, y - corners[at]!.y)).toBeLessThan(20),
      );
      const flat = straightened(picture, corners, 1000);
      const read = readSide(flat, grid, CELL_MODEL)!;
      for (const { at, chances } of read.points) {
        const truth = secondCellAt(
          layout,
          (at.x / flat.width) * layout.width,
          (at.y / flat.height) * layout.height,
        );
        all += 1;
        if (likeliest(chances) === layout.cells[truth]) right += 1;
      }
      const points: SharePoint[] = read.points.map(({ chances }, at) => ({
        cell: chances,
        tile: read.tiles[at]!,
        set: null,
      }));
      const capping = photoCapping(points, read.doubt)!;
      doubtOfClean = read.doubt;
      const truth = secondShare(layout);
      if (truth >= capping.low && truth <= capping.high) held += 1;
      expect(Math.abs(capping.share - truth)).toBeLessThan(0.08);
    }
    expect(right / all).toBeGreaterThan(0.85);
    expect(held).toBe(seeds.length);
  });

  test('a very hard one is doubted more than a clean one', () => {
    const { picture, corners } = secondPicture(7004, 'very-hard');
    const read = readSide(straightened(picture, corners, 1000), grid, CELL_MODEL);
    expect(read?.doubt ?? 1).toBeGreaterThan(doubtOfClean + 0.1);
  });
});

const chance = fc.double({ min: 0, max: 1, noNaN: true });
const halves = fc
  .tuple(chance, chance)
  .map(([capped, part]) => ({ capped, open: (1 - capped) * part }));

describe('a share from points', () => {
  test('every point set is what was set, whatever the picture said', () => {
    const say = fc.array(fc.tuple(halves, fc.boolean()), { minLength: 12, maxLength: 48 });
    fc.assert(
      fc.property(say, chance, (points, doubt) => {
        const all = points.map(([tile, capped]) => ({
          cell: tile,
          tile,
          set: { capped, open: !capped },
        }));
        const found = photoCapping(all, doubt)!;
        const truth = points.filter(([, capped]) => capped).length / points.length;
        expect(found.share).toBeCloseTo(truth, 9);
      }),
    );
  });

  test('the more a picture is doubted, the wider; setting points narrows it; it stays a share', () => {
    const tile = { capped: 0.5, open: 0.4 };
    const points = (set: number): SharePoint[] =>
      Array.from({ length: 48 }, (_, at) => ({
        cell: tile,
        tile,
        set: at < set ? { capped: at % 2 === 0, open: at % 2 === 1 } : null,
      }));
    const width = (set: number, doubt: number): number => {
      const { low, high } = photoCapping(points(set), doubt)!;
      expect(low).toBeGreaterThanOrEqual(0);
      expect(high).toBeLessThanOrEqual(1);
      return high - low;
    };
    expect(width(0, 0.4)).toBeGreaterThan(width(0, 0.1));
    expect(width(40, 0.5)).toBeLessThan(width(0, 0.5));
    expect(width(48, 1)).toBeCloseTo(width(48, 0), 9);
    expect(
      photoCapping([{ cell: { capped: 0, open: 0 }, tile: { capped: 0, open: 0 }, set: null }], 0),
    ).toBeNull();
  });
});

describe('the classifier', () => {
  const figures = (value: number): number[] =>
    CELL_MODEL.means.map((mean, at) => mean + value * CELL_MODEL.spreads[at]!);

  test('chances are of one cell: together one, also far from what was learned', () => {
    fc.assert(
      fc.property(fc.double({ min: -1e6, max: 1e6, noNaN: true }), (value) => {
        const chances = chancesFrom(chancesByLook(figures(value), CELL_MODEL));
        const sum = PHOTO_CLASSES.reduce((total, name) => total + chances[name], 0);
        expect(sum).toBeCloseTo(1, 9);
      }),
    );
    expect(softmax([1000, 1000])).toEqual([0.5, 0.5]);
  });

  test('what the keeper sets right is remembered, and the rest stays as it was', () => {
    const odd = figures(0.8);
    const before = likeliest(chancesFrom(chancesByLook(odd, CELL_MODEL)));
    const is = before === 'pollen' ? 'brood' : 'pollen';
    const lessons = Array.from({ length: 30 }, () => ({ figures: odd, is }) as const);
    const after = learned(CELL_MODEL, lessons, { hold: 12, rounds: 60 });
    expect(likeliest(chancesFrom(chancesByLook(odd, after)))).toBe(is);
    expect(learned(CELL_MODEL, [], { hold: 12, rounds: 60 })).toBe(CELL_MODEL);
    expect(CELL_MODEL.weights.every((own) => own.length === 2 * FEATURE_COUNT + 1)).toBe(true);
  });
});
