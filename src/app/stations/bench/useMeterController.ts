import { useMoment } from '../../data/useMoment';
import { useLedger } from '../../data/useWorkspaceModel';
import { dueOf, readingsOfMeter } from '../../words/meterState';

/** A meter with its readings, and when its zero is due; null where there is no such meter. */
export function useMeterController(instrumentId: string) {
  const ledger = useLedger();
  const now = useMoment();
  const meter = ledger.meters.get(instrumentId);
  if (!meter) return null;
  const readings = readingsOfMeter(ledger.files, instrumentId);
  return { meter, ledger, now, readings: readings.length, due: dueOf(meter, readings, now) };
}
