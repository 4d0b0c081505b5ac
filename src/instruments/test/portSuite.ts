import { expect, test } from '@jest/globals';
import type { InstrumentPort, PortEvent, PortSession } from '../port';

/** A port under test with the hand that makes its instrument speak. */
export interface PortRig {
  readonly port: InstrumentPort;
  /** the instrument gives 81.24 °Brix at 22.5 °C at 12.5 s */
  readonly speak: (session: PortSession) => void | Promise<void>;
}

const settled = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 20));

/** What every adapter must do. */
export function portSuite(name: string, rig: () => PortRig): void {
  test(`${name}: tells that it is open, the sample with its scale, and that it was closed`, async () => {
    const { port, speak } = rig();
    const heard: PortEvent[] = [];
    const session = port.open((event) => heard.push(event));
    await settled();
    await speak(session);
    await settled();
    session.close();
    await settled();
    const states = heard.flatMap((portEvent) =>
      portEvent.type === 'state' ? [portEvent.state] : [],
    );
    expect(states.slice(-2)).toEqual(['open', 'closed']);
    expect(heard.filter((portEvent) => portEvent.type === 'sample')).toEqual([
      {
        type: 'sample',
        sample: { scale: 'brix', dialValue: 81.24, temperatureC: 22.5, atS: 12.5 },
      },
    ]);
  });

  test(`${name}: after closing it tells nothing more, and closing twice is harmless`, async () => {
    const { port, speak } = rig();
    const heard: PortEvent[] = [];
    const session = port.open((event) => heard.push(event));
    await settled();
    session.close();
    session.close();
    const before = heard.length;
    await speak(session);
    await settled();
    expect(heard).toHaveLength(before);
    expect(heard.at(-1)).toMatchObject({ type: 'state', state: 'closed' });
  });
}
