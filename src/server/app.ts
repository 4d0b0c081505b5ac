import { serveStatic } from '@hono/node-server/serve-static';
import { Hono } from 'hono';
import { compress } from 'hono/compress';
import { createMiddleware } from 'hono/factory';
import { secureHeaders } from 'hono/secure-headers';
import { EventStreams } from './eventStreams';
import { knownHost } from './knownHost';
import { LetterBoxes } from './letterBox';
import { letterRoutes } from './routes/letters';
import { loggerRoutes } from './routes/logger';
import { scaleRoutes } from './routes/scale';
import { weatherRoutes } from './routes/weather';
import { meterRoutes } from './routes/meter';

/** How the server is started. */
export interface ServerOptions {
  /** folder of the built application, relative to the working directory */
  readonly clientFolder: string;
  /** the front door leads into the demo season */
  readonly demo: boolean;
  /** names under which it is reached, beside localhost and numbers */
  readonly names?: readonly string[];
  /** under which other devices reach it, beginning with the best */
  readonly addresses?: readonly string[];
}

/** Nothing is loaded from, or sent to, any other host; WebAssembly is allowed for later solvers. */
const CONTENT_SECURITY_POLICY = {
  defaultSrc: ["'none'"],
  scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
  styleSrc: ["'self'"],
  imgSrc: ["'self'", 'data:', 'blob:'],
  fontSrc: ["'self'"],
  connectSrc: ["'self'"],
  workerSrc: ["'self'"],
  manifestSrc: ["'self'"],
  baseUri: ["'none'"],
  formAction: ["'self'"],
  frameAncestors: ["'none'"],
};

/** Files whose name carries a digest of their content may be kept for ever; all others are asked for. */
function cacheControl(path: string): string {
  return path.startsWith('/assets/') ? 'public, max-age=31536000, immutable' : 'no-cache';
}

/** Where two devices leave sealed letters for one another. */
const LETTERS = '/api/letters';

/** How often letters that nobody came for are forgotten [ms]. */
const FORGET_EVERY_MS = 60_000;

/** Nothing else is sent to this server. */
const onlyReading = createMiddleware(async (context, next) => {
  if (['GET', 'HEAD'].includes(context.req.method)) return next();
  if (context.req.path.startsWith(`${LETTERS}/`)) return next();
  const message = 'This address takes no data: it answers GET and HEAD only.';
  return context.json({ error: { code: 'only-reading', message } }, 405, { Allow: 'GET, HEAD' });
});

/** The server: it hands out the built application and answers whether it is well. */
export function createServerApp({
  clientFolder,
  demo,
  names = [],
  addresses = [],
}: ServerOptions): Hono {
  const app = new Hono();
  const streams = new EventStreams();
  const boxes = new LetterBoxes();
  setInterval(() => boxes.forget(), FORGET_EVERY_MS).unref();
  app.use(knownHost(names));
  app.use(onlyReading);
  app.use(compress());
  app.use(
    secureHeaders({
      contentSecurityPolicy: CONTENT_SECURITY_POLICY,
      referrerPolicy: 'no-referrer',
      strictTransportSecurity: false,
    }),
  );
  app.get('/api/health', (context) => context.json({ status: 'ok' }));
  app.route('/api/meter', meterRoutes(streams));
  app.route('/api/logger', loggerRoutes(streams));
  app.route('/api/weather', weatherRoutes());
  app.route('/api/scale', scaleRoutes());
  app.route(LETTERS, letterRoutes(boxes, addresses));
  app.all('/api/*', (context) =>
    context.json({ error: { code: 'not-found', message: 'There is no such address.' } }, 404),
  );
  if (demo) app.get('/', (context) => context.redirect('/demo/today'));
  app.use(async (context, next) => {
    await next();
    if (context.res.ok) context.header('Cache-Control', cacheControl(context.req.path));
  });
  app.use(serveStatic({ root: clientFolder, precompressed: true }));
  app.get('*', (context, next) => {
    const isFile = /\.[a-z0-9]+$/i.test(context.req.path);
    return isFile
      ? next()
      : serveStatic({ root: clientFolder, path: 'index.html', precompressed: true })(context, next);
  });
  return app;
}
