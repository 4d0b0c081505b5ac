import { lineHandler } from './lineListener';
import { LineCutter } from './lines';
import { stateEvent, type InstrumentPort, type PortListener } from './port';
import { say, type Message } from '../core';

/** The part of a Web Serial port that is used. */
export interface SerialPortLike {
  readonly readable: ReadableStream<Uint8Array> | null;
  open(options: { baudRate: number }): Promise<void>;
  close(): Promise<void>;
}

/** The part of `navigator.serial` that is used. */
export interface SerialLike {
  requestPort(): Promise<SerialPortLike>;
}

export interface SerialOptions {
  readonly serial: SerialLike;
  readonly baudRate: number;
  /** seconds of any clock, for meters that send none */
  readonly nowS: () => number;
}

const NOBODY_CHOSEN = say('errors.noPortChosen');
const CANNOT_OPEN = say('errors.portBusy');

/** Reads lines until the port ends, fails, or is closed. */
class SerialReader {
  private closed = false;
  private port: SerialPortLike | null = null;
  private reader: ReadableStreamDefaultReader<Uint8Array> | null = null;

  constructor(
    private readonly options: SerialOptions,
    private readonly listener: PortListener,
  ) {}

  async run(): Promise<void> {
    this.listener(stateEvent('connecting', say('errors.choosePort')));
    if (!(await this.openPort())) return;
    this.listener(stateEvent('open'));
    await this.readAll();
    await this.release();
    if (!this.closed) this.listener(stateEvent('lost'));
  }

  private async openPort(): Promise<boolean> {
    try {
      this.port = await this.options.serial.requestPort();
    } catch {
      return this.refuse(NOBODY_CHOSEN);
    }
    if (this.closed) return false;
    try {
      await this.port.open({ baudRate: this.options.baudRate });
    } catch {
      return this.refuse(CANNOT_OPEN);
    }
    return !this.closed;
  }

  private refuse(sentence: Message): false {
    if (!this.closed) this.listener(stateEvent('refused', sentence));
    return false;
  }

  private async readAll(): Promise<void> {
    const cutter = new LineCutter();
    const decoder = new TextDecoder();
    const tell = lineHandler(this.listener, this.options.nowS);
    this.reader = this.port?.readable?.getReader() ?? null;
    try {
      while (!this.closed && this.reader) {
        const { value, done } = await this.reader.read();
        if (done || this.closed) break;
        cutter.push(decoder.decode(value, { stream: true })).forEach(tell);
      }
    } catch {
      // A pulled cable ends the reading; the state says so.
    }
  }

  private async release(): Promise<void> {
    try {
      this.reader?.releaseLock();
      await this.port?.close();
    } catch {
      // A port that is gone cannot be closed.
    }
  }

  close(): void {
    if (this.closed) return;
    this.closed = true;
    void this.reader?.cancel().catch(() => undefined);
    this.listener(stateEvent('closed'));
  }
}

/** An instrument that sends lines over a serial cable, through the browser's Web Serial. */
export function createSerialPort(options: SerialOptions): InstrumentPort {
  return {
    byHand: false,
    open(listener) {
      const reader = new SerialReader(options, listener);
      void reader.run();
      return { close: () => reader.close() };
    },
  };
}
