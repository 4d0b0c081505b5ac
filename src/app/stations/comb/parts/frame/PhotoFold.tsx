import { saveFramePhoto, saveLesson } from '../../combActs';
import { Camera } from 'lucide-react';
import { Suspense, useRef, useState, type ReactElement } from 'react';
import { useFormContext } from 'react-hook-form';
import { usePhotoRecords } from '../../../../../db';
import { current, type Photo } from '../../../../../records';
import { selectWorkspace, useAppDispatch, useAppSelector } from '../../../../../store';
import { Button } from '../../../../ui/Button';
import { PhotoPicture } from '../../../../ui/PhotoPicture';
import { pictureBlob } from '../../../../ui/pictureUrl';
import { usePhotoAdding } from '../../../../ui/usePhotoAdding';
import { Waiting } from '../../../../ui/page/Waiting';
import { lazyPart } from '../../../../ui/page/lazyPart';
import { sideName, type FrameDraft } from '../../frameDraft';
import type { ReadPhotoSide } from '../../usePhotoMeasure';
import { type JudgeTask } from '../../useJudgeFrame';
import { Fold } from './MoreOfFrame';
import { frameWords } from '../../../../words/english/frame';
import { photoWords } from '../../../../words/english/photo';

const PhotoMeasure = lazyPart(
  () => import('../photo/PhotoMeasure'),
  (module) => module.PhotoMeasure,
);

function usePhotos(frameId: string): Photo[] {
  const workspace = useAppSelector(selectWorkspace);
  const records = usePhotoRecords(workspace, frameId);
  return current(records ?? []).filter((record): record is Photo => record.kind === 'photo');
}

function wordsOf({ content }: Photo): { alt: string; caption: string } {
  const { side, day, width, height } = content;
  const name = sideName(side);
  return { alt: frameWords.onNameDay({ name, day }), caption: `${name}, ${width} × ${height}` };
}

function Photos({ task }: { task: JudgeTask }): ReactElement {
  const dispatch = useAppDispatch();
  const input = useRef<HTMLInputElement>(null);
  const [side, setSide] = useState<0 | 1>(0);
  const photos = usePhotos(task.place.frame?.entityId ?? '');
  const [measured, setMeasured] = useState<Blob | null>(null);
  const { setValue, getValues } = useFormContext<FrameDraft>();
  const adding = usePhotoAdding((small) => dispatch(saveFramePhoto(small, side, task)));
  // what is set by hand lies in the draft at once: neither a closed sheet nor a lost page takes it away
  const keep = ({ points, proposal }: ReadPhotoSide): void => {
    const change = { method: 'points' as const, points, proposal };
    setValue(`sides.${side}`, { ...getValues(`sides.${side}`), ...change }, { shouldDirty: true });
  };
  const measure = (picture: Blob, at: 0 | 1): void => {
    setSide(at);
    setMeasured(picture);
  };
  const use = (read: ReadPhotoSide): void => {
    keep(read);
    setMeasured(null);
    void dispatch(saveLesson(read));
  };
  const choose = (at: 0 | 1) => () => {
    setSide(at);
    input.current?.click();
  };

  return (
    <>
      <p className="text-base">{frameWords.savedSmallWithoutThePlace()}</p>
      <div className="grid grid-cols-2 gap-2">
        {([0, 1] as const).map((at) => (
          <Button key={at} className="min-h-14" disabled={adding.busy} onClick={choose(at)}>
            <Camera aria-hidden className="size-6" /> {sideName(at)}
          </Button>
        ))}
      </div>
      <input
        ref={input}
        type="file"
        accept="image/*"
        aria-label={frameWords.photographOfASide()}
        className="sr-only"
        tabIndex={-1}
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (!file) return;
          measure(file, side);
          void adding.add(file);
        }}
      />
      {measured && (
        <Suspense fallback={<Waiting />}>
          <PhotoMeasure
            file={measured}
            onSet={keep}
            onUse={use}
            onClose={() => setMeasured(null)}
          />
        </Suspense>
      )}
      <p role="status" className="text-base font-semibold empty:hidden">
        {adding.words}
      </p>
      <div className="grid gap-3 sm:grid-cols-2">
        {photos.map((photo) => (
          <PhotoPicture key={photo.entityId} record={photo} {...wordsOf(photo)}>
            <Button onClick={() => measure(pictureBlob(photo.content), photo.content.side ? 1 : 0)}>
              {photoWords.readIt()}
            </Button>
          </PhotoPicture>
        ))}
      </div>
    </>
  );
}

/** Photographs of the frame: from the camera or a file, scaled down, without the camera’s data. */
export function PhotoFold({ task }: { task: JudgeTask }): ReactElement {
  return (
    <Fold title={frameWords.photographs()}>
      <Photos task={task} />
    </Fold>
  );
}
