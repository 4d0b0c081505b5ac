import { Camera } from 'lucide-react';
import { useState, type ReactElement } from 'react';
import { useProofRecords } from '../../db';
import { current, firstRevision, type Proof } from '../../records';
import { perform, revise, selectWorkspace, useAppDispatch, useAppSelector } from '../../store';
import { shrinkPhoto } from '../../workers/photoClient';
import { Button } from '../ui/Button';
import { FileButton } from '../ui/FileButton';

function ProofPicture({ proof }: { proof: Proof }): ReactElement {
  const dispatch = useAppDispatch();
  const { width, height, jpegBase64 } = proof.content;
  const remove = () =>
    dispatch(revise('Photograph removed', proof, { withdrawn: true, reason: 'Removed' }));
  return (
    <figure className="max-w-sm">
      <img
        src={`data:image/jpeg;base64,${jpegBase64}`}
        width={width}
        height={height}
        alt="Scale or display as it was read"
        className="w-full border-2 border-ink"
      />
      <figcaption className="text-base">
        <Button tone="quiet" onClick={() => void remove()}>
          Remove the photograph
        </Button>
      </figcaption>
    </figure>
  );
}

/** Photographs of scale or display that prove a reading; kept small, without the camera’s data. */
export function ProofPart({ readingId }: { readingId: string }): ReactElement {
  const dispatch = useAppDispatch();
  const workspace = useAppSelector(selectWorkspace);
  const records = useProofRecords(workspace, readingId);
  const [state, setState] = useState({ busy: false, wrong: '' });
  const proofs = current(records ?? []).filter((one): one is Proof => one.kind === 'proof');
  const add = async (file: File): Promise<void> => {
    setState({ busy: true, wrong: '' });
    const result = await shrinkPhoto(file);
    setState({ busy: false, wrong: result.ok ? '' : result.message });
    if (!result.ok) return;
    await dispatch(
      perform('Photograph of the scale kept', (scribe) => [
        firstRevision(scribe, 'proof', result.photo, readingId),
      ]),
    );
  };
  return (
    <div className="mt-1 w-full">
      <FileButton
        label="Photograph of the scale"
        accept="image/*"
        camera
        tone="quiet"
        disabled={state.busy}
        onFile={(file) => void add(file)}
      >
        <Camera aria-hidden className="size-5" />
        {proofs.length === 0 ? 'Photograph the scale' : 'Another photograph'}
      </FileButton>
      <p role="status" className="text-base font-semibold empty:hidden">
        {state.busy ? 'Making it small …' : state.wrong}
      </p>
      <div className="flex flex-wrap gap-3">
        {proofs.map((one) => (
          <ProofPicture key={one.entityId} proof={one} />
        ))}
      </div>
    </div>
  );
}
