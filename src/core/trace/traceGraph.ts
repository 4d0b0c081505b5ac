import { requireFinite } from '../errors';
import { groupBy } from '../lists/groupBy';

/** A thing that honey passed through, and where it went from there. */
export interface TraceEdge {
  readonly from: string;
  readonly to: string;
  /** honey that went this way [kg]; null where nobody knows */
  readonly massKg: number | null;
}

export type TraceDirection = 'up' | 'down';

/**
 * All nodes that can be reached from some, themselves included.
 *
 * @param edges - in any order; rings are walked once
 * @param starts - nodes to start from
 * @param direction - 'down' the way of the honey, 'up' against it
 * @source breadth-first search
 */
export function reached(
  edges: readonly TraceEdge[],
  starts: readonly string[],
  direction: TraceDirection,
): Set<string> {
  const [here, there] =
    direction === 'down' ? (['from', 'to'] as const) : (['to', 'from'] as const);
  const next = groupBy(edges, (traceEdge) => traceEdge[here]);
  const seen = new Set(starts);
  const queue = [...starts];
  for (let at = 0; at < queue.length; at += 1) {
    for (const edge of next.get(queue[at]!) ?? []) {
      if (seen.has(edge[there])) continue;
      seen.add(edge[there]);
      queue.push(edge[there]);
    }
  }
  return seen;
}

/** Both ways from a node: all that it came from, and all that it went to. */
export function lineage(edges: readonly TraceEdge[], start: string): Set<string> {
  return new Set([...reached(edges, [start], 'up'), ...reached(edges, [start], 'down')]);
}

/** Honey into and out of a node. */
export interface NodeBalance {
  readonly inKg: number;
  readonly outKg: number;
  /** edges whose mass nobody knows */
  readonly unknown: number;
}

/** Honey into and out of a node by its edges. */
export function nodeBalance(edges: readonly TraceEdge[], node: string): NodeBalance {
  requireFinite({ edges, node }, 'nodeBalance');
  const own = edges.filter((edge) => edge.from === node || edge.to === node);
  const sum = (side: 'from' | 'to'): number =>
    own
      .filter((traceEdge) => traceEdge[side] === node)
      .reduce((all, traceEdge) => all + (traceEdge.massKg ?? 0), 0);
  return {
    inKg: sum('to'),
    outKg: sum('from'),
    unknown: own.filter((traceEdge) => traceEdge.massKg === null).length,
  };
}
