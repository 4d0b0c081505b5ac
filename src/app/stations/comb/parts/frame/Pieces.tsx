import type { ReactElement } from 'react';
import { useFormContext } from 'react-hook-form';
import type { FrameDraft } from '../../frameDraft';
import { Stepper } from '../Stepper';
import { frameWords } from '../../../../words/english/frame';

/** Pieces of a section frame in the usual number of one. */
export const USUAL_PIECES = 8;
const MOST_PIECES = 32;

/** Comb honey: each piece by itself, fully capped on both sides or not; nothing where it is none. */
export function Pieces(): ReactElement | null {
  const { watch, setValue } = useFormContext<FrameDraft>();
  const pieces = watch('pieces');
  const set = (next: string): void => setValue('pieces', next, { shouldDirty: true });
  if (pieces === null) return null;
  const ripe = pieces.split('r').length - 1;
  const flip = (at: number): void =>
    set(pieces.slice(0, at) + (pieces[at] === 'r' ? 'n' : 'r') + pieces.slice(at + 1));
  return (
    <section aria-label={frameWords.combHoneyPieceByPiece()} className="space-y-2">
      <p className="text-lg font-bold">{frameWords.ofPieces({ ripe, pieces: pieces.length })}</p>
      <p className="text-base">{frameWords.tapEachPieceThatIs()}</p>
      <div className="grid grid-cols-4 gap-1">
        {[...pieces].map((piece, at) => (
          <button
            key={at}
            type="button"
            aria-pressed={piece === 'r'}
            aria-label={frameWords.piece({ at: at + 1 })}
            onClick={() => flip(at)}
            className="min-h-16 border-2 border-ink bg-paper text-base font-bold aria-pressed:bg-ink aria-pressed:text-linen"
          >
            {at + 1}
            <span className="block font-semibold">
              {piece === 'r' ? frameWords.take() : frameWords.back()}
            </span>
          </button>
        ))}
      </div>
      <Stepper
        label={frameWords.piecesInTheFrame()}
        value={pieces.length}
        least={1}
        most={MOST_PIECES}
        onChange={(count) => set(pieces.padEnd(count, 'n').slice(0, count))}
      />
    </section>
  );
}
