import { describe, expect, test } from '@jest/globals';
import { USUAL_DAY, roomFilesOf } from '../../../model';
import { DEFAULT_PREFERENCES, type Preferences } from '../../../records';
import {
  SAMPLE_EXTRACTION,
  SAMPLE_HEAT,
  SAMPLE_SETTLING,
  SAMPLE_WEIGHING,
} from '../../../records/test/sampleExtraction';
import { countingScribe } from '../../../records/test/sampleLot';
import { SAMPLE_LOG, sampleRoom } from '../../../records/test/sampleRoom';
import { localText } from '../../format/localMoment';
import { Reader, type Parsed } from '../../entry/reader';
import { typedIn } from '../../test/typedIn';
import { dayEntry, readDayForm } from './extractionForm';
import {
  USUAL_TOOL,
  frameWeighingEntry,
  frameWeighingFormOf,
  pourEntry,
  toolEntry,
} from './lineForms';
import { freshLogHeat, readLogHeatForm } from '../lots/logHeatForm';
import { clock, optional } from '../../entry/codecs';
import { breaks, people } from './lineTexts';
import { heatEntry, readHeatForm, settlingEntry, weighingEntry } from './strainForms';

const AMERICAN: Preferences = {
  ...DEFAULT_PREFERENCES,
  temperatureUnit: 'F',
  massUnit: 'lb',
  volumeUnit: 'US gal',
  lengthUnit: 'in',
};

const NOW = '2026-08-12T08:00:00.000Z';

function errors<T>(parsed: Parsed<T>) {
  if (parsed.ok) throw new Error('the form was accepted');
  return Object.fromEntries(Object.entries(parsed.errors).map(([key, one]) => [key, one.sentence]));
}

const day = (texts: Readonly<Record<string, string>>, preferences = DEFAULT_PREFERENCES) =>
  readDayForm(
    typedIn(dayEntry.fill(SAMPLE_EXTRACTION, preferences), texts),
    preferences,
    SAMPLE_EXTRACTION,
  );

/** Every field of a form that holds a text, by its path. */
function textFields(form: object, path = ''): [string, string][] {
  return Object.entries(form).flatMap(([name, value]): [string, string][] =>
    typeof value === 'string'
      ? [[path + name, value]]
      : typeof value === 'object'
        ? textFields(value as object, `${path}${name}.`)
        : [],
  );
}

const COARSE = 'strainer.meshes.coarse.openingUm';

describe('a day at the line', () => {
  test.each([DEFAULT_PREFERENCES, AMERICAN])(
    'comes back as it was, in the keeper’s units: %#',
    (preferences) => {
      const parsed = day({}, preferences);
      if (!parsed.ok) throw new Error(JSON.stringify(parsed.errors));
      const { honeyKgPerFrame, extractor, pail, temperatureC } = parsed.content;
      expect(temperatureC).toBeCloseTo(SAMPLE_EXTRACTION.temperatureC, 1);
      expect(honeyKgPerFrame).toBeCloseTo(SAMPLE_EXTRACTION.honeyKgPerFrame, 2);
      expect(pail.kg).toBeCloseTo(SAMPLE_EXTRACTION.pail.kg, 2);
      expect(extractor.sumpKg).toBeCloseTo(SAMPLE_EXTRACTION.extractor.sumpKg, 2);
      expect(parsed.content.strainer.meshes).toEqual(SAMPLE_EXTRACTION.strainer.meshes);
      expect(parsed.content.people).toEqual(SAMPLE_EXTRACTION.people);
      expect(parsed.content.breaks).toEqual(SAMPLE_EXTRACTION.breaks);
    },
  );

  test('in metric it is the same to the last digit', () => {
    expect(day({})).toEqual({ ok: true, content: SAMPLE_EXTRACTION });
  });

  test('the usual day is right once it has a name', () => {
    const form = dayEntry.fill({ ...USUAL_DAY, day: '2026-08-12' }, DEFAULT_PREFERENCES);
    expect(errors(readDayForm(form, DEFAULT_PREFERENCES))).toEqual({
      name: 'Give it a name.',
    });
    expect(readDayForm({ ...form, name: 'x' }, DEFAULT_PREFERENCES).ok).toBe(true);
  });

  test('each wrong field says what to do', () => {
    expect(
      errors(
        day({
          frames: 'many',
          startMin: 'dawn',
          people: ' ',
          breaks: 'noon',
          'extractor.spinMinutes': '0',
          'strainer.meshes.fine.openingUm': '5',
          'strainer.meshes.coarse.openingUm': '100',
          'strainer.meshes.coarse.areaDm2': '5',
          'strainer.meshes.coarse.headCm': '5',
          'extractor.leftShare': '80',
          'bees.shutFromMin': '9:99',
        }),
      ),
    ).toMatchInlineSnapshot(`
      {
        "bees.shutFromMin": "Type a time such as 9:00.",
        "breaks": "“noon” is not a break. Type a time and minutes, such as “12:30 45 min”.",
        "extractor.leftShare": "This must be between 0 and 50 %.",
        "extractor.spinMinutes": "This must be between 0.1 and 240 min.",
        "frames": "“many” is not a number. Type digits only, such as 17.4.",
        "people": "Type who works, such as “Ada, Bo 80 %”.",
        "startMin": "Type a time such as 9:00.",
        "strainer.meshes.fine.openingUm": "This must be between 20 and 5,000 µm.",
      }
    `);
  });

  test.each(
    textFields(dayEntry.fill(SAMPLE_EXTRACTION, DEFAULT_PREFERENCES))
      .filter(([, text]) => /^[0-9.,:]+$/.test(text))
      .map(([field]) => field),
  )('a %s beyond its range is named beside it', (field) => {
    const wrong: Readonly<Record<string, string>> = { startMin: '99:00', breaks: 'x' };
    const text = wrong[field] ?? '9999999999';
    expect(Object.keys(errors(day({ [field]: text })))).toContain(field);
  });

  test('the coarser mesh comes first; meshes are told apart where one is wrong', () => {
    const coarse = {
      [COARSE]: '150',
      'strainer.meshes.coarse.areaDm2': '5',
      'strainer.meshes.coarse.headCm': '5',
    };
    expect(errors(day(coarse))[COARSE]).toContain('leave it empty if there is none');
    const wide = { ...coarse, [COARSE]: '600', 'strainer.meshes.coarse.areaDm2': '0' };
    expect(Object.keys(errors(day(wide)))).toEqual(['strainer.meshes.coarse.areaDm2']);
    expect(Object.keys(errors(day({ 'strainer.meshes.fine.headCm': '900' })))).toEqual([
      'strainer.meshes.fine.headCm',
    ]);
  });

  test('a whole load must have room, before and behind the extractor', () => {
    expect(errors(day({ 'tool.rackFrames': '5' }))['tool.rackFrames']).toContain('one whole load');
    expect(errors(day({ 'extractor.sumpKg': '5' }))['extractor.sumpKg']).toContain('one load');
    expect(errors(day({ 'bees.shutFromMin': '10' }))['bees.shutToMin']).toBe(
      'Type both times, or neither.',
    );
  });
});

