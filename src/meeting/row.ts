import { base64Of, bytesOf } from '../records/exchange/base64';
import { digestOfBytes } from '../records/exchange/digest';
import { packed, unpacked } from './parcel';

/** A row holds no more than so, packed [bytes]: that is some hundred codes. */
export const MOST_ROW_BYTES = 30_000;

/** In one code, so that an ordinary camera can read it from a screen [bytes]. */
const CODE_BYTES = 280;

/** Digits of the digest that tell one row from another, and a whole one from a damaged one. */
const NAME_DIGITS = 16;

const MARK = 'RIPENUM-ROW';

const nameOf = (bytes: Uint8Array): string => digestOfBytes(bytes).slice(0, NAME_DIGITS);

/** A file as a row of texts, each for one code; null where it is too large, with its packed size. */
export async function rowOf(
  file: Blob,
): Promise<{ readonly texts: readonly string[] | null; readonly bytes: number }> {
  const bytes = new Uint8Array(await (await packed(file)).arrayBuffer());
  if (bytes.length > MOST_ROW_BYTES) return { texts: null, bytes: bytes.length };
  const name = nameOf(bytes);
  const count = Math.ceil(bytes.length / CODE_BYTES);
  const texts = Array.from({ length: count }, (_, at) => {
    const piece = bytes.slice(at * CODE_BYTES, (at + 1) * CODE_BYTES);
    return `${MARK}:${name}:${at}:${count}:${base64Of(piece)}`;
  });
  return { texts, bytes: bytes.length };
}

const CODE = new RegExp(
  `^${MARK}:([0-9a-f]{${NAME_DIGITS}}):(\\d{1,3}):(\\d{1,3}):([A-Za-z0-9+/=]+)$`,
);

/** How much of a row is there; empty before its first code. */
export interface RowSoFar {
  readonly count: number;
  /** numbers of the codes that are missing, from 1 */
  readonly missing: readonly number[];
}

/** Collects the codes of a row, in whatever order and however often they come. */
export class RowReading {
  private name = '';
  private count = 0;
  private pieces = new Map<number, Uint8Array<ArrayBuffer>>();

  /** Takes what a code says; false where it is no code of a row. Another row begins anew. */
  add(text: string): boolean {
    const [, name = '', at, count, body = ''] = CODE.exec(text) ?? [];
    const bytes = bytesOf(body);
    if (name === '' || bytes === null || Number(at) >= Number(count)) return false;
    if (name !== this.name || Number(count) !== this.count) {
      this.name = name;
      this.count = Number(count);
      this.pieces = new Map();
    }
    this.pieces.set(Number(at), bytes);
    return true;
  }

  soFar(): RowSoFar {
    const numbers = Array.from({ length: this.count }, (_, at) => at);
    const missing = numbers.filter((at) => !this.pieces.has(at)).map((at) => at + 1);
    return { count: this.count, missing };
  }

  /**
   * The file of a row that is whole.
   *
   * @throws Error where the codes do not belong together; they are read anew then
   */
  async file(): Promise<Blob> {
    const pieces = Array.from(
      { length: this.count },
      (_, at) => this.pieces.get(at) ?? new Uint8Array(),
    );
    const whole = new Blob(pieces);
    if (nameOf(new Uint8Array(await whole.arrayBuffer())) !== this.name) {
      this.pieces = new Map();
      throw new Error('the codes do not belong together');
    }
    return unpacked(whole);
  }
}
