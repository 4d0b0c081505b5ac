import type { SerialLike, SerialPortLike } from '../serialPort';

/** A serial cable that a test holds in its hands. */
export class SimulatedSerial implements SerialLike {
  private controller: ReadableStreamDefaultController<Uint8Array> | null = null;
  private readonly encoder = new TextEncoder();
  baudRate = 0;
  closedTimes = 0;
  refuse: 'choosing' | 'opening' | null = null;

  requestPort(): Promise<SerialPortLike> {
    if (this.refuse === 'choosing') return Promise.reject(new Error('NotFoundError'));
    const readable = new ReadableStream<Uint8Array>({
      start: (controller) => {
        this.controller = controller;
      },
    });
    return Promise.resolve({
      readable,
      open: ({ baudRate }) => {
        if (this.refuse === 'opening') return Promise.reject(new Error('NetworkError'));
        this.baudRate = baudRate;
        return Promise.resolve();
      },
      close: () => {
        this.closedTimes += 1;
        return Promise.resolve();
      },
    });
  }

  /** The instrument sends bytes, in whatever pieces. */
  send(...pieces: readonly (string | Uint8Array)[]): void {
    for (const piece of pieces) {
      try {
        this.controller?.enqueue(typeof piece === 'string' ? this.encoder.encode(piece) : piece);
      } catch {
        // Nobody listens any more.
      }
    }
  }

  /** The cable is pulled. */
  pull(): void {
    this.controller?.error(new Error('NetworkError: the device has been lost'));
  }
}
