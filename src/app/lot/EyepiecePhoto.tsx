import type { KeyboardEvent, ReactElement } from 'react';
import { isCoarserThanEye, type EyepieceEdge } from '../../core';
import type { Preview, SeenEyepiece } from '../../workers/protocol';
import { decimalText } from '../format/decimal';
import { ARROW_STEPS } from '../ui/arrowSteps';
import { Button } from '../ui/Button';
import { LooseField } from '../ui/fields/LooseField';
import { Sheet } from '../ui/forms/Sheet';
import { pictureUrl } from '../ui/pictureUrl';
import { photoWords } from '../words/english/photo';
import { useEyepiecePhoto, type Pointed } from './useEyepiecePhoto';

type Photographed = ReturnType<typeof useEyepiecePhoto>;

/** The line that was found, from side to side. */
function Line({ edge, width }: { edge: EyepieceEdge; width: number }): ReactElement {
  const at = (x: number): number => edge.y + edge.slope * (x - edge.x);
  return (
    <line
      x1="0"
      x2={width}
      y1={at(0)}
      y2={at(width)}
      className="stroke-lavender"
      strokeWidth={width / 200}
      strokeDasharray={`${width / 40} ${width / 80}`}
    />
  );
}

/** The picture with the line in it; a tap points at a division. */
function Board({ seen, divisions, point, change }: Photographed & { seen: SeenEyepiece }) {
  const { size, edge, preview } = seen;
  const onKey = (at: number, one: Pointed) => (event: KeyboardEvent) => {
    const step = ARROW_STEPS[event.key];
    if (!step) return;
    event.preventDefault();
    const by = event.shiftKey ? 1 : 0.005 * size.height;
    change(at, { x: one.x + by * step[0], y: one.y + by * step[1] });
  };
  return (
    <div className="relative select-none">
      <img
        src={pictureUrl(preview)}
        alt={photoWords.pictureOfEyepiece()}
        draggable={false}
        className="block w-full border-2 border-ink"
        onClick={(event) => {
          const box = event.currentTarget.getBoundingClientRect();
          const perScreenPx = size.width / box.width;
          const [x, y] = [event.clientX - box.left, event.clientY - box.top];
          point({ x: x * perScreenPx, y: y * perScreenPx }, perScreenPx);
        }}
      />
      <svg
        aria-hidden
        viewBox={`0 0 ${size.width} ${size.height}`}
        className="pointer-events-none absolute inset-0 size-full"
      >
        {edge && <Line edge={edge} width={size.width} />}
      </svg>
      {/* a tap goes through to the picture and moves the nearer division; keys move the one in focus */}
      {divisions.map((one, at) => (
        <button
          key={at}
          type="button"
          aria-label={photoWords.divisionHere({ at: at + 1 })}
          onKeyDown={onKey(at, one)}
          className="pointer-events-none absolute size-6 -translate-x-1/2 -translate-y-1/2 rounded-full border-4 border-lavender bg-band text-base font-bold"
          style={{ left: `${(100 * one.x) / size.width}%`, top: `${(100 * one.y) / size.height}%` }}
        />
      ))}
    </div>
  );
}

/** The value at the line and what it may be off by, as text. */
export interface LineRead {
  readonly text: string;
  readonly spread: string;
}

interface EyepiecePhotoProps {
  file: Blob;
  /** digits after the point on the scale */
  digits: number;
  /** one division of the scale */
  division: number;
  onUse: (line: LineRead, proof: Preview) => void;
  onClose: () => void;
}

/** A photograph of the eyepiece: the line is found, two divisions are pointed at, the reading follows. */
export function EyepiecePhoto(props: EyepiecePhotoProps): ReactElement {
  const { file, digits, division, onUse, onClose } = props;
  const photographed = useEyepiecePhoto(file);
  const { seen, trouble, divisions, change, found } = photographed;
  const value = found?.status === 'found' ? found.value : null;
  const text = value ? decimalText(value.value, digits) : '';
  const spread = value ? decimalText(1.96 * value.standardUncertainty, digits) : '';
  return (
    <Sheet
      open
      onOpenChange={(open) => !open && onClose()}
      title={photoWords.lineTitle()}
      description={photoWords.lineHelp()}
    >
      <div className="space-y-4">
        {!seen && (
          <p role={trouble === '' ? 'status' : 'alert'}>{trouble || photoWords.opening()}</p>
        )}
        {seen && <Board {...photographed} seen={seen} />}
        {divisions.length > 0 && (
          <div className="grid grid-cols-2 gap-4">
            {divisions.map((one, at) => (
              <LooseField
                key={at}
                label={photoWords.division({ at: at + 1 })}
                value={one.typed}
                onType={(typed) => change(at, { typed })}
                wrong=""
                inputMode="decimal"
              />
            ))}
          </div>
        )}
        {found && found.status !== 'found' && (
          <p role={found.status === 'wrong' ? 'alert' : 'status'} className="text-lg font-semibold">
            {found.sentence}
          </p>
        )}
        {value && seen && (
          <>
            <p aria-live="polite" className="text-5xl font-extrabold">
              {text}
              <span className="ml-3 text-xl font-semibold">
                {photoWords.giveOrTake({ spread })}
              </span>
            </p>
            {isCoarserThanEye(value, division) ? (
              <p role="alert" className="text-lg font-semibold">
                {photoWords.lineTooCoarse({ division: decimalText(division, digits) })}
              </p>
            ) : (
              <>
                <p className="text-base">{photoWords.keptAsProof()}</p>
                <Button
                  tone="ink"
                  className="min-h-14 w-full"
                  onClick={() => onUse({ text, spread }, seen.preview)}
                >
                  {photoWords.useLine()}
                </Button>
              </>
            )}
          </>
        )}
      </div>
    </Sheet>
  );
}
