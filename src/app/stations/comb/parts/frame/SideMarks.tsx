import clsx from 'clsx';
import { RadioGroup } from 'radix-ui';
import { useMemo, useState, type ReactElement } from 'react';
import { CELL_STATES, hasEnoughPoints, type CellState } from '../../../../../core';
import {
  CELL_COUNT,
  MARK_LETTERS,
  POINT_COUNTS,
  UNMARKED,
  isMarked,
  markCounts,
} from '../../../../../records';
import { withSetPoints } from '../../../../../model';
import { Button } from '../../../../ui/Button';
import type { SideDraft } from '../../frameDraft';
import { STATE_NAMES } from '../../words';
import { MarkBoard } from './MarkBoard';
import { PAINT_BOARD, pointBoard } from './boardShapes';
import { RadioItem } from '../../../../ui/fields/RadioItem';
import { frameWords } from '../../../../words/english/frame';

export const WIPE = 'wipe';
export type Brush = CellState | typeof WIPE;

export function Brushes({
  brush,
  onBrush,
}: {
  brush: Brush;
  onBrush: (brush: Brush) => void;
}): ReactElement {
  const brushes: readonly Brush[] = [...CELL_STATES, WIPE];
  return (
    <RadioGroup.Root
      aria-label={frameWords.marking()}
      value={brush}
      onValueChange={(value) => onBrush(value as Brush)}
      className="mb-2 grid grid-cols-3 gap-1 wide:grid-cols-6"
    >
      {brushes.map((item) => (
        <RadioItem
          key={item}
          value={item}
          className={clsx(
            'min-h-14 border-2 border-ink px-1 text-base leading-tight font-semibold',
            brush === item ? 'bg-ink text-linen underline' : 'bg-paper text-ink',
          )}
        >
          {item === WIPE ? frameWords.wipe() : STATE_NAMES[item]}
        </RadioItem>
      ))}
    </RadioGroup.Root>
  );
}

interface SideMarksProps {
  name: string;
  side: SideDraft;
  /** share that the school asks for */
  wantedShare: number;
  onChange: (change: Partial<SideDraft>) => void;
}

/** Points of a regular grid over the frame, tapped one by one; says when there are enough. */
export function SidePoints({ name, side, wantedShare, onChange }: SideMarksProps): ReactElement {
  const [brush, setBrush] = useState<Brush>('capped');
  const marks = side.points ?? UNMARKED.repeat(POINT_COUNTS[0]);
  const shape = useMemo(() => pointBoard(marks.length), [marks.length]);
  const { capped, open } = markCounts(marks);
  const left = marks.split(UNMARKED).length - 1;
  const enough = hasEnoughPoints(capped, open, wantedShare);
  return (
    <div>
      <Brushes brush={brush} onBrush={setBrush} />
      <MarkBoard
        label={frameWords.pointsOnTheFrame({ name })}
        shape={shape}
        marks={marks}
        brush={brush === WIPE ? null : brush}
        onMarks={(points) =>
          onChange({
            points,
            ...(side.proposal && { proposal: withSetPoints(marks, points, side.proposal) }),
          })
        }
      />
      <p role="status" className="mt-2 text-base font-semibold">
        {enough ? frameWords.enoughPointsMoreWouldHardly() : frameWords.pointsToGo({ left })}
      </p>
      {!enough && left === 0 && marks.length < POINT_COUNTS[1] && (
        <Button
          className="mt-2 min-h-14"
          onClick={() => onChange({ points: marks + UNMARKED.repeat(POINT_COUNTS[0]) })}
        >
          {frameWords.addASecondGridBetween()}
        </Button>
      )}
    </div>
  );
}

/** A drawn comb, painted cell by cell by dragging. */
export function SidePaint({ name, side, onChange }: SideMarksProps): ReactElement {
  const [brush, setBrush] = useState<Brush>('capped');
  const marks = side.cells ?? UNMARKED.repeat(CELL_COUNT);
  return (
    <div>
      <Brushes brush={brush} onBrush={setBrush} />
      <MarkBoard
        label={frameWords.drawnComb({ name })}
        shape={PAINT_BOARD}
        marks={marks}
        brush={brush === WIPE ? null : brush}
        onMarks={(cells) => onChange({ cells })}
      />
      <div className="mt-2 flex flex-wrap gap-2">
        <Button
          className="min-h-14"
          disabled={brush === WIPE}
          onClick={() => {
            const letter = fillLetter(brush);
            onChange({ cells: marks.replaceAll(UNMARKED, letter) });
          }}
        >
          {frameWords.fillTheRestWithThis()}
        </Button>
        <Button
          className="min-h-14"
          disabled={!isMarked(marks)}
          onClick={() => onChange({ cells: null })}
        >
          {frameWords.startAgain()}
        </Button>
      </div>
    </div>
  );
}

const fillLetter = (brush: Brush): string => (brush === WIPE ? UNMARKED : MARK_LETTERS[brush]);
