import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { serve, type ServerType } from '@hono/node-server';
import { createServerApp } from './app';
import { lanOf, lanText, secureServer } from './lan';
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

const { port, host, demo, names, lan: isLan } = commandLine();
/** Other devices come in by the door beside it. */
const lanPort = port + 1;
const lan = isLan ? await lanOf(lanPort).catch((error: Error) => stop(error.message)) : null;
const here = path.dirname(fileURLToPath(import.meta.url));
const clientFolder = path.relative(process.cwd(), path.join(here, '../client'));
const { fetch } = createServerApp({ clientFolder, demo, names, addresses: lan?.addresses ?? [] });
const front = demo ? '/demo/today' : '/';

function whyNot(error: NodeJS.ErrnoException, taken: number): string {
  return error.code === 'EADDRINUSE'
    ? `Port ${taken} is taken by another program. Stop that one, or start Ripenum with another port: npm start -- --port ${port + 2}`
    : `The server could not start: ${error.message}`;
}

/** Listens at one door. */
function opened(options: Parameters<typeof serve>[0], ready: () => void): ServerType {
  const server = serve(options, ready);
  if ('maxConnections' in server) server.maxConnections = MOST_CONNECTIONS;
  server.on('error', (error: NodeJS.ErrnoException) => stop(whyNot(error, options.port ?? 0)));
  return server;
}

const servers = [
  opened({ fetch, port, hostname: host, serverOptions: LIMITS }, () =>
    console.log(`Ripenum is ready: http://${host}:${port}${front}`),
  ),
];
if (lan) {
  const { createServer, serverOptions } = secureServer(lan);
  const options = { ...LIMITS, ...serverOptions };
  const all = { fetch, port: lanPort, hostname: '0.0.0.0', createServer, serverOptions: options };
  servers.push(opened(all, () => void lanText(lan).then(console.log)));
}

for (const signal of ['SIGINT', 'SIGTERM'] as const) {
  process.on(signal, () => {
    let left = servers.length;
    for (const server of servers) {
      server.close(() => {
        left -= 1;
        if (left === 0) process.exit(0);
      });
      if ('closeAllConnections' in server) server.closeAllConnections();
    }
  });
}
