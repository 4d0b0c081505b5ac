import {
  DAY_MS,
  beliefOf,
  blocksOf,
  ferments,
  residueBlocks,
  blockSentence,
  type DrierStock,
  type DryingHistory,
  type Estimate,
  type HoneyKind,
  type LotEvidence,
  type TreatedFrames,
} from '../core';
import type { Blend } from './blend';
import { harvestOf, type Book } from './book';
import { dayNumber } from './days';
import { batchEndMs } from './dryingBatch';
import type { HoneyHouse } from './extractionFile';
import type { Frame } from './frame';
import type { LotFile } from './lotFile';
import { lotHeat } from './lotHeat';
import type { RoomFile } from './roomFile';
import { pouredMoisture, type PouredLine } from './pouring';
import { combStays } from './stays';

/** The part of a lot's evidence that is written down elsewhere. */
export type AroundEvidence = Pick<
  LotEvidence,
  | 'treatedFrames'
  | 'heat'
  | 'drying'
  | 'finestMeshUm'
  | 'drierStock'
  | 'blended'
  | 'inherited'
  | 'setAside'
>;

/** What is written down elsewhere. */
export interface Around {
  readonly book: Book;
  readonly rooms: readonly RoomFile[];
  readonly house: HoneyHouse;
  readonly blends: readonly Blend[];
  /** what was poured into blends */
  readonly poured: readonly PouredLine[];
  /** frames of lots whose hives were ever treated or fed */
  readonly frames: ReadonlyMap<string, Frame>;
  /** how many records of each owner are set aside until somebody corrects them */
  readonly setAside: ReadonlyMap<string, number>;
  readonly nowMs: number;
}

/** Frames of a lot that may have hung on a hive when something was given: to be looked at. */
export function framesToAsk(file: LotFile, book: Book): string[] {
  const content = file.frames?.content;
  const harvest = content && harvestOf(book, content.harvestId);
  if (!content || !harvest) return [];
  // What was given after the frames were taken does not touch them; a frame may have hung anywhere.
  const takenDay = dayNumber(harvest.content.day);
  if (!book.given.some((one) => one.fromDay <= takenDay)) return [];
  return content.frames.flatMap(({ frameId }) => (frameId === null ? [] : [frameId]));
}

/**
 * Frames of a lot whose comb stood on a hive while something was given there, up to the day on which
 * they were taken. Those that the keeper cleared by the label stand elsewhere.
 */
function treatedFrames(file: LotFile, { book, frames }: Around): TreatedFrames[] {
  const content = file.frames?.content;
  const harvest = content && harvestOf(book, content.harvestId);
  if (!content || !harvest) return [];
  const takenDay = dayNumber(harvest.content.day);
  const found = new Map<string, TreatedFrames>();
  for (const { frameId, hive, cleared } of content.frames) {
    const frame = frames.get(frameId ?? '');
    if (!frame || cleared !== '') continue;
    const stays = combStays(frame.content, book)
      .filter((one) => (one.fromDay ?? -Infinity) <= takenDay)
      .map((one) => ({ ...one, toDay: Math.min(one.toDay ?? Infinity, takenDay) }));
    for (const block of residueBlocks(stays, book.given)) {
      const because = blockSentence(block);
      found.set(`${hive} ${because}`, { from: hive === '' ? 'an unknown hive' : hive, because });
    }
  }
  return [...found.values()];
}

/** What became of a lot in warm rooms; null where it stood in none. */
function dryingOf(lotId: string, rooms: readonly RoomFile[], nowMs: number): DryingHistory | null {
  const batches = rooms
    .flatMap((one) => one.batches)
    .filter(({ batch }) => batch.content.lotIds.includes(lotId));
  if (batches.length === 0) return null;
  const days = batches.reduce((sum, { batch }) => {
    const endMs = Math.min(nowMs, batchEndMs(batch.content, nowMs));
    return sum + Math.max(0, (endMs - Date.parse(batch.content.inAt)) / DAY_MS);
  }, 0);
  const readings = batches.flatMap(({ checks }) =>
    checks.flatMap(({ content: { found } }) =>
      found.by === 'moisture' && found.of === 'all'
        ? [{ percent: found.percent, plusMinus: found.plusMinus }]
        : [],
    ),
  );
  const [first, last] = [readings[0], readings.at(-1)];
  const rewetted = readings.some((later, at) =>
    readings
      .slice(0, at)
      .some((one) => later.percent - one.percent > Math.hypot(later.plusMinus, one.plusMinus)),
  );
  const course =
    first && last && readings.length > 1
      ? { fromPercent: first.percent, toPercent: last.percent }
      : null;
  return { days, course, rewetted };
}

