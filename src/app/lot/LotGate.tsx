import type { ReactElement } from 'react';
import { useParams } from 'react-router';
import type { LotFile } from '../../model';
import { NothingHere } from '../ui/page/NothingHere';
import { useLots } from '../data/useWorkspaceModel';

interface LotGateProps {
  View: (props: { file: LotFile }) => ReactElement;
}

/** Shows a view of the lot in the address, or that there is none. */
export function LotGate({ View }: LotGateProps): ReactElement {
  const { lotId = '' } = useParams();
  const file = useLots().find((lot) => lot.lot.entityId === lotId);
  return file ? <View key={lotId} file={file} /> : <NothingHere />;
}
