import type { MeterSample, Scale } from '../core';
import { say, type Message } from '../core';

/** A value as a meter gave it, with the scale it is on. */
export interface PortSample extends MeterSample {
  readonly scale: Scale;
}

/** How it stands with the connection. */
export type PortState = 'connecting' | 'open' | 'silent' | 'lost' | 'refused' | 'closed';

/** What an adapter tells. */
export type PortEvent =
  | { readonly type: 'state'; readonly state: PortState; readonly sentence: Message }
  | { readonly type: 'sample'; readonly sample: PortSample }
  /** a line that could not be understood */
  | { readonly type: 'ignored'; readonly text: string };

export type PortListener = (event: PortEvent) => void;

/** An open connection; after `close` nothing more is reported. */
export interface PortSession {
  close(): void;
}

/** Where values of a meter come from: a person, a stand-in, a cable. */
export interface InstrumentPort {
  /** whether a person reads it, so that a value is settled as soon as it is given */
  readonly byHand: boolean;
  open(listener: PortListener): PortSession;
}

/** What each state means. */
export const STATE_SENTENCES: Readonly<Record<PortState, Message>> = {
  connecting: say('errors.meterConnecting'),
  open: say('errors.meterOpen'),
  silent: say('errors.meterSilent'),
  lost: say('errors.meterLost'),
  refused: say('errors.meterRefused'),
  closed: say('errors.meterClosed'),
};

export const stateEvent = (state: PortState, sentence = STATE_SENTENCES[state]): PortEvent => ({
  type: 'state',
  state,
  sentence,
});
