import { stateEvent, type InstrumentPort, type PortSample, type PortSession } from './port';
import { say } from '../core';

/** A meter that a person reads: what is entered is a sample, settled at once. */
export interface HandSession extends PortSession {
  enter(sample: PortSample): void;
}

/** The port for typed values and for the eyepiece, whose line a person reads. */
export interface HandPort extends InstrumentPort {
  open(...args: Parameters<InstrumentPort['open']>): HandSession;
}

export function createHandPort(): HandPort {
  return {
    byHand: true,
    open(listener) {
      let closed = false;
      listener(stateEvent('open', say('errors.meterByHand')));
      return {
        enter: (sample) => {
          if (!closed) listener({ type: 'sample', sample });
        },
        close: () => {
          if (closed) return;
          closed = true;
          listener(stateEvent('closed'));
        },
      };
    },
  };
}
