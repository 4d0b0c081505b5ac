import type { Context } from 'hono';
import { stream } from 'hono/streaming';
import type { StreamingApi } from 'hono/utils/stream';

/** Streams that the stand-ins send at the same time; a house has fewer meters. */
const MOST_AT_ONCE = 40;

/** Server-sent events of the stand-ins, so many at a time and no more. */
export class EventStreams {
  private open = 0;

  constructor(private readonly most = MOST_AT_ONCE) {}

  /** Answers with what is sent until it ends or nobody listens; with a sentence where there are too many. */
  answer(context: Context, send: (out: StreamingApi) => Promise<void>): Response {
    if (this.open >= this.most) {
      const message = 'Too many simulated devices are running. Close one and try again.';
      return context.json({ error: { code: 'busy', message } }, 503);
    }
    context.header('Content-Type', 'text/event-stream');
    context.header('Cache-Control', 'no-cache');
    context.header('X-Accel-Buffering', 'no');
    this.open += 1;
    return stream(context, async (out) => {
      try {
        await send(out);
      } finally {
        this.open -= 1;
      }
    });
  }
}
