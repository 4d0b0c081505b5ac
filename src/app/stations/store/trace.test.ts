import { describe, expect, test } from '@jest/globals';
import { demoLedger } from '../../../../demo/demoLedger';
import { demoSeason } from '../../../../demo/season';
import { nodeBalance } from '../../../core';
import { jarsNode, lotNode, traceOf } from '../../../model';
import { recallContent } from './recallContent';
import { recallOf } from './recall';
import { CARD, traceLayout, withoutNodes } from './traceLayout';

const NOW_MS = Date.parse('2026-11-24T12:00:00.000Z');
const ledger = demoLedger(demoSeason('2026-11-24', NOW_MS), NOW_MS);
const { related } = ledger;
const packing = ledger.files.find((file) => file.lot.entityId === 'demo-3-1')!.packings[0]!;

/** Points along a path of moves, curves and level lines, close enough to find what it runs through. */
function pointsAlong(path: string): [number, number][] {
  const points: [number, number][] = [];
  let [x, y] = [0, 0];
  for (const [, kind, rest = ''] of path.matchAll(/([MCH])([^MCH]*)/g)) {
    const n = rest.trim().split(/[ ,]+/).map(Number);
    const [x0, y0] = [x, y];
    if (kind === 'M') [x, y] = [n[0]!, n[1]!];
    else if (kind === 'H') x = n[0]!;
    else [x, y] = [n[4]!, n[5]!];
    for (let at = 0; at <= 20 && kind !== 'M'; at += 1) {
      const t = at / 20;
      const s = 1 - t;
      const cubic = (a: number, b: number, c: number, d: number): number =>
        s ** 3 * a + 3 * s * s * t * b + 3 * s * t * t * c + t ** 3 * d;
      points.push(
        kind === 'H'
          ? [s * x0 + t * x, y]
          : [cubic(x0, n[0]!, n[2]!, x), cubic(y0, n[1]!, n[3]!, y)],
      );
    }
  }
  return points;
}

describe('the trace on paper and screen', () => {
  const { book, rooms, house, blends, poured } = related;
  const trace = traceOf({ files: ledger.files, book, rooms, house, blends, poured });

  test('honey of a hive that came in several frames goes one way, with all its weight', () => {
    const ways = trace.edges.map(({ from, to }) => `${from} ${to}`);
    expect(new Set(ways).size).toBe(ways.length);
    const box = [...trace.nodes.values()].find(({ kind }) => kind === 'box')!;
    const { inKg, outKg } = nodeBalance(trace.edges, box.id);
    expect(inKg).toBeGreaterThan(0);
    expect(inKg).toBeCloseTo(outKg, 9);
  });

  test('a recall of a lot finds its jars, who has them, and its containers', () => {
    const recall = recallOf(trace, ledger.files, lotNode('demo-1-1'));
    expect(recall).toMatchObject({ given: 12, inHouse: 14 });
    expect(
      recall.jars[0]!.receivers.map((receiver) => [receiver.to, receiver.count, receiver.numbers]),
    ).toEqual([
      ['ferry landing stall', 6, '1 to 6'],
      ['island shop', 4, '7 to 10'],
      ['lighthouse crew', 2, '15 to 16'],
    ]);
    expect(recall.containers).toHaveLength(4);
    expect(recallOf(trace, ledger.files, lotNode('demo-9-1'))).toMatchObject({
      given: 0,
      inHouse: 0,
      jars: [],
    });
  });

  test('a recall sheet names whom to tell, what to call back, and what the honey passed through', () => {
    const start = trace.nodes.get(lotNode('demo-1-1'))!;
    const recall = recallOf(trace, ledger.files, start.id);
    const { head, parts } = recallContent(trace, start, recall);
    expect(head.decision).toBe('12 jars sold or given away');
    const blocks = new Map(parts.map((part) => [part.title, part.blocks[0]!]));
    const list = blocks.get('Whom to tell');
    expect(list?.as === 'list' && list.items).toEqual([
      'ferry landing stall: 6 jars',
      'island shop: 4 jars',
      'lighthouse crew: 2 jars',
    ]);
    const jars = blocks.get('Jars to call back');
    const counts = jars?.as === 'table' ? jars.rows.map((row) => Number(row[2])) : [];
    expect(counts.reduce((sum, count) => sum + count, 0)).toBe(recall.given + recall.inHouse);
    for (const block of blocks.values()) {
      if (block.as !== 'table') continue;
      expect(block.shares.reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 9);
      expect(block.rows.every((row) => row.length === block.head.length)).toBe(true);
      expect(block.shares).toHaveLength(block.head.length);
    }
    const nothing = trace.nodes.get(lotNode('demo-9-1'))!;
    const none = recallContent(trace, nothing, recallOf(trace, ledger.files, nothing.id));
    expect(none.head.decision).toBe('0 jars sold or given away');
    expect(none.parts.map((part) => part.title)).not.toContain('Whom to tell');
  });

  test('columns stand in the order in which honey passes, and no card covers another', () => {
    const all = new Set(trace.nodes.keys());
    const { placed, columns, cardWidth, width } = traceLayout(trace, all, 1216);
    expect(columns.map((column) => column.x)).toEqual(
      [...columns.map((column) => column.x)].sort((a, b) => a - b),
    );
    const spots = placed.map((placedNode) => `${placedNode.x} ${placedNode.y}`);
    expect(new Set(spots).size).toBe(spots.length);
    expect(CARD.gapY).toBeGreaterThan(0);
    expect(Math.max(...placed.map((placedNode) => placedNode.x)) + cardWidth).toBe(width);
  });

  test('from hive to buyer it fits a desk of 1,216 px', () => {
    const shown = new Set(
      [...trace.nodes.values()]
        .filter((node) => node.kind !== 'batch' && node.kind !== 'blend')
        .map((node) => node.id),
    );
    expect(traceLayout(trace, shown, 1216).columns).toHaveLength(8);
    expect(traceLayout(trace, shown, 1216).width).toBeLessThanOrEqual(1216);
  });

  test.each([400, 1216, 2400])('no line runs through a card, in %d px', (room) => {
    const { placed, edges, cardWidth } = traceLayout(trace, new Set(trace.nodes.keys()), room);
    expect(edges.length).toBeGreaterThan(20);
    for (const { path } of edges)
      for (const [x, y] of pointsAlong(path)) {
        const hit = placed.find(
          (card) =>
            x > card.x + 1 &&
            x < card.x + cardWidth - 1 &&
            y > card.y + 1 &&
            y < card.y + CARD.height - 1,
        );
        expect(hit?.node.id).toBeUndefined();
      }
  });

  test('too many frames are joined with their boxes', () => {
    const edge = (from: string, to: string) => ({ from, to, massKg: 1 });
    const edges = [edge('box', 'f1'), edge('box', 'f2'), edge('f1', 'lot'), edge('f2', 'lot')];
    expect(withoutNodes(edges, new Set(['f1', 'f2']))).toEqual([
      { from: 'box', to: 'lot', massKg: null },
    ]);
    expect(withoutNodes(edges, new Set())).toEqual(edges);
  });

  test('jars of the beans lead back to eight frames', () => {
    const start = jarsNode(packing.entityId);
    expect(trace.nodes.get(start)?.name).toBe(packing.content.code);
  });
});
