import { MeetingTrouble, type MeetingTroubleCode } from './trouble';

/** Where sealed letters are left for the other device. */
export interface Post {
  /** opens the box of a code; only the device that shows it does */
  open(): Promise<void>;
  /** leaves a letter; waits while too many lie there */
  leave(slot: string, letter: Uint8Array<ArrayBuffer>): Promise<void>;
  /** waits for a letter and takes it out */
  fetch(slot: string): Promise<Uint8Array<ArrayBuffer>>;
}

type Fetch = typeof fetch;

/** How long until it is asked again [ms]. */
const ASK_AGAIN_MS = 400;

/** Asked so often without any answer, the server counts as gone. */
const MOST_SILENT = 20;

const TROUBLES: Readonly<Record<number, MeetingTroubleCode>> = {
  409: 'taken',
  410: 'over',
  503: 'busy',
};

/** Waits, unless it is given up meanwhile. */
function pause(signal: AbortSignal): Promise<void> {
  return new Promise((resolve, reject) => {
    const stop = (): void => {
      clearTimeout(timer);
      reject(signal.reason as Error);
    };
    const timer = setTimeout(() => {
      signal.removeEventListener('abort', stop);
      resolve();
    }, ASK_AGAIN_MS);
    signal.addEventListener('abort', stop, { once: true });
  });
}

interface PostOptions {
  /** name of the box */
  readonly box: string;
  readonly signal: AbortSignal;
  /** address of the letter boxes */
  readonly at?: string;
  readonly fetcher?: Fetch;
}

/**
 * The letter box of our own server.
 *
 * @throws MeetingTrouble from each of its calls; AbortError once it is given up
 */
export function httpPost(options: PostOptions): Post {
  const { box, signal, at = '/api/letters', fetcher = (...args) => fetch(...args) } = options;

  /** Asks until there is an answer that says something. */
  async function ask(method: string, path: string, body?: BodyInit): Promise<Response> {
    for (let silent = 0; ;) {
      signal.throwIfAborted();
      try {
        const init: RequestInit = { method, signal, cache: 'no-store', ...(body && { body }) };
        const answer = await fetcher(`${at}/${box}${path}`, init);
        if (answer.ok && answer.status !== 204) return answer;
        if (answer.status === 204 && method !== 'GET') return answer;
        if (answer.status !== 204 && answer.status !== 429) {
          throw new MeetingTrouble(TROUBLES[answer.status] ?? 'no-letter-box');
        }
        silent = 0;
      } catch (error) {
        if (error instanceof MeetingTrouble || signal.aborted) throw error;
        silent += 1;
        if (silent >= MOST_SILENT) throw new MeetingTrouble('no-letter-box');
      }
      await pause(signal);
    }
  }

  return {
    async open() {
      const answer = await ask('PUT', '');
      // a static host may answer anything with its front page
      if (answer.status !== 201) throw new MeetingTrouble('no-letter-box');
    },
    async leave(slot, letter) {
      await ask('PUT', `/${slot}`, letter);
    },
    async fetch(slot) {
      const answer = await ask('GET', `/${slot}`);
      const isLetter = answer.headers.get('Content-Type') === 'application/octet-stream';
      if (!isLetter) throw new MeetingTrouble('no-letter-box');
      const letter = new Uint8Array(await answer.arrayBuffer());
      await ask('DELETE', `/${slot}`);
      return letter;
    },
  };
}
