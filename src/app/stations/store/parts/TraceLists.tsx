import { Columns } from '../../../ui/page/Columns';
import { type ReactElement } from 'react';
import { Link } from 'react-router';
import { nodeBalance } from '../../../../core';
import { TRACE_KINDS, type LotFile, type Trace, type TraceNode } from '../../../../model';
import { selectPreferences, selectWorkspace, useAppSelector } from '../../../../store';
import { TRACE_NAMES, nodeFacts, nodeName } from '../../../words/traceWords';
import { formatQuantity } from '../../../format/units';
import { LongList } from '../../../ui/page/LongList';
import { SheetSection } from '../../../ui/page/SheetSection';
import { CodeSearch } from './CodeSearch';
import { sharedWords } from '../../../words/english/shared';
import { storeWords } from '../../../words/english/store';

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
export function StartList({
  trace,
  files,
}: {
  trace: Trace;
  files: readonly LotFile[];
}): ReactElement {
  return (
    <Columns>
      <CodeSearch files={files} />
      {STARTS.map((kind) => {
        const nodes = [...trace.nodes.values()].filter((node) => node.kind === kind);
        return (
          nodes.length > 0 && (
            <SheetSection key={kind} id={`start-${kind}`} title={TRACE_NAMES[kind]}>
              <LongList
                items={nodes}
                find={sharedWords.findInThisList()}
                textsOf={(node) => [nodeName(node), ...nodeFacts(node)]}
              >
                {(shown) => (
                  <ul className="divide-y divide-thread">
                    {shown.map((node) => (
                      <li key={node.id}>
                        <NodeLink node={node} />
                      </li>
                    ))}
                  </ul>
                )}
              </LongList>
            </SheetSection>
          )
        );
      })}
    </Columns>
  );
}

/** The same as a list, with the honey that came in and went out. */
export function TraceList({
  trace,
  shown,
}: {
  trace: Trace;
  shown: ReadonlySet<string>;
}): ReactElement {
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
