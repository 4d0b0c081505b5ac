import type { Workspace } from '../../db';
import type { Meters } from '../../model';

/** Whether a meter is a stand-in that ships with the application. */
export function isStandIn(meters: Meters, instrumentId: string): boolean {
  const connection = meters.get(instrumentId)?.instrument.content.connection;
  return connection === 'eyepiece' || connection === 'simulated-meter';
}

/** Whether a reading with a meter is practice: a stand-in says nothing of one's own honey. */
export function isPractice(meters: Meters, instrumentId: string, workspace: Workspace): boolean {
  return workspace === 'mine' && isStandIn(meters, instrumentId);
}
