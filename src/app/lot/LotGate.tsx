import type { ReactElement } from 'react';
import { useParams } from 'react-router';
import type { LotFile } from '../../model';
import { NothingHere } from '../ui/NothingHere';
import { WorkshopContext, useWorkshop } from '../data/useWorkshop';
import { Waiting } from '../ui/Waiting';
import { useLotFile } from './useLot';

interface LotGateProps {
  View: (props: { file: LotFile }) => ReactElement;
}

/** Shows a view of the lot in the address, once it is read, or that there is none. */
export function LotGate({ View }: LotGateProps): ReactElement {
  const { lotId = '' } = useParams();
  const state = useLotFile(lotId);
  // Without the meters and the other lots an answer would be another one for a moment.
  const workshop = useWorkshop();
  if (state.status === 'loading' || !workshop) return <Waiting />;
  if (state.status === 'missing') return <NothingHere />;
  return (
    <WorkshopContext value={workshop}>
      <View key={lotId} file={state.file} />
    </WorkshopContext>
  );
}
