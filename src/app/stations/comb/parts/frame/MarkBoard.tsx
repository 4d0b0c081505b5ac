import {
  useEffect,
  useRef,
  useState,
  type KeyboardEvent,
  type PointerEvent,
  type ReactElement,
} from 'react';
import type { CellState } from '../../../../../core';
import { MARK_LETTERS, UNMARKED } from '../../../../../records';
import { ARROW_STEPS } from '../../../../ui/arrowSteps';
import { STATE_NAMES } from '../../words';
import { frameWords } from '../../../../words/english/frame';

/** What a board of marks looks like: where its marks are, and how each is drawn. */
export interface BoardShape {
  readonly count: number;
  readonly width: number;
  readonly height: number;
  at(x: number, y: number): number | null;
  centre(at: number): { readonly x: number; readonly y: number };
  /** next mark in a direction */
  step(at: number, dx: number, dy: number): number;
  draw(at: number, letter: string): ReactElement;
}

interface MarkBoardProps {
  label: string;
  shape: BoardShape;
  marks: string;
  /** null wipes */
  brush: CellState | null;
  onMarks: (marks: string) => void;
  /** a mark was set to what it is already */
  onSame?: (at: number) => void;
  /** drawn beneath the marks */
  under?: ReactElement;
}

/** Letters that set the mark under the cursor at once: those by which marks are kept. */
const LETTERS = new Set([...Object.values(MARK_LETTERS), UNMARKED]);

const stateOf = (letter: string): string => {
  const found = Object.entries(MARK_LETTERS).find(([, one]) => one === letter);
  return found ? STATE_NAMES[found[0] as CellState] : frameWords.notMarked();
};

/** Marks set by tapping or dragging; with the keyboard, arrows move and the space bar sets. */
export function MarkBoard(props: MarkBoardProps): ReactElement {
  const { label, shape, marks, brush, onMarks, onSame, under: ground } = props;
  const svg = useRef<SVGSVGElement>(null);
  // a drag sets several marks before the page is drawn again
  const latest = useRef(marks);
  useEffect(() => {
    latest.current = marks;
  }, [marks]);
  const [cursor, setCursor] = useState(0);
  const [focused, setFocused] = useState(false);
  const letter = brush === null ? UNMARKED : MARK_LETTERS[brush];

  const set = (at: number | null, as = letter): void => {
    if (at === null) return;
    if (latest.current[at] === as) {
      onSame?.(at);
      return;
    }
    const next = latest.current.slice(0, at) + as + latest.current.slice(at + 1);
    latest.current = next;
    onMarks(next);
  };
  const under = (event: PointerEvent): number | null => {
    const box = svg.current?.getBoundingClientRect();
    if (!box) return null;
    const x = ((event.clientX - box.left) / box.width) * shape.width;
    const y = ((event.clientY - box.top) / box.height) * shape.height;
    return shape.at(x, y);
  };
  const onKeyDown = (event: KeyboardEvent): void => {
    const step = ARROW_STEPS[event.key];
    if (step) setCursor(shape.step(cursor, step[0], step[1]));
    else if (event.key === ' ' || event.key === 'Enter') set(cursor);
    else if (LETTERS.has(event.key)) set(cursor, event.key);
    else return;
    event.preventDefault();
  };

  const at = shape.centre(cursor);
  return (
    <div
      role="application"
      aria-label={frameWords.arrowKeysMoveTheSpace({ label })}
      tabIndex={0}
      onKeyDown={onKeyDown}
      onFocus={() => setFocused(true)}
      onBlur={() => setFocused(false)}
      className="border-2 border-ink bg-paper p-1"
    >
      <svg
        ref={svg}
        viewBox={`0 0 ${shape.width} ${shape.height}`}
        className="block w-full touch-none"
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          set(under(event));
        }}
        onPointerMove={(event) => {
          if (event.buttons > 0) set(under(event));
        }}
      >
        {ground}
        {Array.from({ length: shape.count }, (_, index) => (
          <g key={index}>{shape.draw(index, marks[index] ?? UNMARKED)}</g>
        ))}
        {focused && (
          <circle
            cx={at.x}
            cy={at.y}
            r="0.55"
            className="fill-none stroke-lavender"
            strokeWidth="0.14"
          />
        )}
      </svg>
      <p className="sr-only" aria-live="polite">
        {focused
          ? frameWords.place({ cursor: cursor + 1, stateOf: stateOf(marks[cursor] ?? UNMARKED) })
          : ''}
      </p>
    </div>
  );
}
