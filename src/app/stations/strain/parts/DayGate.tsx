import type { ReactElement } from 'react';
import { useParams } from 'react-router';
import type { ExtractionFile, HoneyHouse } from '../../../../model';
import { Controlled } from '../../../ui/page/Controlled';
import { NothingHere } from '../../../ui/page/NothingHere';
import { useHoneyHouse } from '../../../data/useWorkspaceModel';

/** A day at the line, in its house. */
export interface DayOfHouse {
  readonly file: ExtractionFile;
  readonly house: HoneyHouse;
}

interface DayGateProps<C extends object> {
  controller: (day: DayOfHouse) => C;
  View: (props: C) => ReactElement;
}

/** Shows a page of the day in the address, or that there is none. */
export function DayGate<C extends object>({ controller, View }: DayGateProps<C>): ReactElement {
  const { dayId = '' } = useParams();
  const house = useHoneyHouse();
  const file = house.days.find((day) => day.extraction.entityId === dayId);
  return file ? (
    <Controlled key={dayId} of={{ file, house }} controller={controller} View={View} />
  ) : (
    <NothingHere />
  );
}
