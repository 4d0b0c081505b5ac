import { useMemo, useState, type ReactElement } from 'react';
import { isTooUnclear, type CappedEstimate } from '../../../../../core';
import { overruled, photoCappingOf, withConfirmedPoint, withSetPoints } from '../../../../../model';
import type { CellLesson } from '../../../../../records';
import { pictureUrl } from '../../../../ui/pictureUrl';
import { photoWords } from '../../../../words/english/photo';
import type { PointsChange, ReadPhotoSide } from '../../usePhotoMeasure';
import { Brushes, WIPE, type Brush } from '../frame/SideMarks';
import { MarkBoard, type BoardShape } from '../frame/MarkBoard';
import { pointBoard } from '../frame/boardShapes';

/** From which doubt on a picture is called hard to read. @source our choice, no source */
const HARD = 0.3;

interface PhotoPointsProps {
  read: ReadPhotoSide;
  lessons: readonly CellLesson[];
  onSet: (change: PointsChange) => void;
}

const percent = (share: number): number => Math.round(100 * share);

/** Marks half as large as on the bare board, so that the comb is seen beside them; set ones have a ring. */
function overPicture(touched: string): BoardShape {
  const board = pointBoard(touched.length);
  return {
    ...board,
    draw: (at, letter) => {
      const { x, y } = board.centre(at);
      return (
        <g transform={`translate(${x} ${y}) scale(0.62) translate(${-x} ${-y})`}>
          {board.draw(at, letter)}
          {touched[at] === '1' && (
            <circle cx={x} cy={y} r="0.42" className="fill-none stroke-ink" strokeWidth="0.12" />
          )}
        </g>
      );
    },
  };
}

function headlineOf(capping: CappedEstimate | null): string {
  if (!capping) return photoWords.noHoney();
  return isTooUnclear(capping)
    ? photoWords.cannotSay()
    : photoWords.percentCapped({ percent: percent(capping.share) });
}

/** The straightened side with its points as proposed; what is set counts as seen. */
export function PhotoPoints({ read, lessons, onSet }: PhotoPointsProps): ReactElement {
  const [brush, setBrush] = useState<Brush>('capped');
  const { points, proposal, preview, side } = read;
  const { touched } = proposal;
  const shape = useMemo(() => overPicture(touched), [touched]);
  const capping = photoCappingOf(points, proposal);
  const so = overruled(lessons);
  return (
    <div>
      <p aria-live="polite" className="text-5xl leading-tight font-extrabold">
        {headlineOf(capping)}
        {capping && (
          <span className="ml-3 text-xl font-semibold">
            {photoWords.give({ low: percent(capping.low), high: percent(capping.high) })}
          </span>
        )}
      </p>
      {side.doubt > HARD && (
        <p role="note" className="my-2 border-l-8 border-ink pl-3 text-base font-semibold">
          {photoWords.doubtful()}
        </p>
      )}
      <p className="my-2 text-base">{photoWords.choose()}</p>
      <Brushes brush={brush} onBrush={setBrush} />
      <MarkBoard
        label={photoWords.points()}
        shape={shape}
        marks={points}
        brush={brush === WIPE ? null : brush}
        onMarks={(next) =>
          onSet((now) => ({
            points: next,
            proposal: withSetPoints(now.points, next, now.proposal),
          }))
        }
        onSame={(at) => {
          if (touched[at] !== '1')
            onSet((now) => ({ proposal: withConfirmedPoint(now.proposal, at) }));
        }}
        under={
          <image
            href={pictureUrl(preview)}
            width={shape.width}
            height={shape.height}
            preserveAspectRatio="none"
          />
        }
      />
      <p className="mt-2 text-base">
        {photoWords.guesses()} {so.points > 0 && photoWords.overruled(so)}
      </p>
    </div>
  );
}
