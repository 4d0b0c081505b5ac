import { settling, type Scale, type Settling, type Message, say, type MessageValue } from '../core';
import {
  STATE_SENTENCES,
  type InstrumentPort,
  type PortEvent,
  type PortSample,
  type PortSession,
  type PortState,
} from './port';

/** What a page shows of a meter. */
export interface MeterView {
  readonly state: PortState;
  readonly sentence: Message;
  readonly last: PortSample | null;
  readonly settling: Settling;
  /** the last samples, oldest first */
  readonly samples: readonly PortSample[];
  readonly received: number;
  /** lines that were not understood, or on another scale */
  readonly ignored: number;
  readonly lastIgnored: MessageValue;
}

/** What a watch needs from outside, so that tests decide about time. */
export interface WatchOptions {
  readonly scale: Scale;
  /** half a division is usual, in the unit of the scale */
  readonly tolerance: number;
  readonly nowMs: () => number;
  /** calls back once after so many milliseconds; gives what undoes it */
  readonly after: (ms: number, run: () => void) => () => void;
}

/** Samples kept: some minutes at the usual pace. */
const MOST_SAMPLES = 900;

/** The page is reported at most so often [ms]. */
export const TELL_EVERY_MS = 250;

/** A meter that sends nothing for so long is silent [ms]. */
const SILENT_AFTER_MS = 5000;

const NOTHING: MeterView = {
  state: 'closed',
  sentence: STATE_SENTENCES.closed,
  last: null,
  settling: { status: 'waiting', secondsLeft: 0 },
  samples: [],
  received: 0,
  ignored: 0,
  lastIgnored: '',
};

/** Samples and lines so far. */
interface Counts {
  received: number;
  ignored: number;
  lastIgnored: MessageValue;
}

/** Listens to a port, judges whether the meter has settled, and tells the page now and then. */
export class MeterWatch {
  private session: PortSession | null = null;
  private view: MeterView = NOTHING;
  private samples: PortSample[] = [];
  private counts: Counts = { received: 0, ignored: 0, lastIgnored: '' };
  private link: Pick<MeterView, 'state' | 'sentence'> = NOTHING;
  private waiting: (() => void) | null = null;
  private silence: (() => void) | null = null;
  private lastToldMs = -Infinity;
  private readonly listeners = new Set<() => void>();

  constructor(
    private readonly port: InstrumentPort,
    private readonly options: WatchOptions,
  ) {}

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  readonly snapshot = (): MeterView => this.view;

  connect(): void {
    this.session?.close();
    this.samples = [];
    this.counts = { received: 0, ignored: 0, lastIgnored: '' };
    this.session = this.port.open((event) => this.hear(event));
  }

  /** Fresh honey on the prism: what came before does not count. */
  startAnew(): void {
    this.samples = [];
    this.tellNow();
  }

  disconnect(): void {
    this.session?.close();
    this.session = null;
    this.stopWaiting();
    this.tellNow();
  }

  private hear(event: PortEvent): void {
    switch (event.type) {
      case 'state':
        this.link = { state: event.state, sentence: event.sentence };
        if (event.state === 'lost') this.samples = [];
        if (event.state === 'open') this.watchSilence();
        this.tellNow();
        return;
      case 'ignored':
        this.ignore(event.text);
        return;
      case 'sample':
        this.take(event.sample);
    }
  }

  private take(sample: PortSample): void {
    if (sample.scale !== this.options.scale) {
      this.ignore(say('errors.otherScale', { value: sample.dialValue }));
      return;
    }
    this.counts.received += 1;
    this.samples.push(sample);
    if (this.samples.length > MOST_SAMPLES) this.samples.splice(0, MOST_SAMPLES / 3);
    if (this.link.state === 'silent') {
      this.link = { state: 'open', sentence: STATE_SENTENCES.open };
    }
    this.watchSilence();
    this.tellSoon();
  }

  private ignore(text: MessageValue): void {
    this.counts.ignored += 1;
    this.counts.lastIgnored = text;
    this.tellSoon();
  }

  private watchSilence(): void {
    this.silence?.();
    this.silence = this.options.after(SILENT_AFTER_MS, () => {
      if (this.link.state !== 'open') return;
      this.link = { state: 'silent', sentence: STATE_SENTENCES.silent };
      this.tellNow();
    });
  }

  private stopWaiting(): void {
    this.waiting?.();
    this.waiting = null;
    this.silence?.();
    this.silence = null;
  }

  private tellSoon(): void {
    if (this.waiting) return;
    const due = this.lastToldMs + TELL_EVERY_MS - this.options.nowMs();
    if (due <= 0) {
      this.tellNow();
      return;
    }
    this.waiting = this.options.after(due, () => {
      this.waiting = null;
      this.tellNow();
    });
  }

  private tellNow(): void {
    this.lastToldMs = this.options.nowMs();
    this.view = {
      ...this.link,
      ...this.counts,
      samples: [...this.samples],
      last: this.samples[this.samples.length - 1] ?? null,
      settling: settling(this.samples, this.options.tolerance),
    };
    this.listeners.forEach((listener) => listener());
  }
}
