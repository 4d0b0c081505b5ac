import type { ReactElement } from 'react';
import { useParams } from 'react-router';
import type { HarvestDay } from '../../../../model';
import { useHarvest } from '../../../data/useHarvest';
import { Controlled } from '../../../ui/page/Controlled';
import { NothingHere } from '../../../ui/page/NothingHere';
import { Waiting } from '../../../ui/page/Waiting';

interface HarvestGateProps<C extends object> {
  controller: (day: HarvestDay) => C;
  View: (props: C) => ReactElement;
}

/** Shows a page of the day at the hives in the address, once it is read; or that there is none. */
export function HarvestGate<C extends object>(props: HarvestGateProps<C>): ReactElement {
  const { harvestId = '' } = useParams();
  const state = useHarvest(harvestId);
  switch (state.status) {
    case 'loading':
      return <Waiting />;
    case 'missing':
      return <NothingHere />;
    case 'ready':
      return <Controlled of={state.day} {...props} />;
  }
}
