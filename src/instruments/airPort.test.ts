import { describe, expect, test } from '@jest/globals';
import { createAirEventPort, readAirLine, type AirEvent } from './airPort';
import type { EventSourceLike } from './eventSourcePort';

describe('a line of a logger', () => {
  test.each([
    ['33.1 C 31.2 % 15 min', { temperatureC: 33.1, relativeHumidity: 0.312, minutes: 15 }],
    ['-2,5 °C; 80 %; 0 min', { temperatureC: -2.5, relativeHumidity: 0.8, minutes: 0 }],
  ])('%s', (text, expected) => {
    const entry = readAirLine(text);
    expect(entry?.temperatureC).toBe(expected.temperatureC);
    expect(entry?.relativeHumidity).toBeCloseTo(expected.relativeHumidity, 9);
    expect(entry?.minutes).toBe(expected.minutes);
  });

  test.each([
    '--.- C --.- %',
    '',
    '99 C 31 % 5 min',
    '33 C 131 % 5 min',
    `33.1 C ${'9'.repeat(500)} % 1 min`,
  ])('garbage is none: %#', (text) => {
    expect(readAirLine(text)).toBeNull();
  });
});

describe('a logger over server-sent events', () => {
  function opened() {
    const source: EventSourceLike & { closed: boolean } = {
      onopen: null,
      onmessage: null,
      onerror: null,
      readyState: 1,
      closed: false,
      close() {
        this.closed = true;
      },
    };
    const events: AirEvent[] = [];
    const open = createAirEventPort(() => source).open((event) => events.push(event));
    const say = (data: string): void => source.onmessage?.({ data } as MessageEvent<string>);
    return { source, events, open, say };
  }

  test('entries come through; garbage and a clock that goes back are ignored', () => {
    const { events, say } = opened();
    ['33 C 31 % 0 min', 'ERR', '33 C 31 % 5 min', '33 C 31 % 5 min', '33 C 31 % 2 min'].forEach(
      say,
    );
    expect(events.filter((airEvent) => airEvent.type === 'entry')).toHaveLength(2);
    expect(events.filter((airEvent) => airEvent.type === 'ignored')).toHaveLength(3);
  });

  test('a stream that goes away is reported, and nothing comes after it is closed', () => {
    const { source, events, open, say } = opened();
    source.onopen?.({} as Event);
    source.onerror?.({} as Event);
    Object.assign(source, { readyState: 2 });
    source.onerror?.({} as Event);
    open.close();
    open.close();
    say('33 C 31 % 0 min');
    const states = events.map((airEvent) =>
      airEvent.type === 'state' ? airEvent.state : airEvent.type,
    );
    expect(states).toEqual(['connecting', 'open', 'connecting', 'lost', 'closed']);
    expect(source.closed).toBe(true);
  });
});
