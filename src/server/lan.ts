import { createServer } from 'node:https';
import { homedir, networkInterfaces } from 'node:os';
import path from 'node:path';
import QRCode from 'qrcode';
import { certificateOf, fingerprintOf, type Certificate } from './certificate';

/** Numbers of this machine in the networks around it. */
export const lanNumbers = (): string[] =>
  Object.values(networkInterfaces())
    .flatMap((all) => all ?? [])
    .filter(({ family, internal }) => family === 'IPv4' && !internal)
    .map(({ address }) => address);

/** Where the certificate is kept. */
const folderOf = (environment: NodeJS.ProcessEnv): string =>
  environment['RIPENUM_HOME'] ?? path.join(homedir(), '.ripenum');

/** The house as other devices around it reach it. */
export interface Lan {
  readonly addresses: readonly string[];
  readonly certificate: Certificate;
}

/**
 * @throws Error with one sentence where no network is there, or the certificate cannot be kept
 */
export async function lanOf(port: number, numbers: readonly string[] = lanNumbers()): Promise<Lan> {
  if (numbers.length === 0) {
    throw new Error('This computer is in no network: connect it, or start without --lan.');
  }
  const names = [...numbers, 'localhost', '127.0.0.1'];
  const certificate = await certificateOf(names, folderOf(process.env));
  return { addresses: numbers.map((number) => `https://${number}:${port}`), certificate };
}

/** What is printed for whoever holds the phone. */
export async function lanText({ addresses, certificate }: Lan): Promise<string> {
  const [best = ''] = addresses;
  return [
    `On a phone in the same network, open ${addresses.join(' or ')}`,
    await QRCode.toString(best, { type: 'terminal', small: true }),
    'The phone will warn that it does not know who made the certificate: this computer did.',
    'Look at the certificate before you go on. Its SHA-256 fingerprint must be',
    fingerprintOf(certificate),
    'While you only accept the warning, the phone needs this computer each time it opens Ripenum.',
    'Anyone in this network can open the page; the records stay on each device.',
  ].join('\n');
}

/** Makes the server that answers with encryption. */
export const secureServer = ({ certificate }: Lan) => ({
  createServer,
  serverOptions: { key: certificate.key, cert: certificate.cert },
});
