import { createHash } from 'node:crypto';

/** A letter and its box are forgotten so long after the last one came or was taken [ms]. */
export const FORGOTTEN_AFTER_MS = 10 * 60_000;

/** A letter is no larger than so [bytes]. */
export const MOST_BYTES = 300_000;

/** Letters of one side that wait in a box; more are asked to wait outside. */
const MOST_WAITING = 8;

/** Boxes at the same time: two devices need one. */
const MOST_BOXES = 20;

/** What became of a letter that was brought. */
export type Brought = 'kept' | 'full' | 'taken' | 'no-box';

/** What is found where a letter is asked for: it, nothing yet, or no such box. */
export type Found = Uint8Array | 'not-yet' | 'no-box';

/** Whose letter it is, what it is about, and its number: `host-file-3`. */
export const SLOT = /^(host|guest)-(hello|file|done)-(\d{1,7})$/;

const sideOf = (slot: string): string => slot.slice(0, slot.indexOf('-'));

function seriesOf(slot: string): [series: string, number: number] {
  const end = slot.lastIndexOf('-');
  return [slot.slice(0, end), Number(slot.slice(end + 1))];
}

const digestOf = (letter: Uint8Array | undefined): string =>
  letter ? createHash('sha256').update(letter).digest('hex') : '';

/** A letter that was taken, to be known again. */
interface Past {
  readonly number: number;
  readonly digest: string;
}

const NOTHING_YET: Past = { number: -1, digest: '' };

class Box {
  private readonly waiting = new Map<string, Uint8Array>();
  /** of each series its last letter that was taken: none comes twice */
  private readonly past = new Map<string, Past>();

  constructor(public touchedAt: number) {}

  bring(slot: string, letter: Uint8Array): Brought {
    const [series, number] = seriesOf(slot);
    const past = this.past.get(series) ?? NOTHING_YET;
    const there = number === past.number ? past.digest : digestOf(this.waiting.get(slot));
    // brought again since the answer was lost on its way
    if (there !== '') return there === digestOf(letter) ? 'kept' : 'taken';
    if (number < past.number) return 'taken';
    const own = [...this.waiting.keys()].filter((key) => sideOf(key) === sideOf(slot));
    if (own.length >= MOST_WAITING) return 'full';
    this.waiting.set(slot, letter);
    return 'kept';
  }

  letter(slot: string): Uint8Array | undefined {
    return this.waiting.get(slot);
  }

  take(slot: string): void {
    const letter = this.waiting.get(slot);
    if (!letter) return;
    const [series, number] = seriesOf(slot);
    this.waiting.delete(slot);
    this.past.set(series, { number, digest: digestOf(letter) });
  }
}

/**
 * Letters between two devices, sealed before they come here: kept in memory only, until they are taken or
 * minutes have passed. Nothing in them can be read here.
 */
export class LetterBoxes {
  private readonly boxes = new Map<string, Box>();

  /** @param now - clock [ms] */
  constructor(private readonly now: () => number = Date.now) {}

  /** Opens a box, unless it is open; false where there are too many. */
  open(id: string): boolean {
    this.forget();
    if (this.boxes.has(id)) return true;
    if (this.boxes.size >= MOST_BOXES) return false;
    this.boxes.set(id, new Box(this.now()));
    return true;
  }

  bring(id: string, slot: string, letter: Uint8Array): Brought {
    const box = this.boxOf(id);
    if (!box) return 'no-box';
    const brought = box.bring(slot, letter);
    if (brought === 'kept') box.touchedAt = this.now();
    return brought;
  }

  find(id: string, slot: string): Found {
    const box = this.boxOf(id);
    return box ? (box.letter(slot) ?? 'not-yet') : 'no-box';
  }

  /** Throws a letter away: it has arrived. */
  taken(id: string, slot: string): void {
    const box = this.boxOf(id);
    if (!box) return;
    box.take(slot);
    box.touchedAt = this.now();
  }

  private boxOf(id: string): Box | undefined {
    this.forget();
    return this.boxes.get(id);
  }

  /** Forgets what nobody came for. */
  forget(): void {
    for (const [id, box] of this.boxes) {
      if (this.now() - box.touchedAt > FORGOTTEN_AFTER_MS) this.boxes.delete(id);
    }
  }
}
