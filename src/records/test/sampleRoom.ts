import type { AirLogContent } from '../room/airLog';
import type { BatchCheckContent } from '../room/batchCheck';
import type { BatchContent } from '../room/dryingBatch';
import type { AnyRecord } from '../record';
import { firstRevision, type Scribe } from '../revise';
import type { WarmRoomContent } from '../room/warmRoom';

export const SAMPLE_ROOM: WarmRoomContent = {
  name: 'Back room',
  volumeM3: 30,
  capacityBoxes: 90,
  heating: 'electric',
  heaterW: 2000,
  setPointC: 33,
  machine: {
    kind: 'refrigerant',
    ratedLPerDay: 20,
    ratedAtC: 27,
    ratedAtHumidity: 0.6,
    powerW: 400,
    stopsAtHumidity: 0.3,
    warmestC: 35,
  },
  fanW: 80,
  airChangesPerHour: 0.3,
  wallLossWPerK: 45,
  outside: { meanC: 16, swingC: 7, relativeHumidity: 0.8 },
  sharesAirWith: null,
  pricePerKwh: 0.3,
  remark: '',
};

export const SAMPLE_BATCH: BatchContent = {
  name: 'First load',
  lotIds: [],
  boxes: 20,
  honeyKgPerBox: 15,
  openShare: 0.4,
  openPercent: 20,
  cappedPercent: 17.5,
  plusMinusPercent: 0.8,
  temperatureC: 20,
  layout: 'crossed',
  inAt: '2026-11-20T08:00:00.000Z',
  outAt: null,
  targetPercent: 17,
  remark: '',
};

export const SAMPLE_CHECK: BatchCheckContent = {
  takenAt: '2026-11-21T08:00:00.000Z',
  who: 'ab',
  found: { by: 'moisture', of: 'open', percent: 18.2, plusMinus: 0.4 },
  remark: '',
};

export const SAMPLE_LOG: AirLogContent = {
  place: 'inside',
  source: 'file',
  startedAt: '2026-11-20T09:00:00.000Z',
  minutes: [0, 60, 120, 180],
  temperatureC: [30, 32, 33, 33],
  relativeHumidity: [0.4, 0.36, 0.33, 0.32],
  remark: '',
};

/** A room with one batch, one check of it and a log, in that order. */
export function sampleRoom(scribe: Scribe, lotIds: string[] = []): AnyRecord[] {
  const room = firstRevision(scribe, 'warm-room', SAMPLE_ROOM);
  const batch = firstRevision(scribe, 'batch', { ...SAMPLE_BATCH, lotIds }, room.entityId);
  return [
    room,
    batch,
    firstRevision(scribe, 'batch-check', SAMPLE_CHECK, batch.entityId),
    firstRevision(scribe, 'air-log', SAMPLE_LOG, room.entityId),
  ];
}
