import { useEffect, useMemo, useRef, useState, type ReactElement } from 'react';
import { Link } from 'react-router';
import type { Trace } from '../../../../model';
import { selectWorkspace, useAppSelector } from '../../../../store';
import { TRACE_NAMES, nodeFacts, nodeName } from '../../../words/traceWords';
import { CARD, traceLayout } from '../traceLayout';
import { storeWords } from '../../../words/english/store';

interface TraceDrawingProps {
  trace: Trace;
  shown: ReadonlySet<string>;
  startId: string;
}

/** Width of a part of the page, as it is now [px]. */
function useRoom(usual: number) {
  const place = useRef<HTMLDivElement>(null);
  const [room, setRoom] = useState(usual);
  useEffect(() => {
    const element = place.current;
    if (!element || typeof ResizeObserver === 'undefined') return;
    const watch = new ResizeObserver(([entry]) => {
      if (entry) setRoom(Math.floor(entry.contentRect.width));
    });
    watch.observe(element);
    return () => watch.disconnect();
  }, []);
  return { place, room };
}

/** A desk's page. */
const USUAL_ROOM_PX = 1216;

/** From hive to jar as a drawing: columns in the order in which honey passes; a card opens its own trace. */
export function TraceDrawing({ trace, shown, startId }: TraceDrawingProps): ReactElement {
  const workspace = useAppSelector(selectWorkspace);
  const { place, room } = useRoom(USUAL_ROOM_PX);
  const layout = useMemo(() => traceLayout(trace, shown, room), [trace, shown, room]);
  return (
    <div
      ref={place}
      className="overflow-x-auto pb-2"
      role="region"
      aria-label={storeWords.theTraceDrawn()}
      tabIndex={0}
    >
      <div className="relative" style={{ width: layout.width, height: layout.height }}>
        <svg aria-hidden className="absolute inset-0" width={layout.width} height={layout.height}>
          {layout.edges.map(({ from, to, path }) => (
            <path
              key={`${from.node.id} ${to.node.id}`}
              d={path}
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
            <span className="line-clamp-2 text-base font-bold">{nodeName(node)}</span>
            <span className="line-clamp-2 text-base">{nodeFacts(node)[0]}</span>
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
