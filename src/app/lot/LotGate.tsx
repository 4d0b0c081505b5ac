import type { ReactElement } from 'react';
import { useParams } from 'react-router';
import type { LotFile } from '../../model';
import { Controlled } from '../ui/page/Controlled';
import { NothingHere } from '../ui/page/NothingHere';
import { useLots } from '../data/useWorkspaceModel';

interface LotGateProps<C extends object> {
  controller: (file: LotFile) => C;
  View: (props: C) => ReactElement;
}

/** Shows a page of the lot in the address, or that there is none. */
export function LotGate<C extends object>({ controller, View }: LotGateProps<C>): ReactElement {
  const { lotId = '' } = useParams();
  const file = useLots().find((lot) => lot.lot.entityId === lotId);
  return file ? (
    <Controlled key={lotId} of={file} controller={controller} View={View} />
  ) : (
    <NothingHere />
  );
}
