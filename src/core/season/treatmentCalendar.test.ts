import { describe, expect, test } from '@jest/globals';
import { residueBlocks } from '../residues/residueBlocks';
import { treatmentCalendar, type TreatmentDays } from './treatmentCalendar';

const strips: TreatmentDays = {
  fromDay: 100,
  toDay: null,
  boxesOn: false,
  staysDays: 42,
  waitDays: 7,
  fromTemperatureC: 12,
  toTemperatureC: 30,
};
const weather = (day: number, highestC: number, lowestC: number) => ({
  day,
  highestC,
  lowestC,
  rainMm: null,
});

describe('a treatment on the calendar', () => {
  test('boxes off and in on its first day, out by the label, boxes on after the waiting time', () => {
    expect(treatmentCalendar(strips, []).steps).toEqual([
      { step: 'boxes-off', day: 100 },
      { step: 'put-in', day: 100 },
      { step: 'take-out', day: 142 },
      { step: 'boxes-on', day: 150 },
    ]);
  });

  test('a day sooner the boxes would be blocked, on the day not', () => {
    const back = treatmentCalendar(strips, []).steps.at(-1)!.day;
    const given = {
      id: 'g',
      kind: 'treatment' as const,
      name: 'strips',
      colonyIds: ['h'],
      fromDay: 100,
      toDay: 142,
      boxesOn: false,
      waitDays: 7,
    };
    const blocks = (fromDay: number) =>
      residueBlocks([{ colonyId: 'h', fromDay, toDay: null, as: 'honey' }], [given]);
    expect(blocks(back)).toEqual([]);
    expect(blocks(back - 1)).toHaveLength(1);
  });

  test('boxes that stayed on are never said to be free', () => {
    const steps = treatmentCalendar({ ...strips, boxesOn: true }, []).steps;
    expect(steps.map(({ step }) => step)).toEqual(['put-in', 'take-out']);
  });

  test('taken out on another day than planned: that day counts; how long is not known: no end, which is asked for', () => {
    expect(treatmentCalendar({ ...strips, toDay: 120 }, []).steps.at(-2)).toEqual({
      step: 'take-out',
      day: 120,
    });
    const steps = treatmentCalendar({ ...strips, staysDays: null, boxesOn: true }, []).steps;
    expect(steps).toEqual([
      { step: 'put-in', day: 100 },
      { step: 'ask-out', day: 100 },
    ]);
  });

  test('a hot day and a cold night are outside the label, those before and after it are not asked', () => {
    const forecast = [
      weather(99, 40, 0),
      weather(102, 20, 11),
      weather(101, 31, 15),
      weather(143, 40, 0),
    ];
    const { outside, unknownDays } = treatmentCalendar(strips, forecast);
    expect(outside).toEqual([
      { day: 101, what: 'too-warm', temperatureC: 31 },
      { day: 102, what: 'too-cold', temperatureC: 11 },
    ]);
    expect(unknownDays).toBe(41);
  });

  test('without a window no day is outside and none is missing', () => {
    const open = { ...strips, fromTemperatureC: null, toTemperatureC: null };
    const found = treatmentCalendar(open, [weather(101, 45, -5)]);
    expect([found.outside, found.unknownDays]).toEqual([[], 0]);
  });

  test.each([
    [{ waitDays: -1 }, 'waitDays'],
    [{ staysDays: 401 }, 'staysDays'],
    [{ fromDay: NaN }, 'fromDay'],
  ])('%p is refused', (change, param) => {
    expect(() => treatmentCalendar({ ...strips, ...change }, [])).toThrow(param);
  });
});
