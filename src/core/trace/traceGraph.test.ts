import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { lineage, nodeBalance, reached, type TraceEdge } from './traceGraph';

const edge = (from: string, to: string, massKg: number | null = 1): TraceEdge => ({
  from,
  to,
  massKg,
});

const graphs = fc
  .array(fc.tuple(fc.integer({ min: 0, max: 9 }), fc.integer({ min: 0, max: 9 })), {
    maxLength: 30,
  })
  .map((pairs) => pairs.map(([from, to]) => edge(`n${from}`, `n${to}`)));

/** Warshall's closure of the adjacency matrix: another way to the same answer. */
function closure(edges: readonly TraceEdge[]): boolean[][] {
  const reach = Array.from({ length: 10 }, (_, a) =>
    Array.from({ length: 10 }, (__, b) => a === b),
  );
  edges.forEach(({ from, to }) => (reach[Number(from[1])]![Number(to[1])] = true));
  for (let k = 0; k < 10; k += 1)
    for (let a = 0; a < 10; a += 1)
      for (let b = 0; b < 10; b += 1)
        reach[a]![b] = reach[a]![b]! || (reach[a]![k]! && reach[k]![b]!);
  return reach;
}

describe('what came from what', () => {
  test('agrees with Warshall’s closure, both ways', () => {
    fc.assert(
      fc.property(graphs, fc.integer({ min: 0, max: 9 }), (edges, start) => {
        const reach = closure(edges);
        const down = reached(edges, [`n${start}`], 'down');
        const up = reached(edges, [`n${start}`], 'up');
        for (let other = 0; other < 10; other += 1) {
          expect(down.has(`n${other}`)).toBe(reach[start]![other]);
          expect(up.has(`n${other}`)).toBe(reach[other]![start]);
        }
      }),
    );
  });

  test('a jar has its parents and its buyers, not its sisters', () => {
    const edges = [
      edge('hive', 'pail'),
      edge('pail', 'jar 1'),
      edge('pail', 'jar 2'),
      edge('jar 1', 'buyer'),
    ];
    expect(lineage(edges, 'jar 1')).toEqual(new Set(['jar 1', 'pail', 'hive', 'buyer']));
  });

  test('mass in and out, and what nobody weighed', () => {
    const edges = [edge('a', 'b', 5), edge('c', 'b', null), edge('b', 'd', 3)];
    expect(nodeBalance(edges, 'b')).toEqual({ inKg: 5, outKg: 3, unknown: 1 });
  });
});
