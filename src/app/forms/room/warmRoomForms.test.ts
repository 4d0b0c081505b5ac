import { DAY_MS } from '../../../core';
import { describe, expect, test } from '@jest/globals';
import { DEFAULT_PREFERENCES, type Preferences } from '../../../records';
import { SAMPLE_BATCH, SAMPLE_CHECK, SAMPLE_ROOM } from '../../../records/test/sampleRoom';
import { NO_METERS } from '../../../model';
import { airNowEntry } from './airNowForm';
import { batchCheckFormOf, readBatchCheckForm, type BatchCheckForm } from './batchCheckForm';
import { batchEntry, freshBatch, readBatchForm } from './batchForm';
import type { Parsed } from '../../entry/reader';
import { STANDING_KINDS, freshOpenHoney, readOpenHoneyForm } from './openHoneyForm';
import { USUAL_ROOM, readRoomForm, roomEntry } from './warmRoomForm';
import { typedIn } from '../../test/typedIn';

const CELSIUS = DEFAULT_PREFERENCES;
const FAHRENHEIT: Preferences = { ...CELSIUS, temperatureUnit: 'F', massUnit: 'lb' };
const NOW = '2026-11-25T09:00:00.000Z';

function contentOf<T>(parsed: Parsed<T>): T {
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.errors));
  return parsed.content;
}

const sentences = (parsed: Parsed<unknown>): Record<string, string> =>
  parsed.ok
    ? {}
    : Object.fromEntries(
        Object.entries(parsed.errors).map(([field, { sentence }]) => [field, sentence]),
      );

/** A new batch, typed on the day after the sample came in. */
const NEW = { former: null, nowMs: Date.parse(SAMPLE_BATCH.inAt) + DAY_MS };

describe('a room as it is typed', () => {
  test.each([
    ['°C', CELSIUS],
    ['°F', FAHRENHEIT],
  ])('comes back from its form in %s', (_, preferences) => {
    const back = contentOf(readRoomForm(roomEntry.fill(SAMPLE_ROOM, preferences), preferences));
    expect(back.setPointC).toBeCloseTo(SAMPLE_ROOM.setPointC, 1);
    expect(back.outside.swingC).toBeCloseTo(SAMPLE_ROOM.outside.swingC, 1);
    expect(back.machine?.ratedAtC).toBeCloseTo(27, 1);
    const plain = { ...back, setPointC: 0, outside: 0, machine: 0 };
    expect(plain).toEqual({ ...SAMPLE_ROOM, setPointC: 0, outside: 0, machine: 0 });
  });

  test('the rain that is expected about it stays, whatever else is changed', () => {
    const rain = [{ fromDay: '2026-08-12', toDay: '2026-08-14' }];
    const typed = { ...roomEntry.fill(SAMPLE_ROOM, CELSIUS), name: 'Back room' };
    const read = contentOf(readRoomForm(typed, CELSIUS, { ...SAMPLE_ROOM, rain }));
    expect(read).toMatchObject({ name: 'Back room', rain });
  });

  test('in °F a warm room is set to about 91', () => {
    expect(roomEntry.fill(SAMPLE_ROOM, FAHRENHEIT).setPointC).toBe('91.4');
    expect(roomEntry.fill(SAMPLE_ROOM, FAHRENHEIT).outside.swingC).toBe('12.6');
  });

  test('the usual values are a room already, once it has a name', () => {
    const fresh = roomEntry.fill(USUAL_ROOM, CELSIUS);
    expect(sentences(readRoomForm(fresh, CELSIUS))).toEqual({
      name: 'Give it a name.',
    });
    expect(readRoomForm({ ...fresh, name: 'Back room' }, CELSIUS).ok).toBe(true);
  });

  test('without machine and heater their fields are not asked for', () => {
    const form = typedIn(roomEntry.fill(SAMPLE_ROOM, CELSIUS), {
      'machine.has': 'no',
      'machine.ratedLPerDay': 'lots',
      heating: 'none',
      heaterW: '?',
    });
    expect(contentOf(readRoomForm(form, CELSIUS))).toMatchObject({ machine: null, heaterW: 0 });
  });

  test('each wrong number is reported beside its own field', () => {
    const form = typedIn(roomEntry.fill(SAMPLE_ROOM, CELSIUS), {
      volumeM3: '0',
      capacityBoxes: '2.5',
      'machine.stopsAtHumidity': '3',
      'outside.relativeHumidity': '140',
      airChangesPerHour: 'x',
    });
    const said = sentences(readRoomForm(form, CELSIUS));
    expect(Object.keys(said).sort()).toEqual([
      'airChangesPerHour',
      'capacityBoxes',
      'machine.stopsAtHumidity',
      'outside.relativeHumidity',
      'volumeM3',
    ]);
    expect(said['capacityBoxes']).toBe('This must be a whole number between 1 and 5,000 boxes.');
  });
});

