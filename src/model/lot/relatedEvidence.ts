import {
  DAY_MS,
  beliefOf,
  blocksOf,
  ferments,
  foundOnce,
  groupBy,
  rememberedBy,
  residueBlocks,
  blockSentence,
  type DrierStock,
  type DryingHistory,
  type Estimate,
  type HoneyEvent,
  type HoneyKind,
  type LotEvidence,
  type TreatedFrames,
  type UnaskedBoxes,
  type UnknownKind,
} from '../../core';
import {
  type AnyRecord,
  batchEndMs,
  type Blend,
  type Box,
  type Colony,
  dayOfMoment,
  type Frame,
  rivalriesOf,
  vesselId,
} from '../../records';
import { boxOf, harvestOf, type Book } from '../day/book';
import { dayNumber } from '../days';
import type { HoneyHouse } from '../line/extractionFile';
import type { LotFile } from './lotFile';
import { lotHeat } from './lotHeat';
import type { BatchFile, RoomFile } from '../room/roomFile';
import { pouredMoisture, type PouredLine } from '../store/pouring';
import { boxCombStays, combStays, staysUpTo } from '../day/stays';

/** The part of a lot's evidence that is written down elsewhere. */
export type RelatedEvidence = Pick<
  LotEvidence,
  | 'treatedFrames'
  | 'heat'
  | 'drying'
  | 'finestMeshUm'
  | 'drierStock'
  | 'blended'
  | 'inherited'
  | 'setAside'
  | 'rivals'
  | 'unknown'
  | 'unasked'
  | 'suspectHives'
>;

/** What is written down elsewhere. */
export interface RelatedRecords {
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
  /** which of two versions holds, where somebody chose */
  readonly choices: readonly AnyRecord[];
  readonly nowMs: number;
}

/** Frames of a lot that may have hung on a hive when something was given: to be looked at. */
export function framesToAsk(file: LotFile, book: Book): string[] {
  const content = file.frames?.content;
  const harvest = content && harvestOf(book, content.harvestId);
  if (!content || !harvest) return [];
  // What was given after the frames were taken does not touch them; a frame may have hung anywhere.
  const takenDay = dayNumber(harvest.content.day);
  if (!book.given.some((given) => given.fromDay <= takenDay)) return [];
  return content.frames.flatMap(({ frameId }) => (frameId === null ? [] : [frameId]));
}

/**
 * Frames of a lot, looked at one by one or judged with their box, whose comb stood on a hive while
 * something was given there, up to the day on which they were taken. Those that the keeper cleared by the label stand elsewhere.
 */
function treatedFrames(file: LotFile, { book, frames }: RelatedRecords): TreatedFrames[] {
  const content = file.frames?.content;
  const harvest = content && harvestOf(book, content.harvestId);
  if (!content || !harvest) return [];
  const takenDay = dayNumber(harvest.content.day);
  const found = new Map<string, TreatedFrames>();
  for (const { frameId, boxId = null, hive, cleared } of content.frames) {
    const frame = frames.get(frameId ?? '');
    const box = frameId === null ? boxOf(book, boxId) : null;
    if (cleared !== '' || (!frame && !box)) continue;
    const all = frame ? combStays(frame.content, book) : box ? boxCombStays(box.content) : [];
    for (const block of residueBlocks(staysUpTo(all, takenDay), book.given)) {
      const because = blockSentence(block);
      found.set(`${hive} ${block.kind} ${block.name} ${block.why}`, {
        from: hive === '' ? null : hive,
        because,
      });
    }
  }
  return [...found.values()];
}

/** Frames that were judged with boxes which are not in the book, until somebody says what was given there. */
function unaskedBoxes({ frames, circumstances }: LotFile): UnaskedBoxes[] {
  const said = circumstances?.content.outsideBoxes ?? 'not-said';
  if (said !== 'not-said') return [];
  const typed = (frames?.content.frames ?? []).filter(
    (frame) => frame.frameId === null && (frame.boxId ?? null) === null,
  );
  return [...groupBy(typed, (item) => item.box)].map(([label, own]) => ({
    label: label === '' ? 'a stack' : label,
    frames: own.reduce((sum, item) => sum + item.count, 0),
  }));
}

