/** Bytes that become letters at one go: a multiple of three, fewer than a call takes arguments. */
const BYTES_AT_ONCE = 0x6000;

/** Bytes as base64. */
export function base64Of(bytes: Uint8Array): string {
  const letters: string[] = [];
  for (let from = 0; from < bytes.length; from += BYTES_AT_ONCE) {
    letters.push(btoa(String.fromCharCode(...bytes.subarray(from, from + BYTES_AT_ONCE))));
  }
  return letters.join('');
}

/** Bytes of a text in base64; null where it is none: a row that was set aside may hold anything. */
export function bytesOf(base64: unknown): Uint8Array<ArrayBuffer> | null {
  if (typeof base64 !== 'string') return null;
  let letters: string;
  try {
    letters = atob(base64);
  } catch {
    return null;
  }
  const bytes = new Uint8Array(letters.length);
  for (let at = 0; at < bytes.length; at += 1) bytes[at] = letters.charCodeAt(at);
  return bytes;
}
