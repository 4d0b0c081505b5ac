import type { ReactElement } from 'react';
import { useParams } from 'react-router';
import { NothingHere } from '../../ui/page/NothingHere';
import { MeterView } from './MeterView';
import { useMeterController } from './useMeterController';

/** One meter: what it is off by, its checks over time, and readings thrown into doubt. */
export function MeterScreen(): ReactElement {
  const { instrumentId = '' } = useParams();
  const meter = useMeterController(instrumentId);
  return meter ? <MeterView {...meter} /> : <NothingHere />;
}
