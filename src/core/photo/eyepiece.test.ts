import { describe, expect, test } from '@jest/globals';
import { drawnEyepiece, type DrawnEyepiece } from '../test/drawnEyepiece';
import { seededRandom } from '../stats/seededRandom';
import { eyepieceEdge } from './eyepieceEdge';
import { isCoarserThanEye, valueAtEdge } from './eyepieceValue';

const CLEAR: DrawnEyepiece = {
  seed: 1,
  at: 2.3,
  division: 10,
  turn: 0,
  blur: 1.2,
  vignette: 0.3,
  fringe: 0.5,
  noise: 3,
  contrast: 150,
};

function read(of: DrawnEyepiece): { off: number; standard: number } | null {
  const { grey, divisions } = drawnEyepiece(of);
  const edge = eyepieceEdge(grey);
  const [a, b] = divisions;
  const value =
    edge &&
    valueAtEdge(edge, [
      { ...a!, standardPx: 1.5 },
      { ...b!, standardPx: 1.5 },
    ]);
  return value && { off: value.value - of.at, standard: value.standardUncertainty };
}

describe('the line of an eyepiece in a photograph', () => {
  test('is read to a quarter of a division on clear pictures: turned, dark at the rim, with colours apart', () => {
    const draw = seededRandom(77);
    let within = 0;
    for (let seed = 0; seed < 16; seed += 1) {
      const of: DrawnEyepiece = {
        ...CLEAR,
        seed,
        at: 14 * (draw() - 0.5),
        turn: 0.4 * (draw() - 0.5),
        blur: 0.8 + 2.2 * draw(),
        vignette: 0.6 * draw(),
        fringe: 1.5 * draw(),
        noise: 6 * draw(),
        contrast: 90 + 90 * draw(),
      };
      const found = read(of);
      expect(found).not.toBeNull();
      expect(Math.abs(found!.off)).toBeLessThan(0.25);
      if (Math.abs(found!.off) < 1.96 * found!.standard) within += 1;
    }
    expect(within).toBeGreaterThanOrEqual(14);
  });

  test('blur and noise widen what it may be off by', () => {
    const sharp = eyepieceEdge(drawnEyepiece(CLEAR).grey)!;
    const soft = eyepieceEdge(drawnEyepiece({ ...CLEAR, blur: 9, noise: 10 }).grey)!;
    expect(soft.standardPx).toBeGreaterThan(1.5 * sharp.standardPx);
    expect(soft.blurPx).toBeGreaterThan(3 * sharp.blurPx);
  });

  test.each([
    ['nothing on the prism', { contrast: 0 }],
    ['hardly any contrast in the noise', { contrast: 6, noise: 25 }],
    ['so blurred that there is no line', { blur: 90 }],
  ])('cannot be read: %s', (_, change) => {
    expect(eyepieceEdge(drawnEyepiece({ ...CLEAR, ...change }).grey)).toBeNull();
  });

  test('noise alone is no line', () => {
    const draw = seededRandom(5);
    const data = Float32Array.from({ length: 200 * 200 }, () => 255 * draw());
    expect(eyepieceEdge({ width: 200, height: 200, data })).toBeNull();
  });

  test('two divisions that are one, or lie along the line, give no value', () => {
    const edge = { y: 100, x: 100, slope: 0, blurPx: 1, standardPx: 0.3 };
    const at = (x: number, y: number, value: number, standardPx = 1.5) => ({
      x,
      y,
      value,
      standardPx,
    });
    expect(valueAtEdge(edge, [at(50, 50, 17), at(50, 52, 18)])).toBeNull();
    expect(valueAtEdge(edge, [at(20, 90, 17), at(180, 92, 18)])).toBeNull();
    expect(valueAtEdge(edge, [at(50, 50, 17), at(50, 150, 17)])).toBeNull();
    const coarse = valueAtEdge(edge, [at(50, 50, 20, 8), at(50, 150, 18, 8)])!;
    const fine = valueAtEdge(edge, [at(50, 50, 20), at(50, 150, 18)])!;
    expect(fine.value).toBeCloseTo(19, 9);
    // pointed at on a small screen, a large picture is pointed at coarsely
    expect(coarse.standardUncertainty).toBeGreaterThan(4 * fine.standardUncertainty);
    // the same place on the scale, by eye to half a unit: ± 0.14 as a rectangle
    expect(isCoarserThanEye(fine, 0.5)).toBe(false);
    expect(isCoarserThanEye({ value: 19, standardUncertainty: 0.15 }, 0.5)).toBe(true);
    expect(isCoarserThanEye({ value: 19, standardUncertainty: 0.14 }, 0.5)).toBe(false);
  });
});
