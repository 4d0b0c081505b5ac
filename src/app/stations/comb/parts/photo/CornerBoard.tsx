import { ARROW_STEPS } from '../../../../ui/arrowSteps';
import { useRef, type KeyboardEvent, type PointerEvent, type ReactElement } from 'react';
import type { Corners } from '../../../../../core';
import type { Preview } from '../../../../../workers/protocol';
import { pictureUrl } from '../../../../ui/pictureUrl';
import { photoWords } from '../../../../words/english/photo';

const NAMES = [
  photoWords.upperLeft(),
  photoWords.upperRight(),
  photoWords.lowerRight(),
  photoWords.lowerLeft(),
];

interface CornerBoardProps {
  preview: Preview;
  /** of the picture in which the corners are [pixels] */
  size: { readonly width: number; readonly height: number };
  corners: Corners;
  onCorners: (corners: Corners) => void;
}

/** The photograph with four corners to drag; with the keyboard, arrows move the one in focus. */
export function CornerBoard({ preview, size, corners, onCorners }: CornerBoardProps): ReactElement {
  const board = useRef<HTMLDivElement>(null);
  const put = (at: number, x: number, y: number): void => {
    const within = (value: number, most: number): number => Math.min(most, Math.max(0, value));
    const point = { x: within(x, size.width), y: within(y, size.height) };
    const [a, b, c, d] = corners.map((corner, other) => (other === at ? point : corner));
    if (a && b && c && d) onCorners([a, b, c, d]);
  };
  const onMove = (at: number) => (event: PointerEvent) => {
    const box = board.current?.getBoundingClientRect();
    if (!box || event.buttons === 0) return;
    put(
      at,
      ((event.clientX - box.left) / box.width) * size.width,
      ((event.clientY - box.top) / box.height) * size.height,
    );
  };
  const onKey = (at: number) => (event: KeyboardEvent) => {
    const step = ARROW_STEPS[event.key];
    const corner = corners[at];
    if (!step || !corner) return;
    event.preventDefault();
    const by = (event.shiftKey ? 0.002 : 0.01) * size.width;
    put(at, corner.x + by * step[0], corner.y + by * step[1]);
  };
  return (
    <div ref={board} className="relative touch-none select-none">
      <img
        src={pictureUrl(preview)}
        alt=""
        draggable={false}
        className="block w-full border-2 border-ink"
      />
      <svg
        aria-hidden
        viewBox={`0 0 ${size.width} ${size.height}`}
        className="pointer-events-none absolute inset-0 size-full"
      >
        <polygon
          points={corners.map(({ x, y }) => `${x},${y}`).join(' ')}
          className="fill-none stroke-lavender"
          strokeWidth={size.width / 180}
        />
      </svg>
      {corners.map(({ x, y }, at) => (
        <button
          key={NAMES[at]}
          type="button"
          aria-label={photoWords.corner({ place: NAMES[at] ?? '' })}
          onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
          onPointerMove={onMove(at)}
          onKeyDown={onKey(at)}
          className="absolute size-14 -translate-x-1/2 -translate-y-1/2 rounded-full border-4 border-lavender bg-band focus-visible:outline-4 focus-visible:outline-ink"
          style={{ left: `${(100 * x) / size.width}%`, top: `${(100 * y) / size.height}%` }}
        />
      ))}
    </div>
  );
}
