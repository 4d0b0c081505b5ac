import { useEffect, useEffectEvent, type ReactElement } from 'react';
import { isPhotoTooUnclear } from '../../../../../model';
import { Button } from '../../../../ui/Button';
import { Sheet } from '../../../../ui/forms/Sheet';
import { ProgressBar } from '../../../../ui/page/ProgressBar';
import { frameWords } from '../../../../words/english/frame';
import { photoWords } from '../../../../words/english/photo';
import { usePhotoMeasure, type ReadPhotoSide } from '../../usePhotoMeasure';
import { CornerBoard } from './CornerBoard';
import { PhotoPoints } from './PhotoPoints';

interface PhotoMeasureProps {
  file: Blob;
  /** a point was set by hand */
  onSet: (read: ReadPhotoSide) => void;
  onUse: (read: ReadPhotoSide) => void;
  onClose: () => void;
}

/** A photograph of a side, measured in a sheet: corners, points, share. */
export function PhotoMeasure(props: PhotoMeasureProps): ReactElement {
  const { file, onSet, onUse, onClose } = props;
  const measure = usePhotoMeasure(file);
  const { state, corners, setCorners, read, toCorners, setRead, lessons } = measure;
  const set = state.step === 'points' ? state.read : null;
  const keep = useEffectEvent(onSet);
  useEffect(() => {
    if (set?.proposal.touched.includes('1')) keep(set);
  }, [set]);
  return (
    <Sheet
      open
      onOpenChange={(open) => !open && onClose()}
      title={photoWords.measureTitle()}
      description={photoWords.measureHelp()}
    >
      {state.step === 'opening' && <p role="status">{photoWords.opening()}</p>}
      {state.step === 'wrong' && (
        <p role="alert" className="text-lg font-semibold">
          {state.sentence}
        </p>
      )}
      {state.step === 'corners' && corners && (
        <div className="space-y-3">
          <p className="text-xl font-bold">
            {state.opened.isFound ? photoWords.cornersFound() : photoWords.cornersNotFound()}
          </p>
          {state.sentence !== '' && (
            <p role="alert" className="text-base font-semibold">
              {state.sentence}
            </p>
          )}
          <CornerBoard
            preview={state.opened.preview}
            size={state.opened.size}
            corners={corners}
            onCorners={setCorners}
          />
          <Button tone="ink" className="min-h-14 w-full" onClick={() => void read()}>
            {photoWords.theseAreTheCorners()}
          </Button>
        </div>
      )}
      {state.step === 'reading' && (
        <div className="flex flex-wrap items-center gap-4">
          <p role="status">{photoWords.reading()}</p>
          <ProgressBar doing={photoWords.reading()} share={state.share} />
          <Button onClick={onClose}>{photoWords.stop()}</Button>
        </div>
      )}
      {state.step === 'points' && (
        <>
          <PhotoPoints read={state.read} lessons={lessons} onSet={setRead} />
          <div className="mt-4 flex flex-wrap gap-3">
            {isPhotoTooUnclear(state.read.points, state.read.proposal) ? (
              <p className="grow text-lg font-semibold">{frameWords.tooUnclear()}</p>
            ) : (
              <Button tone="ink" className="min-h-14 grow" onClick={() => onUse(state.read)}>
                {photoWords.useIt()}
              </Button>
            )}
            <Button className="min-h-14" onClick={toCorners}>
              {photoWords.cornersAgain()}
            </Button>
          </div>
        </>
      )}
    </Sheet>
  );
}
