import { batchEndMs, type Extraction } from '../../records';
import type { RoomFile } from '../room/roomFile';
import type { StoredLot } from '../store/storedLots';
import type { HoneyHouse } from '../line/extractionFile';
import type { LotFile } from './lotFile';

/** Places that honey passes on its way. */
export const WAY_PLACES = ['comb', 'room', 'line', 'bench', 'ruling', 'store'] as const;
export type WayPlace = (typeof WAY_PLACES)[number];

/** What is known of where the honey of a lot has been, place by place; null where it was not. */
export interface LotWay {
  readonly comb:
    | { readonly by: 'frames'; readonly frames: number; readonly harvestId: string }
    | { readonly by: 'look' }
    | null;
  /** the last stay in a warm room */
  readonly room: {
    readonly roomId: string;
    readonly name: string;
    readonly inAt: string;
    readonly isIn: boolean;
  } | null;
  /** what was done last after the combs */
  readonly line: {
    readonly act: 'planned' | 'extracted' | 'settling' | 'settled' | 'warmed' | 'weighed';
    readonly at: string;
  } | null;
  readonly bench: { readonly readings: number } | null;
  readonly ruling: { readonly isSigned: boolean; readonly isSettled: boolean };
  readonly store: {
    readonly vessels: number;
    /** [kg]; null where some vessel was never weighed */
    readonly leftKg: number | null;
    readonly jars: number;
  } | null;
}

function combOf({ frames, comb }: LotFile): LotWay['comb'] {
  if (frames) {
    const { frames: list, harvestId } = frames.content;
    return { by: 'frames', frames: list.length, harvestId };
  }
  return comb ? { by: 'look' } : null;
}

function roomOf(lotId: string, rooms: readonly RoomFile[], nowMs: number): LotWay['room'] {
  const stays = rooms.flatMap(({ room, batches }) =>
    batches
      .filter(({ batch }) => batch.content.lotIds.includes(lotId))
      .map(({ batch: { content } }) => ({
        roomId: room.entityId,
        name: room.content.name,
        inAt: content.inAt,
        isIn: content.outAt === null && batchEndMs(content, nowMs) >= nowMs,
      })),
  );
  return stays.sort((a, b) => a.inAt.localeCompare(b.inAt)).at(-1) ?? null;
}

const actOf = ({ content }: Extraction): 'planned' | 'extracted' =>
  content.startedAt === null && content.doneAt === null ? 'planned' : 'extracted';

function lineOf(file: LotFile, { days }: HoneyHouse): LotWay['line'] {
  const { settlings, heatSpells, weighings, lot } = file;
  const own = days.find(({ extraction }) => extraction.content.lotId === lot.entityId)?.extraction;
  const acts = [
    ...(own ? [{ act: actOf(own), at: own.content.day }] : []),
    ...settlings.map(({ content }) => ({
      act: content.endedAt === null ? ('settling' as const) : ('settled' as const),
      at: content.endedAt ?? content.filledAt,
    })),
    ...heatSpells.map(({ content }) => ({ act: 'warmed' as const, at: content.startedAt })),
    ...weighings.map(({ recordedAt }) => ({ act: 'weighed' as const, at: recordedAt })),
  ];
  return acts.sort((a, b) => a.at.localeCompare(b.at)).at(-1) ?? null;
}

function storeOf({ vessels, jars, file }: StoredLot): LotWay['store'] {
  if (file.containers.length === 0 && jars.length === 0) return null;
  const full = vessels.filter((vessel) => !vessel.isEmpty);
  const isWeighed = full.every((vessel) => vessel.leftKg !== null);
  return {
    vessels: full.length,
    leftKg: isWeighed ? full.reduce((sum, vessel) => sum + (vessel.leftKg ?? 0), 0) : null,
    jars: jars.reduce((sum, stock) => sum + stock.left, 0),
  };
}

/** Where the honey of a lot has been and what is settled there. */
export function lotWay(
  file: LotFile,
  known: {
    readonly rooms: readonly RoomFile[];
    readonly house: HoneyHouse;
    /** undefined where it cannot be ruled on */
    readonly stored: StoredLot | undefined;
    readonly nowMs: number;
  },
): LotWay {
  const readings = file.readings.filter((reading) => !reading.content.practice).length;
  return {
    comb: combOf(file),
    room: roomOf(file.lot.entityId, known.rooms, known.nowMs),
    line: lineOf(file, known.house),
    bench: readings > 0 ? { readings } : null,
    ruling: { isSigned: file.ruling !== null, isSettled: known.stored?.settled ?? false },
    store: known.stored ? storeOf(known.stored) : null,
  };
}
