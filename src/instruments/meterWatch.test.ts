import { describe, expect, test } from '@jest/globals';
import { normalDraws, seededRandom, simulatedSample } from '../core';
import { MeterWatch, TELL_EVERY_MS } from './meterWatch';
import { stateEvent, type InstrumentPort, type PortListener } from './port';
import { inEnglish } from '../core/test/inEnglish';

/** Time and a meter that a test holds in its hands. */
function rig() {
  let nowMs = 0;
  let listener: PortListener = () => undefined;
  const timers: { at: number; run: () => void }[] = [];
  const port: InstrumentPort = {
    byHand: false,
    open: (heard) => {
      listener = heard;
      heard(stateEvent('open'));
      return { close: () => heard(stateEvent('closed')) };
    },
  };
  const watch = new MeterWatch(port, {
    scale: 'brix',
    tolerance: 0.05,
    nowMs: () => nowMs,
    after: (ms, run) => {
      const timer = { at: nowMs + ms, run };
      timers.push(timer);
      return () => timers.splice(timers.indexOf(timer), timers.includes(timer) ? 1 : 0);
    },
  });
  const pass = (ms: number): void => {
    const end = nowMs + ms;
    for (;;) {
      const next = timers.filter((timer) => timer.at <= end).sort((a, b) => a.at - b.at)[0];
      if (!next) break;
      timers.splice(timers.indexOf(next), 1);
      nowMs = Math.max(nowMs, next.at);
      next.run();
    }
    nowMs = end;
  };
  let heard = 0;
  watch.subscribe(() => (heard += 1));
  return {
    watch,
    pass,
    heard: () => heard,
    say: (event: Parameters<PortListener>[0]) => listener(event),
  };
}

const honey = { moisturePercent: 17.2, honeyC: 30, roomC: 22, offsetIndex: 0 };

function play(held: ReturnType<typeof rig>, seconds: number, perSecond: number, fromS = 0): void {
  const draw = normalDraws(seededRandom(5));
  for (let at = 0; at < seconds * perSecond; at += 1) {
    const sample = simulatedSample(honey, fromS + at / perSecond, draw());
    held.say({ type: 'sample', sample: { ...sample, scale: 'brix' } });
    held.pass(1000 / perSecond);
  }
}

describe('a watched meter', () => {
  test('from connecting to a settled value', () => {
    const held = rig();
    held.watch.connect();
    expect(held.watch.snapshot()).toMatchObject({ state: 'open', settling: { status: 'waiting' } });
    play(held, 10, 2);
    expect(held.watch.snapshot().settling.status).toBe('waiting');
    play(held, 60, 2, 10);
    expect(held.watch.snapshot().settling.status).toBe('stable');
  });

  test('a flood of ten a second is reported at most four times a second, and nothing of it is lost', () => {
    const held = rig();
    held.watch.connect();
    const before = held.heard();
    play(held, 60, 10);
    expect(held.heard() - before).toBeLessThanOrEqual(60 * (1000 / TELL_EVERY_MS) + 2);
    expect(held.watch.snapshot().received).toBe(600);
    expect(held.watch.snapshot().settling.status).toBe('stable');
  });

  test('what is kept of a long stream does not grow without end', () => {
    const held = rig();
    held.watch.connect();
    play(held, 500, 10);
    held.pass(1000);
    expect(held.watch.snapshot().samples.length).toBeLessThanOrEqual(900);
    expect(held.watch.snapshot().received).toBe(5000);
  });

  test('fresh honey, a lost connection, and connecting again each start the wait anew', () => {
    const held = rig();
    held.watch.connect();
    play(held, 60, 2);
    held.watch.startAnew();
    expect(held.watch.snapshot()).toMatchObject({ last: null, settling: { status: 'waiting' } });
    play(held, 60, 2);
    held.say(stateEvent('lost'));
    expect(held.watch.snapshot()).toMatchObject({ state: 'lost', last: null });
    held.watch.connect();
    expect(held.watch.snapshot()).toMatchObject({ state: 'open', received: 0 });
    held.watch.disconnect();
    expect(held.watch.snapshot().state).toBe('closed');
  });

  test('garbage and another scale are counted and never taken', () => {
    const held = rig();
    held.watch.connect();
    held.say({ type: 'ignored', text: 'ERR 07' });
    held.say({
      type: 'sample',
      sample: { scale: 'water', dialValue: 17, temperatureC: 20, atS: 0 },
    });
    held.pass(TELL_EVERY_MS);
    expect(held.watch.snapshot()).toMatchObject({ ignored: 2, received: 0, last: null });
    expect(inEnglish(held.watch.snapshot().lastIgnored)).toContain('another scale');
  });

  test('silence is said after five seconds, and ends with the next sample', () => {
    const held = rig();
    held.watch.connect();
    held.pass(6000);
    expect(held.watch.snapshot().state).toBe('silent');
    play(held, 2, 2);
    expect(held.watch.snapshot().state).toBe('open');
  });
});
