import { lineHandler } from './lineListener';
import { stateEvent, type InstrumentPort } from './port';
import { say } from '../core';

/** The part of the browser's EventSource that is used. */
export interface EventSourceLike {
  onopen: ((event: Event) => void) | null;
  onmessage: ((event: MessageEvent<string>) => void) | null;
  onerror: ((event: Event) => void) | null;
  readonly readyState: number;
  close(): void;
}

export interface EventSourceOptions {
  /** opens the stream of lines */
  readonly connect: () => EventSourceLike;
  /** seconds of any clock, for meters that send none */
  readonly nowS: () => number;
}

/** The browser gave up; it does not try again by itself. */
const GAVE_UP = 2;

/** A meter whose lines come as server-sent events, one line an event. */
export function createEventSourcePort({ connect, nowS }: EventSourceOptions): InstrumentPort {
  return {
    byHand: false,
    open(listener) {
      let closed = false;
      listener(stateEvent('connecting'));
      const source = connect();
      const tell = lineHandler(listener, nowS);
      source.onopen = () => {
        if (!closed) listener(stateEvent('open'));
      };
      source.onmessage = ({ data }) => {
        if (!closed) tell(data);
      };
      source.onerror = () => {
        if (closed) return;
        const gone = source.readyState === GAVE_UP;
        listener(gone ? stateEvent('lost') : stateEvent('connecting', say('errors.meterAway')));
      };
      return {
        close: () => {
          if (closed) return;
          closed = true;
          source.close();
          listener(stateEvent('closed'));
        },
      };
    },
  };
}
