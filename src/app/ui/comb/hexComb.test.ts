import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { cellAt, cellCentre, combSize } from '../../../core';
import { PAINT_GRID, SKETCH_GRID, cappingOrder, cellPath } from './hexComb';

const cells = ({ columns, rows }: typeof PAINT_GRID) => columns * rows;

describe('a drawn comb', () => {
  test('every cell is found at its own middle', () => {
    for (const grid of [PAINT_GRID, SKETCH_GRID]) {
      for (let at = 0; at < cells(grid); at += 1) {
        const { x, y } = cellCentre(at, grid);
        expect(cellAt(x, y, grid)).toBe(at);
      }
    }
  });

  test('a touch anywhere, also beside the comb, finds the cell whose middle is nearest', () => {
    const { width, height } = combSize(PAINT_GRID);
    const middles = Array.from({ length: cells(PAINT_GRID) }, (_, at) =>
      cellCentre(at, PAINT_GRID),
    );
    fc.assert(
      fc.property(
        fc.double({ min: -1, max: width + 1, noNaN: true }),
        fc.double({ min: -0.5, max: height + 0.5, noNaN: true }),
        (x, y) => {
          const away = ({ x: a, y: b }: { x: number; y: number }) => Math.hypot(a - x, b - y);
          const nearest = Math.min(...middles.map(away));
          expect(away(middles[cellAt(x, y, PAINT_GRID)]!)).toBeCloseTo(nearest, 9);
        },
      ),
      // beside the upper corner the second row is nearer, since it stands further out
      { examples: [[width + 1, 0.1]] },
    );
  });

  test('neighbours lie one cell apart, and the comb fits its size', () => {
    const { width, height } = combSize(PAINT_GRID);
    const [first, right] = [cellCentre(0, PAINT_GRID), cellCentre(1, PAINT_GRID)];
    const below = cellCentre(PAINT_GRID.columns, PAINT_GRID);
    expect(right.x - first.x).toBeCloseTo(1, 12);
    expect(Math.hypot(below.x - first.x, below.y - first.y)).toBeCloseTo(1, 12);
    const last = cellCentre(cells(PAINT_GRID) - 1, PAINT_GRID);
    expect(last.x).toBeLessThan(width);
    expect(last.y).toBeLessThan(height);
  });

  test('bees cap every cell once, from the top middle outwards', () => {
    const order = cappingOrder(SKETCH_GRID);
    expect([...order].sort((a, b) => a - b)).toEqual(
      Array.from({ length: cells(SKETCH_GRID) }, (_, at) => at),
    );
    expect(cappingOrder(SKETCH_GRID)).toEqual(order);
    const { width } = combSize(SKETCH_GRID);
    const away = (at: number): number => {
      const { x, y } = cellCentre(at, SKETCH_GRID);
      return Math.hypot(x - width / 2, y * 1.5);
    };
    const mean = (some: readonly number[]) =>
      some.reduce((sum, value) => sum + away(value), 0) / some.length;
    const half = order.length / 2;
    expect(mean(order.slice(0, half))).toBeLessThan(mean(order.slice(half)));
  });

  test('an outline has six corners around its middle', () => {
    const corners = [...cellPath(3, SKETCH_GRID).matchAll(/(-?[\d.]+) (-?[\d.]+)/g)].map(
      ([, x, y]) => ({ x: Number(x), y: Number(y) }),
    );
    expect(corners).toHaveLength(6);
    const { x, y } = cellCentre(3, SKETCH_GRID);
    for (const corner of corners) {
      expect(Math.hypot(corner.x - x, corner.y - y)).toBeCloseTo(0.92 / Math.sqrt(3), 1);
    }
  });
});
