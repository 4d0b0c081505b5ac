import { readLine } from './lines';
import type { PortListener } from './port';

/** Most characters of an ignored line that are shown. */
const SHOWN = 40;

/** Tells a line as a sample or as ignored; a meter without a clock of its own is timed here. */
export function lineHandler(listener: PortListener, nowS: () => number): (text: string) => void {
  return (text) => {
    const line = readLine(text);
    if (!line) {
      listener({ type: 'ignored', text: text.slice(0, SHOWN) });
      return;
    }
    const { scale, dialValue, temperatureC, atS } = line;
    listener({ type: 'sample', sample: { scale, dialValue, temperatureC, atS: atS ?? nowS() } });
  };
}
