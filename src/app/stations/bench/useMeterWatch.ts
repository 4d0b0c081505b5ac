import { useEffect, useMemo, useSyncExternalStore } from 'react';
import {
  MeterWatch,
  createEventSourcePort,
  createSerialPort,
  type InstrumentPort,
  type MeterView,
  type SerialLike,
} from '../../../instruments';
import type { InstrumentContent } from '../../../records';

/** What the stand-in meter is asked to do. */
export interface StandInChoice {
  readonly sample: number;
  readonly fault: string;
  readonly pace: number;
}

const MS_PER_S = 1000;

const nowS = (): number => performance.now() / MS_PER_S;

function serialOf(): SerialLike | null {
  return (navigator as { serial?: SerialLike }).serial ?? null;
}

/** Whether this browser can read a serial cable at all. */
export const canReadSerial = (): boolean => serialOf() !== null;

function portFor(meter: InstrumentContent, choice: StandInChoice): InstrumentPort | null {
  if (meter.connection === 'simulated-meter') {
    const { sample, fault, pace } = choice;
    const query = new URLSearchParams({ sample: String(sample), fault, pace: String(pace) });
    return createEventSourcePort({
      connect: () => new EventSource(`/api/meter/stream?${query.toString()}`),
      nowS,
    });
  }
  const serial = serialOf();
  return serial && createSerialPort({ serial, baudRate: meter.baudRate, nowS });
}

/** Half a division: a settled value may not move by more. */
const toleranceOf = ({ resolution }: InstrumentContent): number => resolution / 2;

function createWatch(port: InstrumentPort, meter: InstrumentContent): MeterWatch {
  return new MeterWatch(port, {
    scale: meter.scale,
    tolerance: toleranceOf(meter),
    nowMs: () => performance.now(),
    after: (ms, run) => {
      const timer = setTimeout(run, ms);
      return () => clearTimeout(timer);
    },
  });
}

const NEVER = (): (() => void) => () => undefined;
const NOTHING = (): null => null;

/** A meter watched from connecting on; null where this browser has no way to it. */
export function useMeterWatch(
  meter: InstrumentContent,
  { sample, fault, pace }: StandInChoice,
): { readonly watch: MeterWatch; readonly view: MeterView } | null {
  const watch = useMemo(() => {
    const port = portFor(meter, { sample, fault, pace });
    return port && createWatch(port, meter);
  }, [meter, sample, fault, pace]);
  useEffect(() => () => watch?.disconnect(), [watch]);
  const view = useSyncExternalStore(watch?.subscribe ?? NEVER, watch?.snapshot ?? NOTHING);
  return watch && view ? { watch, view } : null;
}
