import { expose } from 'comlink';

/** One end of a line on which what is sent arrives a turn of the clock later, as it is. */
class LineEnd extends EventTarget {
  far: LineEnd | null = null;

  postMessage(data: unknown): void {
    setImmediate(() => this.far?.dispatchEvent(new MessageEvent('message', { data })));
  }
}

let started = 0;

/**
 * A worker that computes beside the page, in the same process: its module is read anew for each of them,
 * since that is where a worker keeps what it was given.
 */
class NearWorker extends LineEnd {
  constructor(module: URL) {
    super();
    const inside = new LineEnd();
    started += 1;
    void import(`${module.href}?worker=${started}`).then(({ default: work }) => {
      inside.far = this;
      expose(work, inside);
      this.far = inside;
      this.waiting.splice(0).forEach((data) => super.postMessage(data));
    });
  }

  /** what was sent before its code was read */
  private readonly waiting: unknown[] = [];

  override postMessage(data: unknown): void {
    if (this.far) super.postMessage(data);
    else this.waiting.push(data);
  }

  terminate(): void {
    if (this.far) this.far.far = null;
    this.far = null;
  }
}

/** From now on workers answer; gives back the page's own, which never do. */
export function letWorkersAnswer(): () => void {
  const silent = globalThis.Worker;
  globalThis.Worker = NearWorker as unknown as typeof Worker;
  return () => {
    globalThis.Worker = silent;
  };
}
