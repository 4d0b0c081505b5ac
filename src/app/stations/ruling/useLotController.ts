import { useMemo } from 'react';
import type { LotFile } from '../../../model';
import { useAnswer, withProvisional } from '../../lot/useLot';
import { useReadingForm } from '../../lot/useReadingForm';

/** Whether any of it is comb honey. */
const hasPieces = ({ frames, pieces, containers }: LotFile): boolean =>
  pieces.length > 0 ||
  containers.some((container) => container.content.containerKind === 'comb-piece') ||
  (frames?.content.frames.some((frame) => frame.pieces !== null) ?? false);

/** A lot with its answer, in which the reading being typed counts already unless it is for practice. */
export function useLotController(file: LotFile) {
  const entry = useReadingForm(file);
  const provisional = entry.typed?.practice ? null : entry.typed;
  const contents = useMemo(() => withProvisional(file, provisional), [file, provisional]);
  const answer = useAnswer(contents, file.lot.entityId);
  return { file, entry, answer, isProvisional: provisional !== null, hasPieces: hasPieces(file) };
}
