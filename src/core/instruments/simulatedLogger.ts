import { requireFinite } from '../errors';
import type { Air } from '../warmRoom/airOverTime';

/** Minutes of the logger's clock between two entries. */
export const LOGGER_EVERY_MIN = 5;

/** A door that opens every so often for one entry. @source invented for the stand-in */
const DOOR = { everyMin: 120, firstMin: 60, coolerC: 5, damper: 0.15 } as const;

/** A room that warms up and dries. @source invented for the stand-in */
const ROOM = { warmC: 33, coldC: 24, dry: 0.31, damp: 0.5, timeConstantMin: 180 } as const;

/**
 * Air as the stand-in logger shows it: a made-up room that warms up, with somebody in the door now
 * and then.
 *
 * @param minutes - on the logger's clock
 * @param draw - standard normal
 * @source invented for the stand-in
 */
export function simulatedAir(minutes: number, draw: number): Air {
  requireFinite({ minutes, draw }, 'simulatedAir');
  const left = Math.exp(-minutes / ROOM.timeConstantMin);
  const since = minutes - DOOR.firstMin;
  const open = since >= 0 && since % DOOR.everyMin < LOGGER_EVERY_MIN;
  const temperatureC =
    ROOM.warmC - (ROOM.warmC - ROOM.coldC) * left - (open ? DOOR.coolerC : 0) + 0.1 * draw;
  const relativeHumidity =
    ROOM.dry + (ROOM.damp - ROOM.dry) * left + (open ? DOOR.damper : 0) + 0.004 * draw;
  return { temperatureC, relativeHumidity: Math.min(1, Math.max(0, relativeHumidity)) };
}