describe('texts of the line', () => {
  const reader = () => new Reader(DEFAULT_PREFERENCES, 'a');

  test('people with and without a pace, there and back', () => {
    const read = people.read('Ada, Bo 80 %; two helpers 70%', reader());
    expect(read).toEqual([
      { name: 'Ada', speed: 1 },
      { name: 'Bo', speed: 0.8 },
      { name: 'two helpers', speed: 0.7 },
    ]);
    expect(people.read(people.fill(read, DEFAULT_PREFERENCES), reader())).toEqual(read);
    expect(people.fill([{ name: '', speed: 1 }], DEFAULT_PREFERENCES)).toBe('1');
  });

  test.each([
    ['Bo 80 % 10:00–15:00', { name: 'Bo', speed: 0.8, fromMin: 600, toMin: 900 }],
    ['Anne-Marie 2pm-', { name: 'Anne-Marie', speed: 1, fromMin: 840, toMin: null }],
    ['Cy –15:00', { name: 'Cy', speed: 1, fromMin: null, toMin: 900 }],
  ])('hours in “%s”, there and back', (text, person) => {
    const read = people.read(`Ada, ${text}`, reader());
    expect(read[1]).toEqual(person);
    expect(people.read(people.fill(read, DEFAULT_PREFERENCES), reader())).toEqual(read);
  });

  test('hours that are none are asked about', () => {
    const at = reader();
    people.read('Ada 25:70-', at);
    expect(Object.values(at.errors)[0]?.sentence).toContain('“Ada 25:70-” has no time of day');
  });

  test('breaks there and back; none is none', () => {
    const read = breaks.read('12:30 45 min, 16 15', reader());
    expect(read).toEqual([
      { fromMin: 750, minutes: 45 },
      { fromMin: 960, minutes: 15 },
    ]);
    expect(breaks.read(breaks.fill(read, DEFAULT_PREFERENCES), reader())).toEqual(read);
    expect(breaks.read('', reader())).toEqual([]);
  });

  test('a time may be left out only where it may', () => {
    const own = reader();
    expect(optional(clock('')).read('', own)).toBeNull();
    expect(clock('').read('9.30', own)).toBe(570);
    expect(own.errors).toEqual({});
    expect(clock('').read('', own)).toBeNaN();
    expect(own.errors['a']?.sentence).toBe('Type a time such as 9:00.');
  });
});

