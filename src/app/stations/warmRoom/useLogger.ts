import { useEffect, useRef, useState } from 'react';
import { createAirEventPort, type AirEntry } from '../../../instruments';

/** A logger that is listened to. */
export interface LoggerView {
  readonly state: 'off' | 'connecting' | 'open' | 'lost' | 'closed';
  readonly entries: readonly AirEntry[];
  readonly start: () => void;
  readonly stop: () => void;
}

/** The stand-in logger of the server, from starting on. */
export function useLogger(): LoggerView {
  const [state, setState] = useState<LoggerView['state']>('off');
  const [entries, setEntries] = useState<readonly AirEntry[]>([]);
  const open = useRef<{ close(): void } | null>(null);
  useEffect(() => () => open.current?.close(), []);
  const start = (): void => {
    open.current?.close();
    setEntries([]);
    const port = createAirEventPort(() => new EventSource('/api/logger/stream'));
    open.current = port.open((event) => {
      if (event.type === 'state') setState(event.state);
      if (event.type === 'entry') setEntries((before) => [...before, event.entry]);
    });
  };
  return { state, entries, start, stop: () => open.current?.close() };
}
