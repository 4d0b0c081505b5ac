import { addDays } from 'date-fns';

/** The demo season stands at a day of its own: so many days behind the clock of the device. */
let daysBehind = 0;

/** Sets the clock of the workspace that is shown. */
export function setClock(days: number): void {
  daysBehind = days;
}

/** What the clock of the workspace says: that of the device, but in the demo season. */
export const clockNow = (): Date =>
  daysBehind === 0 ? new Date() : addDays(new Date(), -daysBehind);
