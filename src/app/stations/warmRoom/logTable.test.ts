import { describe, expect, test } from '@jest/globals';
import { guessDateOrder, logMoments, readLogTime } from '../../format/logTimes';
import { FRESH_LOG, guessLog, readLog, type LogForm } from './logTable';

const formOf = (paste: string, change: Partial<LogForm> = {}): LogForm => ({
  ...FRESH_LOG,
  paste,
  ...guessLog(paste),
  ...change,
});

const local = (...parts: [number, number, number, number, number]): number =>
  new Date(...parts).getTime();

describe('times of loggers', () => {
  test.each([
    ['2026-11-24 08:15', 'iso', local(2026, 10, 24, 8, 15)],
    ['2026/11/24 08:15:00', 'iso', local(2026, 10, 24, 8, 15)],
    ['2026-11-24T08:15:00Z', 'iso', Date.UTC(2026, 10, 24, 8, 15)],
    ['24.11.2026 08:15', 'dmy', local(2026, 10, 24, 8, 15)],
    ['24/11/26, 8:15:00', 'dmy', local(2026, 10, 24, 8, 15)],
    ['11/24/2026 08:15 PM', 'mdy', local(2026, 10, 24, 20, 15)],
    ['1795508100', 'unix', 1795508100000],
    ['1795508100000', 'unix', 1795508100000],
  ] as const)('%s as %s', (text, order, expected) => {
    const time = readLogTime(text, order);
    expect(time && logMoments([time])).toEqual([expected]);
  });

  test('what is no time is none', () => {
    for (const text of ['', 'noon', '31.02.2026 08:00', '24.11.2026 25:00', '17.4']) {
      expect(readLogTime(text, 'dmy')).toBeNull();
    }
  });

  test('day and month are told apart by what goes forward', () => {
    const times = ['03/11/2026 23:45', '04/11/2026 00:00', '04/11/2026 00:15'];
    expect(guessDateOrder(times)).toBe('dmy');
    expect(guessDateOrder(['11/03/2026 11:45 PM', '11/04/2026 12:00 AM'])).toBe('mdy');
    expect(guessDateOrder(['2026-11-03 23:45', '2026-11-04 00:00'])).toBe('iso');
  });
});

describe('a logger’s table', () => {
  const rows = (every: number, count: number, skip: (at: number) => boolean = () => false) =>
    Array.from({ length: count }, (_, at) => at)
      .filter((at) => !skip(at))
      .map((at) => {
        const minutes = at * every;
        const clock = `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`;
        return `24.11.2026 ${clock};33,0;31,5`;
      });

  test('semicolons, decimal commas, a heading', () => {
    const log = readLog(formOf(['Date time;Temp °C;RH %', ...rows(15, 20)].join('\n')));
    expect(log.bad).toEqual([]);
    expect(log.content?.minutes.slice(0, 3)).toEqual([0, 15, 30]);
    expect(log.content?.temperatureC[0]).toBe(33);
    expect(log.content?.relativeHumidity[0]).toBe(0.315);
  });

  test('°F by its heading or by its heat; humidity as a share', () => {
    const text =
      'Timestamp,Temperature (°F),Humidity\n2026-11-24 08:00,91.4,0.31\n2026-11-24 09:00,91.4,0.32';
    const form = formOf(text);
    expect(form.unit).toBe('F');
    const log = readLog(form);
    expect(log.content?.temperatureC[0]).toBeCloseTo(33, 6);
    expect(log.content?.relativeHumidity).toEqual([0.31, 0.32]);
    expect(guessLog('2026-11-24 08:00,91.4,31\n2026-11-24 09:00,91.9,31').unit).toBe('F');
  });

  test('date and time of day in two columns', () => {
    const text = 'Date,Time,Temperature,RH\n24.11.2026,08:00,33,31\n24.11.2026,08:15,33,31';
    const form = formOf(text);
    expect(form.columns).toEqual({ time: '0', clock: '1', temperature: '2', humidity: '3' });
    expect(readLog(form).content?.minutes).toEqual([0, 15]);
  });

  test('lines that cannot be read are reported by number; the others are kept', () => {
    const lines = rows(15, 12);
    lines[3] = 'battery low;;';
    lines[7] = '24.11.2026 01:45;33,0;131';
    lines[8] = '24.11.2026 02:00;;31';
    const log = readLog(formOf(['Date;Temperature;Humidity', ...lines].join('\n')));
    expect(log.bad.map(({ line, sentence }) => [line, sentence])).toEqual([
      [5, '“battery low” is not a time in the order chosen.'],
      [9, '131 cannot be a humidity.'],
      [10, 'There is no temperature in this line.'],
    ]);
    expect(log.content?.minutes).toHaveLength(9);
  });

  test('gaps and the door are found; a slip of the logger is told from it', () => {
    const lines = rows(15, 40, (at) => at >= 10 && at < 18);
    lines[5] = lines[5]!.replace('33,0;31,5', '28,1;47,0');
    lines[20] = lines[20]!.replace('33,0;31,5', '3,1;99,0');
    const log = readLog(formOf(['Date;Temperature;Humidity', ...lines].join('\n')));
    expect(log.gaps).toHaveLength(1);
    expect(log.gaps[0]!.toDay - log.gaps[0]!.fromDay).toBeCloseTo(2.25 / 24, 6);
    expect(log.spikes.map((spike) => spike.like)).toEqual(['door', 'slip']);
  });

  test('out of order and double lines are put right', () => {
    const [a = '', b = '', c = ''] = rows(15, 3);
    const log = readLog(formOf(['Date;Temperature;Humidity', c, a, b, a].join('\n')));
    expect(log.content?.minutes).toEqual([0, 15, 30]);
  });

  test('nothing that can be read gives nothing', () => {
    expect(readLog(formOf('')).content).toBeNull();
    expect(readLog(formOf('just,words\nand,more')).content).toBeNull();
  });
});
