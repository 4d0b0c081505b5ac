import type { ReactElement } from 'react';
import type { TraceNode } from '../../../model';
import { PageHead } from '../../ui/page/PageHead';
import { TRACE_NAME_OF_ONE, nodeFacts } from '../../words/traceWords';
import { CallBackPart } from './parts/CallBackPart';
import { RecallPart } from './parts/RecallPart';
import { TraceDrawing } from './parts/TraceDrawing';
import { TraceList } from './parts/TraceLists';
import type { useNodeController } from './useTraceController';
import { commonWords } from '../../words/english/common';
import { storeWords } from '../../words/english/store';

function framesSentence(frames: number, { kind }: TraceNode): string {
  if (frames === 0) return storeWords.noFramesAreRecordedFor();
  const some = commonWords.frames({ frames });
  return kind === 'hive' || kind === 'box'
    ? storeWords.ofItBecameLots({ some })
    : storeWords.itLeadsBackTo({ some });
}

/** One place on the way of honey, with all that came before it and after it. */
export function TraceView(props: ReturnType<typeof useNodeController>): ReactElement {
  const { node, trace, title, shown, recall, frames, lots, isEnd } = props;
  const drawing = <TraceDrawing key="drawing" trace={trace} shown={shown} startId={node.id} />;
  const sheet = <RecallPart key="recall" trace={trace} node={node} recall={recall} />;
  return (
    <>
      <PageHead
        over={storeWords.storeTraceAndRecall()}
        title={title}
        lead={[TRACE_NAME_OF_ONE[node.kind], ...nodeFacts(node)].join(' · ')}
      />
      <p className="mt-2 text-xl">{framesSentence(frames, node)}</p>
      <div className="mt-4 space-y-8">
        <CallBackPart lots={lots} />
        {
          // Whoever holds a jar asks where it came from; whoever looks at a hive, where it went.
          isEnd ? [drawing, sheet] : [sheet, drawing]
        }
        <TraceList trace={trace} shown={shown} />
      </div>
    </>
  );
}
