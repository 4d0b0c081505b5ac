import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { serve } from '@hono/node-server';
import { createServerApp } from './app';
import { readCommandLine, type CommandLine } from './options';

function stop(sentence: string): never {
  console.error(sentence);
  process.exit(1);
}

function commandLine(): CommandLine {
  try {
    return readCommandLine(process.argv.slice(2), process.env);
  } catch (error) {
    return stop(error instanceof Error ? error.message : String(error));
  }
}

/** Long enough for a slow phone, short enough that nobody holds a place for nothing. */
const LIMITS = {
  maxHeaderSize: 16_384,
  headersTimeout: 10_000,
  requestTimeout: 30_000,
  keepAliveTimeout: 5_000,
};
const MOST_CONNECTIONS = 200;

const { port, host, demo, names } = commandLine();
const here = path.dirname(fileURLToPath(import.meta.url));
const clientFolder = path.relative(process.cwd(), path.join(here, '../client'));
const app = createServerApp({ clientFolder, demo, names });

const options = { fetch: app.fetch, port, hostname: host, serverOptions: LIMITS };
const server = serve(options, () => {
  console.log(`Ripenum is ready: http://${host}:${port}${demo ? '/demo/today' : '/'}`);
});

if ('maxConnections' in server) server.maxConnections = MOST_CONNECTIONS;

server.on('error', (error: NodeJS.ErrnoException) => {
  if (error.code === 'EADDRINUSE') {
    stop(
      `Port ${port} is taken by another program. Stop that one, or start Ripenum with another port: npm start -- --port ${port + 1}`,
    );
  }
  stop(`The server could not start: ${error.message}`);
});

for (const signal of ['SIGINT', 'SIGTERM'] as const) {
  process.on(signal, () => {
    server.close(() => process.exit(0));
    if ('closeAllConnections' in server) server.closeAllConnections();
  });
}
