import { NotTextError } from './notText';

/** Whether a file is a zip, by its first bytes. */
async function isZip(blob: Blob): Promise<boolean> {
  const [p, k, three, four] = new Uint8Array(await blob.slice(0, 4).arrayBuffer());
  return p === 0x50 && k === 0x4b && three === 3 && four === 4;
}

type OnShare = (share: number) => void;

async function* decoded(
  bytes: ReadableStream<Uint8Array>,
  size: number,
  onShare: OnShare,
): AsyncGenerator<string> {
  const decoder = new TextDecoder('utf-8', { fatal: true });
  const decode = (part?: Uint8Array): string => {
    try {
      return part ? decoder.decode(part, { stream: true }) : decoder.decode();
    } catch {
      throw new NotTextError();
    }
  };
  const reader = bytes.getReader();
  let read = 0;
  for (;;) {
    const { done, value } = await reader.read();
    if (done) break;
    read += value.byteLength;
    yield decode(value);
    onShare(read / Math.max(1, size));
  }
  yield decode();
}

/**
 * The text of a file in pieces; of a zip, that of its records with their photographs.
 *
 * @param onShare - hears how much of it was read, 0 to 1
 * @throws NotTextError where it is no text in UTF-8, or a zip without records
 */
export async function* textOf(blob: Blob, onShare: OnShare): AsyncGenerator<string> {
  if (await isZip(blob)) {
    const { zippedText } = await import('./zippedFile');
    yield* zippedText(blob, (bytes, size) => decoded(bytes, size, onShare));
  } else {
    yield* decoded(blob.stream(), blob.size, onShare);
  }
}
