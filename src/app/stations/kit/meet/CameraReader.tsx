import type { ReactElement } from 'react';
import type { RowSoFar } from '../../../../meeting';
import { Button } from '../../../ui/Button';
import { ProgressBar } from '../../../ui/page/ProgressBar';
import { meetWords } from '../../../words/english/meet';
import { useCamera, type CameraState } from './useCamera';

const STATES: Readonly<Record<CameraState, string>> = {
  starting: meetWords.cameraStarts(),
  reading: meetWords.holdBeforeTheCode(),
  refused: meetWords.cameraRefused(),
  none: meetWords.noCamera(),
};

/** Codes that are missing are named once so few are left. */
const FEW = 5;

function Row({ count, missing }: RowSoFar): ReactElement {
  const read = count - missing.length;
  const words = meetWords.codesRead({ read, count });
  return (
    <div className="space-y-1">
      <p role="status" className="text-2xl font-bold">
        {words}
      </p>
      <ProgressBar doing={words} share={read / count} />
      {missing.length > 0 && missing.length <= FEW && (
        <p className="text-lg">{meetWords.stillMissing({ missing: missing.join(', ') })}</p>
      )}
    </div>
  );
}

interface CameraReaderProps {
  soFar: RowSoFar | null;
  onText: (text: string) => void;
  onClose: () => void;
}

/** The camera's picture, and what was read of the codes before it. */
export function CameraReader({ soFar, onText, onClose }: CameraReaderProps): ReactElement {
  const { video, state } = useCamera(onText);
  return (
    <section aria-label={meetWords.camera()} className="mt-4 max-w-xl space-y-3">
      <video ref={video} muted playsInline className="w-full border-2 border-ink bg-ink" />
      {soFar ? <Row {...soFar} /> : <p role="status">{STATES[state]}</p>}
      <Button onClick={onClose}>{meetWords.closeTheCamera()}</Button>
    </section>
  );
}