/** Opening of the finest mesh on the days at which the lot was extracted [µm]. */
function finestMesh(lotId: string, { days }: HoneyHouse): number | null {
  const openings = days
    .filter(({ extraction }) => extraction.content.lotId === lotId)
    .flatMap(({ extraction }) => extraction.content.strainer.meshes.map((one) => one.openingUm));
  return openings.length === 0 ? null : Math.min(...openings);
}

/** What a lot is reckoned to have by what was poured into its tank; null for one that is no blend. */
function blendedMoisture(lotId: string, { blends, poured }: Around): Estimate | null {
  const tank = blends.flatMap((one) => one.content.tanks).find((one) => one.lotId === lotId);
  const own = poured.filter((one) => one.intoLotId === lotId);
  return tank ? pouredMoisture(tank, own) : null;
}

/** Honey in the store that others can be blended with. */
export interface StoredHoney {
  readonly lotId: string;
  readonly honeyKind: HoneyKind;
  readonly massKg: number;
  readonly moisturePercent: number;
}

/** Measured honey of a lot that does not ferment and is not blocked; null for any other. */
export function storedHoney(
  lotId: string,
  evidence: LotEvidence,
  massKg: number,
): StoredHoney | null {
  const isBarred = blocksOf(evidence).length > 0 || ferments(evidence);
  if (evidence.readings.length === 0 || massKg <= 0 || isBarred) return null;
  return { lotId, honeyKind: evidence.honeyKind, massKg, moisturePercent: beliefOf(evidence).mean };
}

/** Least difference that makes honey drier [% moisture]. @source our choice, no source */
const DRIER_BY_PERCENT = 0.3;

/** Drier honey of the same kind from other lots, together. */
function drierStock(
  lotId: string,
  own: { readonly honeyKind: HoneyKind; readonly targetPercent: number },
  stored: readonly StoredHoney[],
): DrierStock | null {
  const drier = stored.filter(
    (one) =>
      one.lotId !== lotId &&
      one.honeyKind === own.honeyKind &&
      one.moisturePercent <= own.targetPercent - DRIER_BY_PERCENT,
  );
  const massKg = drier.reduce((sum, one) => sum + one.massKg, 0);
  if (massKg <= 0) return null;
  const water = drier.reduce((sum, one) => sum + one.massKg * one.moisturePercent, 0);
  return { massKg, moisturePercent: water / massKg };
}

/** What rooms, days at the line, blends and hives tell of a lot. */
export function aroundEvidence(
  file: LotFile,
  around: Around,
  stored: readonly StoredHoney[],
): AroundEvidence {
  const { entityId: lotId, content } = file.lot;
  const treated = treatedFrames(file, around);
  const { balance, entries } = lotHeat(file, around.rooms, around.nowMs);
  const drying = dryingOf(lotId, around.rooms, around.nowMs);
  const mesh = finestMesh(lotId, around.house);
  const blended = blendedMoisture(lotId, around);
  const drier = drierStock(lotId, content, stored);
  const aside = around.setAside.get(lotId) ?? 0;
  return {
    ...(treated.length > 0 && { treatedFrames: treated }),
    ...(entries.length > 0 && { heat: { spentShare: balance.spentShare, hmf: balance.hmf } }),
    ...(drying && { drying }),
    ...(mesh !== null && { finestMeshUm: mesh }),
    ...(blended && { blended }),
    ...(drier && { drierStock: drier }),
    ...(aside > 0 && { setAside: aside }),
  };
}
