import { useMemo } from 'react';
import { useParams, useSearchParams } from 'react-router';
import { lineage } from '../../../core';
import { lotNode, type TraceKind, type TraceNode } from '../../../model';
import { useLedger, useRuledLots, useTrace } from '../../data/useWorkspaceModel';
import { nodeName } from '../../words/traceWords';
import { recallOf } from './recall';

/** Where the way of honey ends. */
const ENDS: readonly TraceKind[] = ['jars', 'receiver'];

/** All that is known of a place on the way of honey. */
export function useNodeController(node: TraceNode) {
  const trace = useTrace();
  const { files } = useLedger();
  const lots = useRuledLots().ruled;
  const jar = useSearchParams()[0].get('jar');
  const shown = useMemo(() => lineage(trace.edges, node.id), [trace, node]);
  const recall = useMemo(() => recallOf(trace, files, node.id), [trace, files, node]);
  return {
    node,
    trace,
    title: jar ? `${nodeName(node)}-${jar}` : nodeName(node),
    shown,
    recall,
    frames: [...shown].reduce((sum, id) => sum + (trace.nodes.get(id)?.frames ?? 0), 0),
    /** lots on this way, of which jars may have to be called back */
    lots: lots.filter((lot) => shown.has(lotNode(lot.file.lot.entityId))),
    isEnd: ENDS.includes(node.kind),
  };
}

/** The place in the address: one, none asked for, or one that is not there. */
export function useTraceController() {
  const { nodeId } = useParams();
  const trace = useTrace();
  const { files } = useLedger();
  const node = nodeId === undefined ? null : trace.nodes.get(nodeId);
  return { node, trace, files };
}
