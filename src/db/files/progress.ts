/** How far long work on a file is. */
export interface FileProgress {
  readonly doing: 'writing' | 'checking' | 'reading' | 'comparing' | 'keeping';
  /** done of this step, 0 to 1 */
  readonly share: number;
}

/** Hears how far it is. */
export type OnProgress = (progress: FileProgress) => void;

/** A file that holds no text in UTF-8. */
export class NotTextError extends Error {}

/**
 * The text of a file in pieces.
 *
 * @param onShare - hears how much of it was read, 0 to 1
 * @throws NotTextError where it is no text in UTF-8
 */
export async function* textOf(
  blob: Blob,
  onShare: (share: number) => void,
): AsyncGenerator<string> {
  const decoder = new TextDecoder('utf-8', { fatal: true });
  const reader = blob.stream().getReader();
  const decoded = (bytes?: Uint8Array): string => {
    try {
      return bytes ? decoder.decode(bytes, { stream: true }) : decoder.decode();
    } catch {
      throw new NotTextError('no text in UTF-8');
    }
  };
  let read = 0;
  for (;;) {
    const { done, value } = await reader.read();
    if (done) break;
    read += value.byteLength;
    yield decoded(value);
    onShare(read / Math.max(1, blob.size));
  }
  yield decoded();
}
