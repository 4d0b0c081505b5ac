import { isIP } from 'node:net';

/** What the command line asks for. */
export interface CommandLine {
  readonly port: number;
  readonly host: string;
  readonly demo: boolean;
  /** other devices of the network reach it as well, with encryption */
  readonly lan: boolean;
  /** names under which it is reached, beside localhost */
  readonly names: readonly string[];
}

const DEFAULT_PORT = 4170;

/**
 * The options of `npm start -- --port 4171 --demo`; the environment's PORT and HOST count where no
 * option is given. `--name honey.example`, once or oftener, says under which names it is reached.
 *
 * @throws Error with one sentence for an impossible port
 */
export function readCommandLine(
  args: readonly string[],
  environment: Readonly<Record<string, string | undefined>>,
): CommandLine {
  const at = args.indexOf('--port');
  const text = at >= 0 ? args[at + 1] : environment['PORT'];
  const port = text === undefined ? DEFAULT_PORT : Number(text);
  if (!Number.isInteger(port) || port < 1 || port > 65_535) {
    throw new Error(`The port must be a whole number from 1 to 65535; “${text ?? ''}” is not.`);
  }
  const host = environment['HOST'] ?? 'localhost';
  const given = args.flatMap((arg, after) => (args[after - 1] === '--name' ? [arg] : []));
  const names = [host, ...given].filter((name) => isIP(name) === 0);
  return { port, host, demo: args.includes('--demo'), lan: args.includes('--lan'), names };
}