/** Boxes that the frames of a lot hung in, as far as the book has them. */
function boxesOfLot(file: LotFile, { book, frames }: RelatedRecords): Box[] {
  const ids = (file.frames?.content.frames ?? []).map(
    ({ frameId, boxId }) => frames.get(frameId ?? '')?.content.boxId ?? boxId ?? null,
  );
  return [...new Set(ids)].map((id) => boxOf(book, id)).filter((item) => item !== null);
}

/** Hives that the book marks as suspect of disease. */
const suspectOnes = foundOnce((colonies: readonly Colony[]) =>
  colonies.filter(({ content }) => content.health === 'suspect'),
);

/** Hives of a lot that the book marks as suspect of disease, by name. */
function suspectHives(file: LotFile, related: RelatedRecords): string[] {
  const names = new Set((file.frames?.content.frames ?? []).map((frame) => frame.hive));
  const ids = new Set(boxesOfLot(file, related).map((box) => box.content.colonyId));
  return suspectOnes(related.book.colonies)
    .filter(({ entityId, content }) => ids.has(entityId) || names.has(content.name))
    .map((colony) => colony.content.name);
}

/** What the records of a lot name and the books do not have. */
function unknownOf(file: LotFile, related: RelatedRecords): UnknownKind[] {
  const { book } = related;
  const content = file.frames?.content;
  const harvest = content && harvestOf(book, content.harvestId);
  const hasRuleSet = book.ruleSets.some((ruleSet) => ruleSet.id === file.lot.content.ruleSetId);
  const hasSchool = !harvest || harvest.content.schoolId === content.school.id;
  const formats = new Set(book.formats.map((format) => format.id));
  const hasFormats = boxesOfLot(file, related).every((box) => formats.has(box.content.formatId));
  return [
    ...(hasRuleSet ? [] : (['rule-set'] as const)),
    ...(hasSchool ? [] : (['school'] as const)),
    ...(hasFormats ? [] : (['frame-format'] as const)),
  ];
}

/**
 * Readings within this time before combs leave a room count as taken of the dried honey [d].
 *
 * @source our choice, no source
 */
const LAST_OF_DRYING_DAYS = 0.5;

/** Batches in warm rooms by the lots that they are of. */
const batchesByLot = foundOnce((rooms: readonly RoomFile[]) => {
  const byLot = new Map<string, BatchFile[]>();
  for (const file of rooms.flatMap((room) => room.batches)) {
    for (const lotId of new Set(file.batch.content.lotIds)) {
      byLot.set(lotId, [...(byLot.get(lotId) ?? []), file]);
    }
  }
  return byLot;
});

const batchesOf = (lotId: string, rooms: readonly RoomFile[]): readonly BatchFile[] =>
  batchesByLot(rooms).get(lotId) ?? [];

/** What happened to the honey of a lot that parts readings of before from readings of now. */
export function eventsOf(file: LotFile, { rooms, poured, nowMs }: RelatedRecords): HoneyEvent[] {
  const { entityId: lotId } = file.lot;
  const dried = batchesOf(lotId, rooms).flatMap(({ batch: { content } }): HoneyEvent[] => {
    const inDay = dayOfMoment(content.inAt);
    const endMs = batchEndMs(content, nowMs);
    const outDay = Math.max(inDay, endMs / DAY_MS - LAST_OF_DRYING_DAYS);
    const events: HoneyEvent[] = [{ kind: 'drying', atDay: inDay }];
    return endMs <= nowMs ? [...events, { kind: 'drying', atDay: outDay }] : events;
  });
  const pouredIn = poured
    .filter((pouredLine) => pouredLine.intoLotId === lotId)
    .map((pouredLine): HoneyEvent => ({ kind: 'blending', atDay: dayOfMoment(pouredLine.at) }));
  const melted = file.heatSpells
    .filter((heatSpell) => heatSpell.content.occasion === 'liquefying')
    .map(({ content: { startedAt, spells } }): HoneyEvent => {
      const days = spells.reduce((sum, spell) => sum + spell.days, 0);
      return { kind: 'melting', atDay: dayOfMoment(startedAt) + days };
    });
  const stoodOpen = file.storeMoves
    .filter((storeMove) => storeMove.content.act === 'stood-open')
    .map(({ content: { at, containerId, item } }): HoneyEvent => ({
      kind: 'standing-open',
      atDay: dayOfMoment(at),
      vesselId: vesselId(containerId, item),
    }));
  return [...dried, ...pouredIn, ...melted, ...stoodOpen].filter(
    (honeyEvent) => honeyEvent.atDay <= nowMs / DAY_MS,
  );
}

