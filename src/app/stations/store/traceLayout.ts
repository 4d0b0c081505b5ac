import type { TraceEdge } from '../../../core';
import { TRACE_KINDS, type Trace, type TraceKind, type TraceNode } from '../../../model';

/** A node with its place in the drawing [px]. */
export interface PlacedNode {
  readonly node: TraceNode;
  readonly x: number;
  readonly y: number;
}

/** A line from card to card: along gaps only, so that it never runs through a card between them. */
export interface TraceLine {
  readonly from: PlacedNode;
  readonly to: PlacedNode;
  /** path of an SVG */
  readonly path: string;
}

/** A trace laid out in columns, one a kind. */
export interface TraceLayout {
  readonly placed: readonly PlacedNode[];
  readonly edges: readonly TraceLine[];
  readonly columns: readonly { readonly kind: TraceKind; readonly x: number }[];
  readonly cardWidth: number;
  readonly width: number;
  readonly height: number;
  /** frames that stand together with their box, since there are too many to draw */
  readonly foldedFrames: number;
}

export const CARD = { height: 88, gapY: 14, head: 34 } as const;

/** Widths of cards, as the room allows, and of the gaps between them [px]. */
const CARD_WIDTHS = { least: 130, most: 220 } as const;
const GAP = 24;

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

/** A curve within the gap between two columns. */
const bend = (x1: number, y1: number, x2: number, y2: number): string =>
  `C${(x1 + x2) / 2} ${y1} ${(x1 + x2) / 2} ${y2} ${x2} ${y2}`;

/** The free lane between rows, above or below a card. */
const laneBeside = (y: number, isBelow: boolean): number =>
  isBelow ? y + CARD.height + CARD.gapY / 2 : y - CARD.gapY / 2;

/** From card to card: straight over to the next column, else along the free lane beside the first card. */
function lineBetween(from: PlacedNode, to: PlacedNode, card: number): string {
  const [x1, y1] = [from.x + card, from.y + CARD.height / 2];
  const [x2, y2] = [to.x, to.y + CARD.height / 2];
  if (x2 - x1 === GAP) return `M${x1} ${y1} ${bend(x1, y1, x2, y2)}`;
  const lane = laneBeside(from.y, to.y >= from.y);
  const [leaves, arrives] = [x1 + GAP, x2 - GAP];
  return `M${x1} ${y1} ${bend(x1, y1, leaves, lane)} H${arrives} ${bend(arrives, lane, x2, y2)}`;
}

/**
 * Nodes of a lineage in columns, in the order in which honey passes.
 *
 * @param roomPx - width that there is; cards fill it as far as they stay readable
 */
export function traceLayout(trace: Trace, shown: ReadonlySet<string>, roomPx: number): TraceLayout {
  const frames = [...shown].filter((id) => trace.nodes.get(id)?.kind === 'frame');
  const folded = new Set(frames.length > MOST_FRAMES ? frames : []);
  const nodes = [...trace.nodes.values()].filter(
    (node) => shown.has(node.id) && !folded.has(node.id),
  );
  const own = trace.edges.filter((edge) => shown.has(edge.from) && shown.has(edge.to));
  const edges = withoutNodes(own, folded);
  const kinds = TRACE_KINDS.filter((kind) => nodes.some((node) => node.kind === kind));
  const share = Math.floor((roomPx - (kinds.length - 1) * GAP) / Math.max(1, kinds.length));
  const card = Math.min(CARD_WIDTHS.most, Math.max(CARD_WIDTHS.least, share));
  const columns = kinds.map((kind, at) => ({ kind, x: at * (card + GAP) }));
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
      return a && b ? [{ from: a, to: b, path: lineBetween(a, b, card) }] : [];
    }),
    cardWidth: card,
    width: columns.length * (card + GAP) - GAP,
    height: Math.max(0, ...placed.map((item) => item.y + CARD.height)) + CARD.gapY,
    foldedFrames: folded.size,
  };
}
