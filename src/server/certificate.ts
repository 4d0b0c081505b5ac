import { X509Certificate } from 'node:crypto';
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { isIP } from 'node:net';
import { generate } from 'selfsigned';

/** What a server needs to answer with encryption, both as PEM. */
export interface Certificate {
  readonly key: string;
  readonly cert: string;
}

/** Browsers take none that is good for longer [days]. */
const GOOD_FOR_DAYS = 390;

/** Made anew so long before it runs out, so that no visit meets an old one [days]. */
const RENEWED_BEFORE_DAYS = 14;

const DAY_MS = 86_400_000;

/** Whether a certificate names all addresses and is good for some time yet. */
function fits({ key, cert }: Certificate, names: readonly string[], now: number): boolean {
  const made = new X509Certificate(cert);
  const isNamed = (name: string): boolean =>
    (isIP(name) === 0 ? made.checkHost(name) : made.checkIP(name)) !== undefined;
  const left = Date.parse(made.validTo) - now;
  return key !== '' && names.every(isNamed) && left > RENEWED_BEFORE_DAYS * DAY_MS;
}

/** @param names - names and numbers under which it is reached, the best first */
async function made(names: readonly string[], now: number): Promise<Certificate> {
  const altNames = names.map((name) =>
    isIP(name) === 0 ? { type: 2 as const, value: name } : { type: 7 as const, ip: name },
  );
  const pair = await generate([{ name: 'commonName', value: 'Ripenum' }], {
    keyType: 'ec',
    curve: 'P-256',
    algorithm: 'sha256',
    notBeforeDate: new Date(now),
    notAfterDate: new Date(now + GOOD_FOR_DAYS * DAY_MS),
    extensions: [
      // it vouches for this server only: nobody can make others with it
      { name: 'basicConstraints', cA: false, critical: true },
      { name: 'keyUsage', digitalSignature: true, critical: true },
      { name: 'extKeyUsage', serverAuth: true },
      { name: 'subjectAltName', altNames },
    ],
  });
  return { key: pair.private, cert: pair.cert };
}

/** What was made before; null where there is none or it cannot be read. */
function kept(file: string): Certificate | null {
  try {
    const { key, cert } = JSON.parse(readFileSync(file, 'utf8')) as Partial<Certificate>;
    return key !== undefined && cert !== undefined ? { key, cert } : null;
  } catch {
    return null;
  }
}

/**
 * The certificate of this house: the one made before, so that a phone that took it once need not be asked
 * again, or a new one where addresses changed or it runs out.
 *
 * @param folder - where it is kept, readable for its owner only
 * @throws Error where it cannot be kept
 */
export async function certificateOf(
  names: readonly string[],
  folder: string,
  now = Date.now(),
): Promise<Certificate> {
  const file = path.join(folder, 'certificate.json');
  const before = kept(file);
  if (before && fits(before, names, now)) return before;
  const fresh = await made(names, now);
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  writeFileSync(file, JSON.stringify(fresh), { mode: 0o600 });
  return fresh;
}

/** What the browser shows of a certificate when one looks closer: SHA-256, in pairs. */
export const fingerprintOf = ({ cert }: Certificate): string =>
  new X509Certificate(cert).fingerprint256;
