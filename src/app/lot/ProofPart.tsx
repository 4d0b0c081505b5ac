import { Camera } from 'lucide-react';
import type { ReactElement } from 'react';
import { useProofRecords } from '../../db';
import { current, firstRevision, type Proof } from '../../records';
import { perform, selectWorkspace, useAppDispatch, useAppSelector } from '../../store';
import { FileButton } from '../ui/fields/FileButton';
import { PhotoPicture } from '../ui/PhotoPicture';
import { usePhotoAdding } from '../ui/usePhotoAdding';

/** Photographs of scale or display that prove a reading; kept small, without the camera’s data. */
export function ProofPart({ readingId }: { readingId: string }): ReactElement {
  const dispatch = useAppDispatch();
  const workspace = useAppSelector(selectWorkspace);
  const records = useProofRecords(workspace, readingId);
  const proofs = current(records ?? []).filter((one): one is Proof => one.kind === 'proof');
  const adding = usePhotoAdding((photo) =>
    dispatch(
      perform('Photograph of the scale kept', (scribe) => [
        firstRevision(scribe, 'proof', photo, readingId),
      ]),
    ),
  );
  return (
    <div className="mt-1 w-full">
      <FileButton
        label="Photograph of the scale"
        accept="image/*"
        camera
        disabled={adding.busy}
        onFile={(file) => void adding.add(file)}
      >
        <Camera aria-hidden className="size-5" />
        {proofs.length === 0 ? 'Photograph the scale' : 'Another photograph'}
      </FileButton>
      <p role="status" className="text-base font-semibold empty:hidden">
        {adding.words}
      </p>
      <div className="flex flex-wrap gap-3">
        {proofs.map((one) => (
          <PhotoPicture key={one.entityId} record={one} alt="Scale or display as it was read" />
        ))}
      </div>
    </div>
  );
}
