import type { WarmRoomContent } from '../../records';
import type { RoomFile } from './roomFile';

type Machine = WarmRoomContent['machine'];

/** Two machines in one air: what they take together, where they are of one kind. */
function bothMachines(one: Machine, other: Machine): Machine {
  if (!one || !other) return one ?? other;
  return {
    ...one,
    ratedLPerDay: one.ratedLPerDay + other.ratedLPerDay,
    powerW: one.powerW + other.powerW,
    stopsAtHumidity: Math.max(one.stopsAtHumidity, other.stopsAtHumidity),
  };
}

/** Two rooms whose door stands open, as the air knows them: one room. */
function bothRooms(one: WarmRoomContent, other: WarmRoomContent): WarmRoomContent {
  const volumeM3 = one.volumeM3 + other.volumeM3;
  return {
    ...one,
    volumeM3,
    heating: one.heating === 'none' ? other.heating : one.heating,
    heaterW: one.heaterW + other.heaterW,
    machine: bothMachines(one.machine, other.machine),
    fanW: one.fanW + other.fanW,
    airChangesPerHour:
      (one.airChangesPerHour * one.volumeM3 + other.airChangesPerHour * other.volumeM3) / volumeM3,
    wallLossWPerK: one.wallLossWPerK + other.wallLossWPerK,
  };
}

const isOpenBetween = ({ room: one }: RoomFile, { room: other }: RoomFile): boolean =>
  one.content.sharesAirWith === other.entityId || other.content.sharesAirWith === one.entityId;

const isAmong = (files: readonly RoomFile[], { room }: RoomFile): boolean =>
  files.some((each) => each.room.entityId === room.entityId);

/** The rooms that share their air with one, whichever of them says so. */
export function sharingWith(file: RoomFile, rooms: readonly RoomFile[]): readonly RoomFile[] {
  const found = [file];
  // a door may lead on to a third room
  for (const each of found) {
    const next = rooms.filter((other) => isOpenBetween(each, other) && !isAmong(found, other));
    found.push(...next);
  }
  return found.slice(1);
}

/** Whether machines of rooms that share their air are of different kinds: their sum is rough then. */
export const hasMixedMachines = (files: readonly RoomFile[]): boolean =>
  new Set(files.flatMap(({ room }) => room.content.machine?.kind ?? [])).size > 1;

/**
 * A room as its air knows it: with the size, the heat, the machines and the boxes of those that share its
 * air; logs of its own go before theirs.
 */
export function joinedRoom(file: RoomFile, rooms: readonly RoomFile[]): RoomFile {
  const others = sharingWith(file, rooms);
  if (others.length === 0) return file;
  const content = others.reduce((all, { room }) => bothRooms(all, room.content), file.room.content);
  const hasOwnLog = file.logs.some((log) => log.content.place === 'inside');
  const theirs = hasOwnLog ? [] : others.flatMap(({ logs }) => logs);
  return {
    room: { ...file.room, content },
    batches: [file, ...others]
      .flatMap(({ batches }) => batches)
      .sort((a, b) => a.batch.content.inAt.localeCompare(b.batch.content.inAt)),
    logs: [...file.logs, ...theirs],
  };
}