describe('a batch as it is typed', () => {
  test.each([
    ['kg and °C', CELSIUS],
    ['lb and °F', FAHRENHEIT],
  ])('comes back from its form in %s', (_, preferences) => {
    const back = contentOf(
      readBatchForm(batchEntry.fill(SAMPLE_BATCH, preferences), preferences, NEW),
    );
    expect(back.honeyKgPerBox).toBeCloseTo(15, 1);
    expect(back.temperatureC).toBeCloseTo(20, 1);
    const plain = { ...back, honeyKgPerBox: 0, temperatureC: 0 };
    expect(plain).toEqual({ ...SAMPLE_BATCH, honeyKgPerBox: 0, temperatureC: 0 });
  });

  test('further lots of a batch survive a change of the first', () => {
    const former = { ...SAMPLE_BATCH, lotIds: ['a', 'b'] };
    const form = { ...batchEntry.fill(former, CELSIUS), lotIds: 'c' };
    expect(contentOf(readBatchForm(form, CELSIUS, { ...NEW, former })).lotIds).toEqual(['c', 'b']);
    expect(
      contentOf(readBatchForm({ ...form, lotIds: '' }, CELSIUS, { ...NEW, former })).lotIds,
    ).toEqual(['b']);
  });

  test('a fresh one needs only its name; an empty temperature means as outside', () => {
    const fresh = freshBatch(NOW, CELSIUS);
    expect(Object.keys(sentences(readBatchForm(fresh, CELSIUS, NEW)))).toEqual(['name']);
    expect(contentOf(readBatchForm({ ...fresh, name: 'a' }, CELSIUS, NEW)).temperatureC).toBeNull();
  });

  test('a year that was mistyped is asked about beside its field', () => {
    const form = { ...batchEntry.fill(SAMPLE_BATCH, CELSIUS), inAt: '0026-08-01T10:00' };
    expect(sentences(readBatchForm(form, CELSIUS, NEW))['inAt']).toBe('Is 26 the right year?');
    const gone = { ...form, outAt: '0026-08-03T10:00' };
    expect(sentences(readBatchForm(gone, CELSIUS, NEW))['outAt']).toBe('Is 26 the right year?');
    const late = { ...form, inAt: '2025-11-20T08:00' };
    expect(sentences(readBatchForm(late, CELSIUS, NEW))['inAt']).toMatch(/be 366 days/);
  });

  test('times that are none, and out before in', () => {
    const form = { ...batchEntry.fill(SAMPLE_BATCH, CELSIUS), inAt: '' };
    expect(sentences(readBatchForm(form, CELSIUS, NEW))['inAt']).toBe('Choose a day and a time.');
    const early = { ...batchEntry.fill(SAMPLE_BATCH, CELSIUS), outAt: '2026-11-01T08:00' };
    expect(sentences(readBatchForm(early, CELSIUS, NEW))['outAt']).toBe(
      'It cannot go out before it came in.',
    );
  });
});

