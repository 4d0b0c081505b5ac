import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { createEventSourcePort, type EventSourceLike } from './eventSourcePort';
import { createHandPort } from './handPort';
import { LineCutter, readLine } from './lines';
import type { HandSession } from './handPort';
import type { PortEvent } from './port';
import { createSerialPort } from './serialPort';
import { portSuite } from './test/portSuite';
import { SimulatedSerial } from './test/simulatedSerial';
import { inEnglish } from '../core/test/inEnglish';

const LINE = '81.24 Bx 22.5 C 12.5 s';

/** An event source that a test holds in its hands. */
class FakeSource implements EventSourceLike {
  onopen: EventSourceLike['onopen'] = null;
  onmessage: EventSourceLike['onmessage'] = null;
  onerror: EventSourceLike['onerror'] = null;
  readyState = 0;
  close(): void {
    this.readyState = 2;
  }
  say(data: string): void {
    this.onmessage?.({ data } as MessageEvent<string>);
  }
}

const settled = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 20));
const nowS = (): number => 99;

describe('every adapter', () => {
  portSuite('by hand', () => ({
    port: createHandPort(),
    speak: (session) =>
      (session as HandSession).enter({
        scale: 'brix',
        dialValue: 81.24,
        temperatureC: 22.5,
        atS: 12.5,
      }),
  }));

  portSuite('server-sent events', () => {
    const source = new FakeSource();
    const connect = () => {
      setTimeout(() => source.onopen?.(new Event('open')), 1);
      return source;
    };
    return { port: createEventSourcePort({ connect, nowS }), speak: () => source.say(LINE) };
  });

  portSuite('serial cable', () => {
    const serial = new SimulatedSerial();
    const port = createSerialPort({ serial, baudRate: 9600, nowS });
    return { port, speak: () => serial.send(`${LINE}\n`) };
  });
});

describe('lines of a meter', () => {
  test.each([
    ['81.24 Bx 22.5 C', { scale: 'brix', dialValue: 81.24, temperatureC: 22.5, atS: null }],
    ['22,5 °C; 81,2 Brix', { scale: 'brix', dialValue: 81.2, temperatureC: 22.5, atS: null }],
    ['1.4932 nD', { scale: 'nD', dialValue: 1.4932, temperatureC: null, atS: null }],
    ['17.4 % | 72.5 F', { scale: 'water', dialValue: 17.4, temperatureC: 22.5, atS: null }],
    ['81.2%Bx,22C,4s', { scale: 'brix', dialValue: 81.2, temperatureC: 22, atS: 4 }],
  ])('%s', (text, said) => {
    expect(readLine(text)).toEqual(said);
  });

  test.each([
    '',
    '81.24',
    '81.',
    '22.5 C',
    '81.2 Bx 79 Bx',
    '81.2 Bx 22 C 23 C',
    'ERR 07',
    '81.2 Bx low battery',
    '81.2 Bxx',
    'x'.repeat(3000),
  ])('not understood: %.30s', (text) => {
    expect(readLine(text)).toBeNull();
  });

  test('whatever comes, it never throws, and half a line never becomes another reading', () => {
    fc.assert(fc.property(fc.string(), (text) => void readLine(text)));
    fc.assert(
      fc.property(fc.integer({ min: 0, max: LINE.length - 1 }), (length) => {
        const half = readLine(LINE.slice(0, length));
        if (half !== null) expect(half.dialValue).toBe(81.24);
      }),
    );
  });

  test('a stream is cut into the same lines whatever its pieces', () => {
    const text = 'a\r\nb\nc\r\n\n  \nd';
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 1, max: 4 })), (sizes) => {
        const cutter = new LineCutter();
        const lines: string[] = [];
        let at = 0;
        for (const size of [...sizes, text.length]) {
          lines.push(...cutter.push(text.slice(at, at + size)));
          at += size;
        }
        expect(lines).toEqual(['a', 'b', 'c']);
        expect(cutter.unfinished).toBe(true);
      }),
    );
  });

  test('garbage without an end is dropped', () => {
    const cutter = new LineCutter();
    cutter.push('x'.repeat(10_000));
    expect(cutter.unfinished).toBe(false);
    expect(cutter.push(`${LINE}\n`)).toEqual([LINE]);
  });
});

describe('a serial cable in trouble', () => {
  function opened(prepare: (serial: SimulatedSerial) => void = () => undefined) {
    const serial = new SimulatedSerial();
    prepare(serial);
    const heard: PortEvent[] = [];
    const port = createSerialPort({ serial, baudRate: 4800, nowS });
    const session = port.open((event) => heard.push(event));
    return { serial, heard, session };
  }
  const samples = (heard: readonly PortEvent[]) =>
    heard.filter((portEvent) => portEvent.type === 'sample');

  test('a sample cut in its middle and ended later is one sample; the meter is timed here', async () => {
    const { serial, heard } = opened();
    await settled();
    serial.send('81.', '24 B', 'x 22.5 C\r', '\n');
    await settled();
    expect(serial.baudRate).toBe(4800);
    expect(samples(heard)).toEqual([
      { type: 'sample', sample: { scale: 'brix', dialValue: 81.24, temperatureC: 22.5, atS: 99 } },
    ]);
  });

  test('a cable pulled in mid-sample: no sample, and it is said', async () => {
    const { serial, heard } = opened();
    await settled();
    serial.send('81.24 Bx 22');
    await settled();
    serial.pull();
    await settled();
    expect(samples(heard)).toEqual([]);
    expect(heard.at(-1)).toMatchObject({ type: 'state', state: 'lost' });
  });

  test('garbage lines and broken bytes are ignored and counted, what follows is read', async () => {
    const { serial, heard } = opened();
    await settled();
    serial.send(
      'ERR 07\n',
      new Uint8Array([0xff, 0xfe, 0x0a]),
      `${'x'.repeat(9000)}\n`,
      `${LINE}\n`,
    );
    await settled();
    expect(heard.filter((portEvent) => portEvent.type === 'ignored').length).toBeGreaterThanOrEqual(
      2,
    );
    expect(samples(heard)).toHaveLength(1);
  });

  test.each([
    ['choosing', /No port was chosen/],
    ['opening', /another program may be using it/],
  ] as const)('refused while %s', async (when, sentence) => {
    const { heard } = opened((serial) => {
      serial.refuse = when;
    });
    await settled();
    const last = heard.at(-1);
    expect(last).toMatchObject({ type: 'state', state: 'refused' });
    expect(last?.type === 'state' ? inEnglish(last.sentence) : '').toMatch(sentence);
  });
});

describe('server-sent events in trouble', () => {
  test('while the browser tries again it says so; once it gave up the connection is lost', () => {
    const source = new FakeSource();
    const heard: PortEvent[] = [];
    createEventSourcePort({ connect: () => source, nowS }).open((event) => heard.push(event));
    source.onerror?.(new Event('error'));
    expect(heard.at(-1)).toMatchObject({ state: 'connecting' });
    source.readyState = 2;
    source.onerror?.(new Event('error'));
    expect(heard.at(-1)).toMatchObject({ state: 'lost' });
  });
});
