import type { EventSourceLike } from './eventSourcePort';
import { LONGEST_LINE } from './lines';

/** One entry of a logger. */
export interface AirEntry {
  /** on the logger's own clock [min] */
  readonly minutes: number;
  readonly temperatureC: number;
  /** [1] */
  readonly relativeHumidity: number;
}

/** What comes of a logger. */
export type AirEvent =
  | { readonly type: 'state'; readonly state: 'connecting' | 'open' | 'lost' | 'closed' }
  | { readonly type: 'entry'; readonly entry: AirEntry }
  | { readonly type: 'ignored' };

/** A logger of temperature and humidity, simulated or real, behind one face. */
export interface AirPort {
  open(listener: (event: AirEvent) => void): { close(): void };
}

const LINE =
  /^\s*(-?\d+(?:[.,]\d+)?)\s*°?C[\s;,]+(\d+(?:[.,]\d+)?)\s*%[\s;,]+(\d+(?:[.,]\d+)?)\s*min\s*$/;

const numberIn = (text: string): number => Number(text.replace(',', '.'));

/** Reads a line such as `33.1 C 31.2 % 15 min`; null for anything else. */
export function readAirLine(text: string): AirEntry | null {
  const found = text.length <= LONGEST_LINE ? LINE.exec(text) : null;
  if (!found) return null;
  const [, temperature = '', humidity = '', minutes = ''] = found;
  const entry = {
    minutes: numberIn(minutes),
    temperatureC: numberIn(temperature),
    relativeHumidity: numberIn(humidity) / 100,
  };
  const isAir =
    entry.temperatureC >= -30 && entry.temperatureC <= 60 && entry.relativeHumidity <= 1;
  return isAir ? entry : null;
}

/** The browser gave up; it does not try again by itself. */
const GAVE_UP = 2;

/** A logger whose lines come as server-sent events, one line an event; its clock only goes forward. */
export function createAirEventPort(connect: () => EventSourceLike): AirPort {
  return {
    open(listener) {
      let closed = false;
      let last = -Infinity;
      listener({ type: 'state', state: 'connecting' });
      const source = connect();
      source.onopen = () => {
        if (!closed) listener({ type: 'state', state: 'open' });
      };
      source.onmessage = ({ data }) => {
        if (closed) return;
        const entry = readAirLine(data);
        if (!entry || entry.minutes <= last) return listener({ type: 'ignored' });
        last = entry.minutes;
        listener({ type: 'entry', entry });
      };
      source.onerror = () => {
        if (closed) return;
        const gone = source.readyState === GAVE_UP;
        listener({ type: 'state', state: gone ? 'lost' : 'connecting' });
      };
      return {
        close: () => {
          if (closed) return;
          closed = true;
          source.close();
          listener({ type: 'state', state: 'closed' });
        },
      };
    },
  };
}