describe('a check as it is typed', () => {
  const times = { inAt: SAMPLE_BATCH.inAt, outAt: null };
  const readCheck = (
    form: BatchCheckForm,
    preferences: Preferences,
    during: Parameters<typeof readBatchCheckForm>[2],
  ) => readBatchCheckForm(form, { preferences, meters: NO_METERS }, during);

  test('a meter is read: dial, temperature and what it compensates give the water', () => {
    const typed = { dialValue: '18.4', temperatureC: '28', atc: 'no' };
    const content = contentOf(
      readCheck(typedIn(batchCheckFormOf(null, NOW, CELSIUS), typed), CELSIUS, times),
    );
    if (content.found.by !== 'moisture') throw new Error('not read');
    // read 8 °C warm: about 0.09 % a degree drier than the dial (AOAC 969.38, recalled from memory)
    expect(content.found.percent).toBeCloseTo(18.4 - 8 * 0.091, 1);
    expect(content.found.plusMinus).toBeGreaterThan(0.4);
    expect(content.found.read).toEqual({
      instrumentId: null,
      scale: 'water',
      resolution: 0.2,
      atc: false,
      zeroCheck: 'unchecked',
      dialValue: 18.4,
      temperatureC: 28,
    });
    const again = batchCheckFormOf(content, NOW, CELSIUS);
    expect(again).toMatchObject({ how: 'dial', ...typed });
    expect(contentOf(readCheck(again, CELSIUS, times))).toEqual(content);
  });

  test.each([
    [{ dialValue: '' }, 'dialValue', 'Type a number.'],
    [{ dialValue: '45' }, 'dialValue', 'it runs from 12 to 30'],
    [{ dialValue: '18', temperatureC: '-3' }, 'temperatureC', 'between 5 and 45 °C'],
  ])('what is wrong with a look at the dial is said beside it: %j', (typed, field, sentence) => {
    const form = typedIn(batchCheckFormOf(null, NOW, CELSIUS), typed);
    expect(sentences(readCheck(form, CELSIUS, times))[field]).toContain(sentence);
  });

  test('a reading and a weight come back from their forms', () => {
    const preferences = { ...CELSIUS, initials: 'ab' };
    const form = batchCheckFormOf(SAMPLE_CHECK, NOW, preferences);
    expect(contentOf(readCheck(form, preferences, times))).toEqual(SAMPLE_CHECK);
    const found = {
      by: 'weight',
      firstKg: 25,
      nowKg: 24.7,
      tareKg: 10,
      plusMinusKg: 0.05,
    } as const;
    const weighed = { ...SAMPLE_CHECK, found };
    const back = readCheck(batchCheckFormOf(weighed, NOW, preferences), preferences, times);
    expect(contentOf(back)).toEqual(weighed);
  });

  test('before it came in, after it went out, and without a value', () => {
    const fresh = typedIn(batchCheckFormOf(null, NOW, CELSIUS), {
      'found.percent': '17.5',
      how: 'moisture',
    });
    const early = { ...fresh, takenAt: '2026-11-01T08:00' };
    expect(sentences(readCheck(early, CELSIUS, times))['takenAt']).toContain('came in later');
    const gone = { ...times, outAt: '2026-11-22T00:00:00.000Z' };
    expect(sentences(readCheck(fresh, CELSIUS, gone))['takenAt']).toContain('out by then');
    const empty = readCheck(typedIn(fresh, { 'found.percent': '' }), CELSIUS, times);
    expect(Object.keys(sentences(empty))).toEqual(['found.percent']);
  });

  test('a box that weighs as little as its wood is no box with honey', () => {
    const form = typedIn(batchCheckFormOf(null, NOW, CELSIUS), {
      how: 'weight',
      'found.firstKg': '8',
      'found.nowKg': '8',
    });
    expect(sentences(readCheck(form, CELSIUS, times))['found.nowKg']).toContain('wood and wax');
  });
});

describe('standing honey as it is typed', () => {
  test.each(STANDING_KINDS)('%s: the usual values are an answer', (kind) => {
    const openHoney = contentOf(readOpenHoneyForm(freshOpenHoney(kind, FAHRENHEIT), FAHRENHEIT));
    expect(openHoney.parts.length).toBe(kind === 'combs' ? 2 : 1);
    expect(openHoney.air.temperatureC).toBeCloseTo(kind === 'tray' ? 28 : 17, 1);
    expect(openHoney.depthMm === null).toBe(kind === 'combs');
  });

  test('a layer too thin or too deep is reported beside its surface', () => {
    const tray = freshOpenHoney('tray', CELSIUS);
    const said = (area: string): string | undefined =>
      sentences(readOpenHoneyForm({ ...tray, massKg: '1000', areaDm2: area }, CELSIUS))['areaDm2'];
    expect(said('1')).toContain('deeper than half a metre');
    expect(said('x')).toBeDefined();
    expect(said('0')).toContain('0.5 and 5,000');
  });

  test('each wrong value has its sentence', () => {
    const form = {
      ...freshOpenHoney('combs', CELSIUS),
      massKg: '0',
      openShare: '120',
      moisturePercent: '50',
      relativeHumidity: '101',
      hours: '0',
      airC: '80',
    };
    expect(Object.keys(sentences(readOpenHoneyForm(form, CELSIUS))).sort()).toEqual([
      'airC',
      'hours',
      'massKg',
      'moisturePercent',
      'openShare',
      'relativeHumidity',
    ]);
    const often = { ...freshOpenHoney('tray', CELSIUS), stirredEveryHours: '0.1' };
    expect(sentences(readOpenHoneyForm(often, CELSIUS))['stirredEveryHours']).toContain(
      '0 for never',
    );
  });
});

describe('air as it is now', () => {
  test('air that cannot be, or no number: the sentence keeps the unit of the field', () => {
    const typed = { place: 'inside', startedAt: '2026-11-25T09:00' } as const;
    const of = (temperatureC: string, relativeHumidity: string) =>
      sentences(
        airNowEntry.read({ ...typed, temperatureC, relativeHumidity }, FAHRENHEIT, {
          rest: { source: 'typed', minutes: [0], remark: '' },
        }),
      );
    expect(of('900', '130')).toMatchInlineSnapshot(`
      {
        "relativeHumidity": "This must be between 0 and 100 % RH.",
        "temperatureC": "This must be between −22 and 140 °F.",
      }
    `);
    expect(of('warm', '40')).toMatchInlineSnapshot(`
      {
        "temperatureC": "“warm” is not a number. Type digits only, such as 17.4.",
      }
    `);
  });
});
