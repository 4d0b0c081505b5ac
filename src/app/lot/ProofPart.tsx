import { saveProof } from '../acts/readingActs';
import { Camera } from 'lucide-react';
import type { ReactElement } from 'react';
import { useProofRecords } from '../../db';
import { current, type Proof } from '../../records';
import { selectWorkspace, useAppDispatch, useAppSelector } from '../../store';
import { FileButton } from '../ui/fields/FileButton';
import { PhotoPicture } from '../ui/PhotoPicture';
import { usePhotoAdding } from '../ui/usePhotoAdding';
import { lotWords } from '../words/english/lot';

/** Photographs of scale or display that prove a reading; kept small, without the camera’s data. */
export function ProofPart({ readingId }: { readingId: string }): ReactElement {
  const dispatch = useAppDispatch();
  const workspace = useAppSelector(selectWorkspace);
  const records = useProofRecords(workspace, readingId);
  const proofs = current(records ?? []).filter(
    (record): record is Proof => record.kind === 'proof',
  );
  const adding = usePhotoAdding((photo) => dispatch(saveProof(photo, readingId)));
  return (
    <div className="mt-1 w-full">
      <FileButton
        label={lotWords.photographOfTheScale()}
        accept="image/*"
        camera
        disabled={adding.busy}
        onFile={(file) => void adding.add(file)}
      >
        <Camera aria-hidden className="size-5" />
        {proofs.length === 0 ? lotWords.photographTheScale() : lotWords.anotherPhotograph()}
      </FileButton>
      <p role="status" className="text-base font-semibold empty:hidden">
        {adding.words}
      </p>
      <div className="flex flex-wrap gap-3">
        {proofs.map((proof) => (
          <PhotoPicture key={proof.entityId} record={proof} alt={lotWords.theScaleOrDisplayAs()} />
        ))}
      </div>
    </div>
  );
}
