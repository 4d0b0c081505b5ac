import type { ReactElement } from 'react';
import { Link } from 'react-router';
import type { Trace } from '../../../../model';
import { selectWorkspace, useAppSelector } from '../../../../store';
import { TRACE_NAMES, nodeFacts, nodeName } from '../../../words/traceWords';
import { CARD, traceLayout, type PlacedNode } from '../traceLayout';
import { storeWords } from '../../../words/english/store';

interface TraceDrawingProps {
  trace: Trace;
  shown: ReadonlySet<string>;
  startId: string;
}

function curve(from: PlacedNode, to: PlacedNode, cardWidth: number): string {
  const [x1, y1] = [from.x + cardWidth, from.y + CARD.height / 2];
  const [x2, y2] = [to.x, to.y + CARD.height / 2];
  // Honey that is blended goes back to an earlier column: it is drawn in a wider bow.
  const bow = x2 > x1 ? Math.max(12, (x2 - x1) / 2) : 60;
  return `M${x1} ${y1} C${x1 + bow} ${y1} ${x2 - bow} ${y2} ${x2} ${y2}`;
}

/** From hive to jar as a drawing: columns in the order in which honey passes; a card opens its own trace. */
export function TraceDrawing({ trace, shown, startId }: TraceDrawingProps): ReactElement {
  const workspace = useAppSelector(selectWorkspace);
  const layout = traceLayout(trace, shown);
  return (
    <div
      className="overflow-x-auto pb-2"
      role="region"
      aria-label={storeWords.theTraceDrawn()}
      tabIndex={0}
    >
      <div className="relative" style={{ width: layout.width, height: layout.height }}>
        <svg aria-hidden className="absolute inset-0" width={layout.width} height={layout.height}>
          {layout.edges.map(({ from, to }) => (
            <path
              key={`${from.node.id} ${to.node.id}`}
              d={curve(from, to, layout.cardWidth)}
              fill="none"
              className="stroke-thread-deep"
              strokeWidth="2"
            />
          ))}
        </svg>
        {layout.columns.map(({ kind, x }) => (
          <p key={kind} className="absolute text-base font-bold" style={{ left: x, top: 0 }}>
            {TRACE_NAMES[kind]}
          </p>
        ))}
        {layout.placed.map(({ node, x, y }) => (
          <Link
            key={node.id}
            to={`/${workspace}/store/trace/${encodeURIComponent(node.id)}`}
            aria-current={node.id === startId ? 'true' : undefined}
            className={`absolute flex flex-col justify-center overflow-hidden border-2 border-ink px-2 leading-tight ${
              node.id === startId ? 'bg-ink text-linen' : 'bg-paper hover:bg-lavender-pale'
            }`}
            style={{ left: x, top: y, width: layout.cardWidth, height: CARD.height }}
          >
            <span className="truncate text-base font-bold">{nodeName(node)}</span>
            <span className="truncate text-base">{nodeFacts(node)[0]}</span>
          </Link>
        ))}
      </div>
      {layout.foldedFrames > 0 && (
        <p className="mt-2 text-base">
          {storeWords.framesAreInTheList({ foldedFrames: layout.foldedFrames })}
        </p>
      )}
    </div>
  );
}