describe('what follows a lot’s honey', () => {
  test('a vessel that stands comes back as it was, skims kept', () => {
    const skims = [{ at: NOW, kg: 0.2 }];
    const former = { ...SAMPLE_SETTLING, skims };
    const form = settlingEntry.fill(former, DEFAULT_PREFERENCES);
    const read = (texts: object, preferences = DEFAULT_PREFERENCES) =>
      settlingEntry.read({ ...form, ...texts }, preferences, { rest: { skims } });
    expect(read({})).toEqual({
      ok: true,
      content: former,
    });
    expect(read({ strainedUm: '' })).toMatchObject({
      content: { strainedUm: null },
    });
    expect(errors(read({ heightCm: '-1', filledAt: '' }))).toEqual({
      heightCm: 'This must be between 1 and 400 cm.',
      filledAt: 'Choose a day and a time.',
    });
  });

  test('inches and Fahrenheit are converted once', () => {
    const form = settlingEntry.fill(SAMPLE_SETTLING, AMERICAN);
    expect(form).toMatchObject({ heightCm: '11.8', roomC: '71.6' });
    const parsed = settlingEntry.read(form, AMERICAN, { rest: { skims: [] } });
    expect(parsed.ok && parsed.content.heightCm).toBeCloseTo(29.97, 2);
  });

  test('a spell of warmth and a weight come back as they were', () => {
    const heat = heatEntry.fill(SAMPLE_HEAT, DEFAULT_PREFERENCES);
    expect(readHeatForm(heat, DEFAULT_PREFERENCES)).toEqual({ ok: true, content: SAMPLE_HEAT });
    expect(
      errors(
        readHeatForm(
          typedIn(heat, { 'spells.temperatureC': '120', 'spells.days': '-2' }),
          DEFAULT_PREFERENCES,
        ),
      ),
    ).toEqual({
      'spells.days': 'This must be between 0 and 4,000 days.',
      'spells.temperatureC': 'This must be between −20 and 85 °C.',
    });
    const weight = weighingEntry.fill(SAMPLE_WEIGHING, DEFAULT_PREFERENCES);
    expect(weighingEntry.read(weight, DEFAULT_PREFERENCES)).toEqual({
      ok: true,
      content: SAMPLE_WEIGHING,
    });
    expect(errors(weighingEntry.read({ ...weight, massKg: '' }, DEFAULT_PREFERENCES))).toEqual({
      massKg: 'Type a number.',
    });
  });
});

describe('warmth from a logger', () => {
  const rooms = roomFilesOf(sampleRoom(countingScribe('room')));
  const startedAt = Date.parse(SAMPLE_LOG.startedAt);
  const at = (hours: number): string =>
    localText(new Date(startedAt + hours * 3_600_000).toISOString());
  const form = {
    ...freshLogHeat(rooms, NOW, DEFAULT_PREFERENCES),
    startedAt: at(0),
    until: at(3),
  };

  test('what the logger wrote in that time, under the name of its room', () => {
    const parsed = readLogHeatForm(form, DEFAULT_PREFERENCES, rooms);
    expect(parsed).toMatchObject({ ok: true, content: { source: 'log', remark: 'Back room' } });
  });

  test('no end before its beginning, no time without entries, no room that is not there', () => {
    expect(
      errors(readLogHeatForm({ ...form, until: at(-1) }, DEFAULT_PREFERENCES, rooms))['until'],
    ).toBe('It cannot end before it began.');
    const before = { ...form, startedAt: at(-48), until: at(-24) };
    expect(errors(readLogHeatForm(before, DEFAULT_PREFERENCES, rooms))['roomId']).toContain(
      'recorded nothing',
    );
    expect(
      errors(readLogHeatForm({ ...form, roomId: 'x', startedAt: '' }, DEFAULT_PREFERENCES, rooms)),
    ).toMatchObject({
      startedAt: 'Choose a day and a time.',
    });
  });
});

describe('tools, frames and pails', () => {
  test('a tool opens some face', () => {
    const form = toolEntry.fill({ ...USUAL_TOOL, name: 'Fork' }, DEFAULT_PREFERENCES);
    expect(toolEntry.read(form, DEFAULT_PREFERENCES)).toMatchObject({
      ok: true,
      content: { lossShare: 0.03 },
    });
    expect(
      errors(toolEntry.read({ ...form, faces: [], lossShare: '90' }, DEFAULT_PREFERENCES)),
    ).toEqual({
      faces: 'Choose at least one kind of comb that it opens well.',
      lossShare: 'This must be between 0 and 50 %.',
    });
  });

  test('a frame is lighter once it was spun', () => {
    const form = { ...frameWeighingFormOf(null, 0.35, AMERICAN), beforeKg: '4.5', afterKg: '1' };
    const parsed = frameWeighingEntry.read(form, AMERICAN, { rest: { takenAt: NOW } });
    expect(parsed.ok && parsed.content.beforeKg).toBeCloseTo(2.041, 3);
    expect(
      errors(
        frameWeighingEntry.read({ ...form, afterKg: '6' }, AMERICAN, { rest: { takenAt: NOW } }),
      )['afterKg'],
    ).toContain('after spinning');
  });

  test('a full pail is not put under the gate', () => {
    const form = { label: 'Pail 1', fullKg: '12', startKg: '12', meshClean: 'yes' } as const;
    const place = { rest: { openedAt: NOW, expectedKgPerMin: 1, marks: [], closedAt: null } };
    expect(errors(pourEntry.read(form, DEFAULT_PREFERENCES, place))).toEqual({
      startKg: 'It is full already.',
    });
    expect(pourEntry.read({ ...form, startKg: '0' }, DEFAULT_PREFERENCES, place)).toMatchObject({
      ok: true,
      content: { meshClean: true, marks: [], closedAt: null },
    });
  });
});
