import { useMemo, useState } from 'react';
import type { LotFile } from '../../../model';
import { useMeters } from '../../data/useWorkspaceModel';
import { useAnswer, withProvisional } from '../../lot/useLot';
import { useReadingForm } from '../../lot/useReadingForm';
import { comingFrom, type Taken } from './takenValue';

/** A lot at the bench: the reading being typed or taken over from a meter, and what it makes of the answer. */
export function useLotBenchController(file: LotFile) {
  const meters = useMeters();
  const [taken, take] = useState<Taken | null>(null);
  const entry = useReadingForm(file, (form) => comingFrom(form, taken, meters));
  const counting = entry.typed?.practice ? null : entry.typed;
  const contents = useMemo(() => withProvisional(file, counting), [file, counting]);
  const answer = useAnswer(contents, file.lot.entityId);
  const meter = meters.get(entry.form.watch('instrumentId'))?.instrument ?? null;
  return { file, entry, answer, isProvisional: counting !== null, meter, take };
}
