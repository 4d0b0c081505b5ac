import type { ReactElement } from 'react';
import { useParams } from 'react-router';
import type { ExtractionFile, HoneyHouse } from '../../../../model';
import { NothingHere } from '../../../ui/page/NothingHere';
import { useHoneyHouse } from '../../../data/useWorkspaceModel';

interface DayGateProps {
  View: (props: { file: ExtractionFile; house: HoneyHouse }) => ReactElement;
}

/** Shows a view of the day in the address, or that there is none. */
export function DayGate({ View }: DayGateProps): ReactElement {
  const { dayId = '' } = useParams();
  const house = useHoneyHouse();
  const file = house.days.find((day) => day.extraction.entityId === dayId);
  return file ? <View key={dayId} file={file} house={house} /> : <NothingHere />;
}
