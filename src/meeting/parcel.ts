import { concatBytes } from '@noble/hashes/utils.js';
import { MeetingTrouble } from './trouble';
import type { Post } from './post';

/** What is cut into one letter [bytes]; the letter box takes a little more. */
const PIECE_BYTES = 256 * 1024;

/** Bytes of the number that is used once, before what it sealed. */
const NONCE_BYTES = 12;

/** The device that shows the code, and the one that read it. */
export type Side = 'host' | 'guest';

/** What a parcel is about. */
export type Matter = 'hello' | 'file' | 'done';

const slotOf = (side: Side, matter: Matter, at: number): string => `${side}-${matter}-${at}`;

/** Bound to its place: a letter that is moved, or sent back to its sender, does not open. */
const sealing = (nonce: Uint8Array<ArrayBuffer>, slot: string): AesGcmParams => ({
  name: 'AES-GCM',
  iv: nonce,
  additionalData: new TextEncoder().encode(slot),
});

async function sealed(
  key: CryptoKey,
  slot: string,
  plain: Uint8Array<ArrayBuffer>,
): Promise<Uint8Array<ArrayBuffer>> {
  const nonce = crypto.getRandomValues(new Uint8Array(NONCE_BYTES));
  const body = await crypto.subtle.encrypt(sealing(nonce, slot), key, plain);
  return concatBytes(nonce, new Uint8Array(body));
}

async function opened(
  key: CryptoKey,
  slot: string,
  letter: Uint8Array<ArrayBuffer>,
): Promise<Uint8Array<ArrayBuffer>> {
  const nonce = letter.slice(0, NONCE_BYTES);
  try {
    const body = letter.slice(NONCE_BYTES);
    return new Uint8Array(await crypto.subtle.decrypt(sealing(nonce, slot), key, body));
  } catch {
    throw new MeetingTrouble('not-theirs');
  }
}

/** Packs or unpacks what a browser can without a package. */
const through = (blob: Blob, pair: CompressionStream | DecompressionStream): Promise<Blob> =>
  new Response(blob.stream().pipeThrough(pair)).blob();

export const packed = (blob: Blob): Promise<Blob> => through(blob, new CompressionStream('gzip'));
export const unpacked = (blob: Blob): Promise<Blob> =>
  through(blob, new DecompressionStream('gzip'));

const bytesOf = async (blob: Blob): Promise<Uint8Array<ArrayBuffer>> =>
  new Uint8Array(await blob.arrayBuffer());

/** Two ends of a meeting and the key that both have. */
export interface Line {
  readonly post: Post;
  readonly key: CryptoKey;
  readonly side: Side;
}

type OnShare = (share: number) => void;

/** Sends a parcel, letter by letter; each says of how many it is one. */
export async function sendParcel(
  { post, key, side }: Line,
  matter: Matter,
  content: Blob,
  onShare: OnShare = () => undefined,
): Promise<void> {
  const whole = await packed(content);
  const count = Math.max(1, Math.ceil(whole.size / PIECE_BYTES));
  for (let at = 0; at < count; at += 1) {
    const piece = await bytesOf(whole.slice(at * PIECE_BYTES, (at + 1) * PIECE_BYTES));
    const slot = slotOf(side, matter, at);
    await post.leave(slot, await sealed(key, slot, concatBytes(headOf(count), piece)));
    onShare((at + 1) / count);
  }
}

/** Receives a parcel of the other side. */
export async function receiveParcel(
  { post, key, side }: Line,
  matter: Matter,
  onShare: OnShare = () => undefined,
): Promise<Blob> {
  const other = side === 'host' ? 'guest' : 'host';
  const pieces: Blob[] = [];
  for (let count = 1; pieces.length < count;) {
    const slot = slotOf(other, matter, pieces.length);
    const plain = await opened(key, slot, await post.fetch(slot));
    count = new DataView(plain.buffer).getUint32(0);
    pieces.push(new Blob([plain.slice(HEAD_BYTES)]));
    onShare(pieces.length / count);
  }
  return unpacked(new Blob(pieces));
}

/** Before each piece: of how many it is one. */
const HEAD_BYTES = 4;

function headOf(count: number): Uint8Array {
  const head = new DataView(new ArrayBuffer(HEAD_BYTES));
  head.setUint32(0, count);
  return new Uint8Array(head.buffer);
}
