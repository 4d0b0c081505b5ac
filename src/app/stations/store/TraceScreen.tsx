import { useMemo, type ReactElement } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { lineage, nodeBalance } from '../../../core';
import {
  TRACE_KINDS,
  lotNode,
  type LotFile,
  type Trace,
  type TraceKind,
  type TraceNode,
  type RuledLot,
} from '../../../model';
import { selectPreferences, selectWorkspace, useAppSelector } from '../../../store';
import { TRACE_NAME_OF_ONE, TRACE_NAMES, nodeFacts, nodeName } from '../../words/traceWords';
import { formatQuantity } from '../../format/units';
import { NothingHere } from '../../ui/page/NothingHere';
import { SheetSection } from '../../ui/page/SheetSection';
import { CallBackPart } from './parts/CallBackPart';
import { CodeSearch } from './parts/CodeSearch';
import { RecallPart } from './parts/RecallPart';
import { TraceDrawing } from './parts/TraceDrawing';
import { recallOf } from './recall';
import { useRuledLots, useTrace, useLedger } from '../../data/useWorkspaceModel';
import { commonWords } from '../../words/english/common';
import { storeWords } from '../../words/english/store';

/** What a trace may begin with. */
const STARTS = ['jars', 'lot', 'hive', 'receiver'] as const;

function NodeLink({
  node,
  children,
}: {
  node: TraceNode;
  children?: React.ReactNode;
}): ReactElement {
  const workspace = useAppSelector(selectWorkspace);
  return (
    <Link
      to={`/${workspace}/store/trace/${encodeURIComponent(node.id)}`}
      className="flex min-h-11 flex-wrap items-center gap-x-3 text-lg hover:bg-lavender-pale"
    >
      <strong>{nodeName(node)}</strong>
      <span className="text-base text-ink-soft">{nodeFacts(node).join(' · ')}</span>
      {children}
    </Link>
  );
}

/** Where a trace can begin. */
function StartList({ trace, files }: { trace: Trace; files: readonly LotFile[] }): ReactElement {
  return (
    <div className="mt-5 grid gap-x-10 gap-y-8 wide:grid-cols-2">
      <CodeSearch files={files} />
      {STARTS.map((kind) => {
        const nodes = [...trace.nodes.values()].filter((node) => node.kind === kind);
        return (
          nodes.length > 0 && (
            <SheetSection key={kind} id={`start-${kind}`} title={TRACE_NAMES[kind]}>
              <ul className="divide-y divide-thread">
                {nodes.map((node) => (
                  <li key={node.id}>
                    <NodeLink node={node} />
                  </li>
                ))}
              </ul>
            </SheetSection>
          )
        );
      })}
    </div>
  );
}

/** The same as a list, with the honey that came in and went out. */
function TraceList({ trace, shown }: { trace: Trace; shown: ReadonlySet<string> }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const kg = (value: number): string => formatQuantity(value, 'mass', preferences);
  return (
    <SheetSection id="list" title={storeWords.theSameAsAList()}>
      <div className="grid gap-x-10 gap-y-5 wide:grid-cols-2">
        {TRACE_KINDS.map((kind) => {
          const nodes = [...trace.nodes.values()].filter(
            (node) => node.kind === kind && shown.has(node.id),
          );
          if (nodes.length === 0) return null;
          return (
            <section key={kind} aria-label={TRACE_NAMES[kind]}>
              <h3 className="text-xl font-bold">
                {TRACE_NAMES[kind]} ({nodes.length})
              </h3>
              <ul className="divide-y divide-thread border-y border-thread">
                {nodes.map((node) => {
                  const { inKg, outKg } = nodeBalance(trace.edges, node.id);
                  return (
                    <li key={node.id}>
                      <NodeLink node={node}>
                        <span className="text-base">
                          {inKg > 0 && storeWords.inInkg({ inKg: kg(inKg) })}
                          {inKg > 0 && outKg > 0 && ', '}
                          {outKg > 0 && storeWords.out({ outKg: kg(outKg) })}
                          {outKg > inKg * 1.02 + 0.1 && inKg > 0 && (
                            <strong> {storeWords.moreOutThanInSomething()}</strong>
                          )}
                        </span>
                      </NodeLink>
                    </li>
                  );
                })}
              </ul>
            </section>
          );
        })}
      </div>
    </SheetSection>
  );
}

/** Where the way of honey ends. */
const ENDS: readonly TraceKind[] = ['jars', 'receiver'];

function framesSentence(frames: number, { kind }: TraceNode): string {
  if (frames === 0) return storeWords.noFramesAreRecordedFor();
  const some = commonWords.frames({ frames });
  return kind === 'hive' || kind === 'box'
    ? storeWords.ofItBecameLots({ some })
    : storeWords.itLeadsBackTo({ some });
}

function NodeView({
  trace,
  files,
  node,
  lots,
}: {
  trace: Trace;
  files: readonly LotFile[];
  node: TraceNode;
  lots: readonly RuledLot[];
}): ReactElement {
  const [search] = useSearchParams();
  const jar = search.get('jar');
  const shown = useMemo(() => lineage(trace.edges, node.id), [trace, node]);
  const recall = useMemo(() => recallOf(trace, files, node.id), [trace, files, node]);
  const frames = [...shown].reduce((sum, id) => sum + (trace.nodes.get(id)?.frames ?? 0), 0);
  const drawing = <TraceDrawing key="drawing" trace={trace} shown={shown} startId={node.id} />;
  const sheet = <RecallPart key="recall" trace={trace} node={node} recall={recall} />;
  // Whoever holds a jar asks where it came from; whoever looks at a hive, where it went.
  const isEnd = ENDS.includes(node.kind);
  const title = jar ? `${nodeName(node)}-${jar}` : nodeName(node);
  return (
    <>
      <h1 className="text-4xl font-bold">{title}</h1>
      <p className="mt-1 text-lg text-ink-soft">
        {[TRACE_NAME_OF_ONE[node.kind], ...nodeFacts(node)].join(' · ')}
      </p>
      <p className="mt-2 text-xl">{framesSentence(frames, node)}</p>
      <div className="mt-4 space-y-8">
        <CallBackPart lots={lots.filter((lot) => shown.has(lotNode(lot.file.lot.entityId)))} />
        {isEnd ? [drawing, sheet] : [sheet, drawing]}
        <TraceList trace={trace} shown={shown} />
      </div>
    </>
  );
}

/** From hive to jar, both ways. */
export function TraceScreen(): ReactElement {
  const { nodeId } = useParams();
  const ledger = useLedger();
  const trace = useTrace();
  const lots = useRuledLots().ruled;
  const node = nodeId === undefined ? null : trace.nodes.get(nodeId);
  if (node === undefined) return <NothingHere />;
  return (
    <>
      <p className="pt-5 text-base font-semibold">{storeWords.storeTraceAndRecall()}</p>
      {node ? (
        <NodeView key={node.id} trace={trace} files={ledger.files} node={node} lots={lots} />
      ) : (
        <>
          <h1 className="text-4xl font-bold">{storeWords.fromHiveToJarBoth()}</h1>
          <StartList trace={trace} files={ledger.files} />
        </>
      )}
    </>
  );
}
