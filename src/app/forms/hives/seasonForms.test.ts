import { describe, expect, test } from '@jest/globals';
import { DEFAULT_PREFERENCES } from '../../../records';
import { pastedWeather } from '../../stations/season/weatherTable';
import { seasonPlanEntry } from './seasonPlanForm';
import { freshWeather, readWeather } from './weatherForm';

const metric = DEFAULT_PREFERENCES;
const fahrenheit = { ...metric, temperatureUnit: 'F' as const };

describe('a forecast as it is typed', () => {
  const typed = (rows: Readonly<Record<number, Partial<Record<string, string>>>>) => {
    const form = freshWeather('2026-08-30');
    return {
      ...form,
      days: form.days.map((day, at) => ({ ...day, ...rows[at] })),
    };
  };

  test('days left empty are left out, and a week runs over the end of a month', () => {
    const read = readWeather(typed({ 3: { highestC: '21', lowestC: '12', rainMm: '' } }), metric);
    expect(read.ok && read.content).toEqual({
      yardId: null,
      source: 'typed',
      days: [{ day: '2026-09-02', highestC: 21, lowestC: 12, rainMm: null }],
    });
  });

  test('nothing typed: asked for at least one day', () => {
    const read = readWeather(freshWeather('2026-08-30'), metric);
    expect(!read.ok && read.errors['days.0.day']?.sentence).toBe('Type at least one day.');
  });

  test('what is wrong stands at its own row, not at the first', () => {
    const read = readWeather(
      typed({ 2: { highestC: '9', lowestC: '12' }, 4: { highestC: 'warm', lowestC: '1' } }),
      metric,
    );
    expect(!read.ok && Object.keys(read.errors).sort()).toEqual([
      'days.2.highestC',
      'days.4.highestC',
    ]);
  });
});

describe('a forecast that is pasted', () => {
  test.each([
    ['with a heading', 'Date;Max °C;Min °C;Rain mm\n21.08.2026;23;12;0\n22.08.2026;19,5;11;6,5'],
    ['another order', 'min;max;rain;date\n12;23;0;2026-08-21\n11;19.5;6.5;2026-08-22'],
    ['bare', '2026-08-21,23,12,0\n2026-08-22,19.5,11,6.5'],
  ])('%s', (_, text) => {
    const { days, bad } = pastedWeather(text, metric);
    expect(bad).toBe(0);
    expect(days.map((day) => [day.day, Number(day.highestC), Number(day.lowestC)])).toEqual([
      ['2026-08-21', 23, 12],
      ['2026-08-22', 19.5, 11],
    ]);
    expect(days.map((day) => Number(day.rainMm))).toEqual([0, 6.5]);
  });

  test('degrees Fahrenheit are recognised, and shown in the unit of the keeper', () => {
    const text = 'date,high,low\n2026-08-21,77,50\n2026-08-22,68,50';
    expect(pastedWeather(text, metric).days[0]).toMatchObject({ highestC: '25', lowestC: '10' });
    expect(pastedWeather(text, fahrenheit).days[0]).toMatchObject({ highestC: '77' });
  });

  test('lines that say no weather are counted', () => {
    const good = ['2026-08-21,23,12', '2026-08-22,22,11', '2026-08-23,21,10'];
    const { days, bad } = pastedWeather([...good, 'no idea', '2026-08-24,,11'].join('\n'), metric);
    expect([days.length, bad]).toEqual([3, 2]);
    expect(pastedWeather('', metric)).toEqual({ days: [], bad: 0 });
  });
});

test('how honey is taken off comes back from its form as it was', () => {
  const plan = {
    timing: 'before-next-flow' as const,
    weekdays: [0, 6],
    helpDay: null,
    boxesOffBy: '2026-10-04',
    escapeDays: 3,
    sugarPricePerKg: 1.2,
  };
  const back = seasonPlanEntry.read(seasonPlanEntry.fill(plan, metric), metric);
  expect(back).toEqual({ ok: true, content: plan });
  const wrong = { ...seasonPlanEntry.fill(plan, metric), escapeDays: '0' };
  const read = seasonPlanEntry.read(wrong, metric);
  expect(!read.ok && read.errors.escapeDays?.sentence).toContain('between 1 and 14');
});
