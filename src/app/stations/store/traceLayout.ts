import type { TraceEdge } from '../../../core';
import { TRACE_KINDS, type Trace, type TraceKind, type TraceNode } from '../../../model';

/** A node with its place in the drawing [px]. */
export interface PlacedNode {
  readonly node: TraceNode;
  readonly x: number;
  readonly y: number;
}

/** A trace laid out in columns, one a kind. */
export interface TraceLayout {
  readonly placed: readonly PlacedNode[];
  readonly edges: readonly { readonly from: PlacedNode; readonly to: PlacedNode }[];
  readonly columns: readonly { readonly kind: TraceKind; readonly x: number }[];
  readonly cardWidth: number;
  readonly width: number;
  readonly height: number;
  /** frames that stand together with their box, since there are too many to draw */
  readonly foldedFrames: number;
}

export const CARD = { height: 56, gapY: 10, head: 30 } as const;

/** Widths of cards and gaps: closer where many columns are to stand side by side on a desk. */
const WIDE = { card: 164, gap: 44 } as const;
const CLOSE = { card: 134, gap: 20 } as const;
const CLOSE_FROM = 7;

/** Most frames that are drawn one by one. */
const MOST_FRAMES = 14;

/** Edges with some nodes taken out, so that what they joined is joined directly. */
export function withoutNodes(edges: readonly TraceEdge[], gone: ReadonlySet<string>): TraceEdge[] {
  const joined = edges.filter((edge) => !gone.has(edge.from) && !gone.has(edge.to));
  const seen = new Set(joined.map((traceEdge) => `${traceEdge.from} ${traceEdge.to}`));
  for (const id of gone) {
    const before = edges.filter((edge) => edge.to === id && !gone.has(edge.from));
    const after = edges.filter((edge) => edge.from === id && !gone.has(edge.to));
    for (const { from } of before)
      for (const { to } of after) {
        if (seen.has(`${from} ${to}`)) continue;
        seen.add(`${from} ${to}`);
        joined.push({ from, to, massKg: null });
      }
  }
  return joined;
}

/** Nodes of a lineage in columns, in the order in which honey passes. */
export function traceLayout(trace: Trace, shown: ReadonlySet<string>): TraceLayout {
  const frames = [...shown].filter((id) => trace.nodes.get(id)?.kind === 'frame');
  const folded = new Set(frames.length > MOST_FRAMES ? frames : []);
  const nodes = [...trace.nodes.values()].filter(
    (node) => shown.has(node.id) && !folded.has(node.id),
  );
  const own = trace.edges.filter((edge) => shown.has(edge.from) && shown.has(edge.to));
  const edges = withoutNodes(own, folded);
  const kinds = TRACE_KINDS.filter((kind) => nodes.some((node) => node.kind === kind));
  const { card, gap } = kinds.length >= CLOSE_FROM ? CLOSE : WIDE;
  const columns = kinds.map((kind, at) => ({ kind, x: at * (card + gap) }));
  const placed = columns.flatMap(({ kind, x }) =>
    nodes
      .filter((node) => node.kind === kind)
      .map((node, row) => ({ node, x, y: CARD.head + row * (CARD.height + CARD.gapY) })),
  );
  const byId = new Map(placed.map((item) => [item.node.id, item]));
  return {
    placed,
    columns,
    edges: edges.flatMap(({ from, to }) => {
      const [a, b] = [byId.get(from), byId.get(to)];
      return a && b ? [{ from: a, to: b }] : [];
    }),
    cardWidth: card,
    width: columns.length * (card + gap) - gap,
    height: Math.max(0, ...placed.map((item) => item.y + CARD.height)) + 8,
    foldedFrames: folded.size,
  };
}