/** What became of a lot in warm rooms; null where it stood in none. */
function dryingOf(lotId: string, rooms: readonly RoomFile[], nowMs: number): DryingHistory | null {
  const batches = batchesOf(lotId, rooms);
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
      .some(
        (reading) =>
          later.percent - reading.percent > Math.hypot(later.plusMinus, reading.plusMinus),
      ),
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
    .flatMap(({ extraction }) => extraction.content.strainer.meshes.map((mesh) => mesh.openingUm));
  return openings.length === 0 ? null : Math.min(...openings);
}

/** What a lot is computed to have by what was poured into its tank; null for one that is no blend. */
function blendedMoisture(lotId: string, { blends, poured }: RelatedRecords): Estimate | null {
  const tank = blends.flatMap((blend) => blend.content.tanks).find((item) => item.lotId === lotId);
  const own = poured.filter((pouredLine) => pouredLine.intoLotId === lotId);
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
export function drierStock(
  lotId: string,
  own: { readonly honeyKind: HoneyKind; readonly targetPercent: number },
  stored: readonly StoredHoney[],
): DrierStock | null {
  const drier = stored.filter(
    (honey) =>
      honey.lotId !== lotId &&
      honey.honeyKind === own.honeyKind &&
      honey.moisturePercent <= own.targetPercent - DRIER_BY_PERCENT,
  );
  const massKg = drier.reduce((sum, honey) => sum + honey.massKg, 0);
  if (massKg <= 0) return null;
  const water = drier.reduce((sum, honey) => sum + honey.massKg * honey.moisturePercent, 0);
  return { massKg, moisturePercent: water / massKg };
}

/** What rooms, days at the line, blends and hives tell of a lot, other honey left out. */
const relatedAlone = rememberedBy((related: RelatedRecords, file: LotFile): RelatedEvidence => {
  const { entityId: lotId } = file.lot;
  const treated = treatedFrames(file, related);
  const { balance, entries } = lotHeat(file, related.rooms, related.nowMs);
  const drying = dryingOf(lotId, related.rooms, related.nowMs);
  const mesh = finestMesh(lotId, related.house);
  const blended = blendedMoisture(lotId, related);
  const aside = related.setAside.get(lotId) ?? 0;
  const rivals = rivalriesOf([...file.history, ...related.choices]).length;
  const unknown = unknownOf(file, related);
  const unasked = unaskedBoxes(file);
  const suspect = suspectHives(file, related);
  return {
    ...(rivals > 0 && { rivals }),
    ...(unknown.length > 0 && { unknown }),
    ...(unasked.length > 0 && { unasked }),
    ...(suspect.length > 0 && { suspectHives: suspect }),
    ...(treated.length > 0 && { treatedFrames: treated }),
    ...(entries.length > 0 && { heat: { spentShare: balance.spentShare, hmf: balance.hmf } }),
    ...(drying && { drying }),
    ...(mesh !== null && { finestMeshUm: mesh }),
    ...(blended && { blended }),
    ...(aside > 0 && { setAside: aside }),
  };
});

/** What rooms, days at the line, blends and hives tell of a lot, and honey of other lots. */
export function relatedEvidence(
  file: LotFile,
  related: RelatedRecords,
  stored: readonly StoredHoney[],
): RelatedEvidence {
  const drier = drierStock(file.lot.entityId, file.lot.content, stored);
  return { ...relatedAlone(related, file), ...(drier && { drierStock: drier }) };
}
