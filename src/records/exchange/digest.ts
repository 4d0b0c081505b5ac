import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex, concatBytes, utf8ToBytes } from '@noble/hashes/utils.js';

/** A value as text that is the same whatever the order of its keys. */
export function canonicalText(value: unknown): string {
  return JSON.stringify(value, (_key, inner: unknown) =>
    typeof inner === 'object' && inner !== null && !Array.isArray(inner)
      ? Object.fromEntries(Object.entries(inner).sort(([a], [b]) => (a < b ? -1 : a > b ? 1 : 0)))
      : inner,
  );
}

/** SHA-256 of a text in UTF-8, as 64 hexadecimal digits. */
export const digestOf = (text: string): string => bytesToHex(sha256(utf8ToBytes(text)));

/** SHA-256 of bytes, as 64 hexadecimal digits. */
export const digestOfBytes = (bytes: Uint8Array): string => bytesToHex(sha256(bytes));

/** SHA-256 of a text that comes in pieces; pieces may part anywhere but within a character. */
export class TextDigest {
  private readonly hash = sha256.create();

  add(piece: string): void {
    this.hash.update(utf8ToBytes(piece));
  }

  hex(): string {
    return bytesToHex(this.hash.clone().digest());
  }
}

/**
 * The chain over values as they come: each link is the digest of the one before it and the value, so
 * that no value can be changed, taken out, added or moved without changing the last link.
 */
export class DigestChain {
  private link: Uint8Array;

  /** @param start - what the chain begins with; it is bound in as well */
  constructor(start: string) {
    this.link = sha256(utf8ToBytes(start));
  }

  /** The link after one more value, as 64 hexadecimal digits. */
  add(value: unknown): string {
    this.link = sha256(concatBytes(this.link, utf8ToBytes(canonicalText(value))));
    return this.head();
  }

  head(): string {
    return bytesToHex(this.link);
  }
}

/** The chain over some values: one link a value, hexadecimal. */
export function digestChain(start: string, values: readonly unknown[]): string[] {
  const chain = new DigestChain(start);
  return values.map((value) => chain.add(value));
}

/** The last link of a chain; the digest of its start where there is no value. */
export const chainHead = (start: string, values: readonly unknown[]): string =>
  digestChain(start, values).at(-1) ?? digestOf(start);
