import { describe, expect, test } from '@jest/globals';
import { DEFAULT_PREFERENCES, USUAL_DAY, roomFilesOf, type Preferences } from '../../records';
import {
  SAMPLE_EXTRACTION,
  SAMPLE_HEAT,
  SAMPLE_SETTLING,
  SAMPLE_WEIGHING,
} from '../../records/test/sampleExtraction';
import { countingScribe } from '../../records/test/sampleLot';
import { SAMPLE_LOG, sampleRoom } from '../../records/test/sampleRoom';
import { localText } from '../format/localMoment';
import { extractionFormOf, readExtractionForm, type ExtractionForm } from './extractionForm';
import {
  frameWeighingFormOf,
  readFrameWeighingForm,
  readPourForm,
  readToolForm,
  toolFormOf,
} from './lineForms';
import { freshLogHeat, readLogHeatForm } from './logHeatForm';
import { breaksText, peopleText, readBreaks, readClockField, readPeople } from './lineTexts';
import { FormReader, type Parsed } from './parsed';
import {
  heatFormOf,
  readHeatForm,
  readSettlingForm,
  readWeighingForm,
  settlingFormOf,
  weighingFormOf,
} from './strainForms';

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

const day = (change: Partial<ExtractionForm>, preferences = DEFAULT_PREFERENCES) =>
  readExtractionForm(
    { ...extractionFormOf(SAMPLE_EXTRACTION, preferences), ...change },
    preferences,
    SAMPLE_EXTRACTION,
  );

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
    const form = extractionFormOf({ ...USUAL_DAY, day: '2026-08-12' }, DEFAULT_PREFERENCES);
    expect(errors(readExtractionForm(form, DEFAULT_PREFERENCES))).toEqual({
      name: 'Give the day a name that you find again.',
    });
    expect(readExtractionForm({ ...form, name: 'x' }, DEFAULT_PREFERENCES).ok).toBe(true);
  });

  test('each wrong field says what to do', () => {
    expect(
      errors(
        day({
          frames: 'many',
          start: 'dawn',
          people: ' ',
          breaks: 'noon',
          spin: '0',
          fineOpening: '5',
          coarseOpening: '100',
          coarseArea: '5',
          coarseHead: '5',
          left: '80',
          shutFrom: '9:99',
        }),
      ),
    ).toMatchInlineSnapshot(`
      {
        "breaks": "Type a time and minutes, such as “12:30 45 min”; “noon” is not that.",
        "fineOpening": "Openings of meshes are 20 to 5,000 µm.",
        "frames": "Type digits only, such as 17.4; “many” is not a number.",
        "left": "Between 0 and 50 % stays in the comb.",
        "people": "Type who works, such as “Ada, Bo 80 %”.",
        "shutFrom": "Type a time such as 9:00.",
        "spin": "Spinning takes 0.1 to 240 minutes.",
        "start": "Type a time such as 9:00.",
      }
    `);
  });

  test.each(
    Object.entries<string>(extractionFormOf(SAMPLE_EXTRACTION, DEFAULT_PREFERENCES))
      .filter(([, text]) => /^[0-9.,:]+$/.test(text))
      .map(([field]) => field as keyof ExtractionForm)
      .filter((field) => field !== 'day' && field !== 'name'),
  )('a %s beyond its range is named beside it', (field) => {
    const wrong: Readonly<Record<string, string>> = { start: '99:00', breaks: 'x' };
    const text = wrong[field] ?? '9999999999';
    expect(Object.keys(errors(day({ [field]: text })))).toContain(field);
  });

  test('the coarser mesh comes first; meshes are told apart where one is wrong', () => {
    const coarse = { coarseOpening: '150', coarseArea: '5', coarseHead: '5' };
    expect(errors(day(coarse))['coarseOpening']).toContain('leave it empty for none');
    const wide = { coarseOpening: '600', coarseArea: '0', coarseHead: '5' };
    expect(Object.keys(errors(day(wide)))).toEqual(['coarseArea']);
    expect(Object.keys(errors(day({ fineHead: '900' })))).toEqual(['fineHead']);
  });

  test('a whole load must have room, before and behind the extractor', () => {
    expect(errors(day({ rackFrames: '5' }))['rackFrames']).toContain('a whole load');
    expect(errors(day({ sump: '5' }))['sump']).toContain('one load');
    expect(errors(day({ shutFrom: '10' }))['shutTo']).toBe('Type both times, or neither.');
  });
});

describe('texts of the line', () => {
  const reader = () => new FormReader(DEFAULT_PREFERENCES);

  test('people with and without a pace, there and back', () => {
    const people = readPeople(reader(), 'people', 'Ada, Bo 80 %; two helpers 70%');
    expect(people).toEqual([
      { name: 'Ada', speed: 1 },
      { name: 'Bo', speed: 0.8 },
      { name: 'two helpers', speed: 0.7 },
    ]);
    expect(readPeople(reader(), 'people', peopleText(people))).toEqual(people);
    expect(peopleText([{ name: '', speed: 1 }])).toBe('1');
  });

  test('breaks there and back; none is none', () => {
    const breaks = readBreaks(reader(), 'breaks', '12:30 45 min, 16 15');
    expect(breaks).toEqual([
      { fromMin: 750, minutes: 45 },
      { fromMin: 960, minutes: 15 },
    ]);
    expect(readBreaks(reader(), 'breaks', breaksText(breaks))).toEqual(breaks);
    expect(readBreaks(reader(), 'breaks', '')).toEqual([]);
  });

  test('a time may be left out only where it may', () => {
    const own = reader();
    expect(readClockField(own, 'a', '', true)).toBeNull();
    expect(readClockField(own, 'a', '9.30')).toBe(570);
    expect(own.errors).toEqual({});
    expect(readClockField(own, 'a', '')).toBeNaN();
    expect(own.errors['a']?.sentence).toBe('Type a time such as 9:00.');
  });
});

describe('what follows a lot’s honey', () => {
  test('a vessel that stands comes back as it was, skims kept', () => {
    const skims = [{ at: NOW, kg: 0.2 }];
    const former = { ...SAMPLE_SETTLING, skims };
    const form = settlingFormOf(former, DEFAULT_PREFERENCES);
    expect(readSettlingForm(form, DEFAULT_PREFERENCES, former)).toEqual({
      ok: true,
      content: former,
    });
    expect(readSettlingForm({ ...form, mesh: '' }, DEFAULT_PREFERENCES, former)).toMatchObject({
      content: { strainedUm: null },
    });
    expect(
      errors(readSettlingForm({ ...form, height: '-1', filledAt: '' }, DEFAULT_PREFERENCES)),
    ).toEqual({
      height: 'A vessel is 1 to 400 cm high and wide.',
      filledAt: 'Choose a day and a time.',
    });
  });

  test('inches and Fahrenheit are converted once', () => {
    const form = settlingFormOf(SAMPLE_SETTLING, AMERICAN);
    expect(form).toMatchObject({ height: '11.8', room: '71.6' });
    const parsed = readSettlingForm(form, AMERICAN);
    expect(parsed.ok && parsed.content.heightCm).toBeCloseTo(29.97, 2);
  });

  test('a spell of warmth and a weight come back as they were', () => {
    const heat = heatFormOf(SAMPLE_HEAT, NOW, DEFAULT_PREFERENCES);
    expect(readHeatForm(heat, DEFAULT_PREFERENCES)).toEqual({ ok: true, content: SAMPLE_HEAT });
    expect(
      errors(readHeatForm({ ...heat, temperature: '120', days: '-2' }, DEFAULT_PREFERENCES)),
    ).toEqual({
      days: 'A spell lasts up to 4,000 days.',
      temperature: 'Honey has −20 to 85 °C here.',
    });
    const weight = weighingFormOf(SAMPLE_WEIGHING, NOW, DEFAULT_PREFERENCES);
    expect(readWeighingForm(weight, DEFAULT_PREFERENCES)).toEqual({
      ok: true,
      content: SAMPLE_WEIGHING,
    });
    expect(errors(readWeighingForm({ ...weight, mass: '' }, DEFAULT_PREFERENCES))).toEqual({
      mass: 'Type a number here.',
    });
  });
});

describe('warmth from a logger', () => {
  const rooms = roomFilesOf(sampleRoom(countingScribe('room')));
  const startedAt = Date.parse(SAMPLE_LOG.startedAt);
  const at = (hours: number): string =>
    localText(new Date(startedAt + hours * 3_600_000).toISOString());
  const form = { ...freshLogHeat(rooms, NOW), from: at(0), to: at(3) };

  test('what the logger wrote in that time, under the name of its room', () => {
    const parsed = readLogHeatForm(form, DEFAULT_PREFERENCES, rooms);
    expect(parsed).toMatchObject({ ok: true, content: { source: 'log', remark: 'Back room' } });
  });

  test('no end before its beginning, no time without entries, no room that is not there', () => {
    expect(errors(readLogHeatForm({ ...form, to: at(-1) }, DEFAULT_PREFERENCES, rooms))['to']).toBe(
      'It ends after it began.',
    );
    const before = { ...form, from: at(-48), to: at(-24) };
    expect(errors(readLogHeatForm(before, DEFAULT_PREFERENCES, rooms))['roomId']).toContain(
      'wrote nothing',
    );
    expect(
      errors(readLogHeatForm({ ...form, roomId: 'x', from: '' }, DEFAULT_PREFERENCES, rooms)),
    ).toMatchObject({
      from: 'Choose a day and a time.',
    });
  });
});

describe('tools, frames and pails', () => {
  test('a tool opens some face', () => {
    const form = { ...toolFormOf(null), name: 'Fork' };
    expect(readToolForm(form, DEFAULT_PREFERENCES)).toMatchObject({
      ok: true,
      content: { lossShare: 0.03 },
    });
    expect(errors(readToolForm({ ...form, faces: [], loss: '90' }, DEFAULT_PREFERENCES))).toEqual({
      faces: 'Say at least one face that it opens well.',
      loss: 'Between 0 and 50 % of the honey goes with the wax.',
    });
  });

  test('a frame is lighter once it was spun', () => {
    const form = { ...frameWeighingFormOf(null, 0.35, AMERICAN), before: '4.5', after: '1' };
    const parsed = readFrameWeighingForm(form, AMERICAN, NOW);
    expect(parsed.ok && parsed.content.beforeKg).toBeCloseTo(2.041, 3);
    expect(
      errors(readFrameWeighingForm({ ...form, after: '6' }, AMERICAN, NOW))['after'],
    ).toContain('Spun');
  });

  test('a full pail is not put under the gate', () => {
    const form = { label: 'Pail 1', full: '12', start: '12', meshClean: 'yes' } as const;
    const place = { openedAt: NOW, expectedKgPerMin: 1 };
    expect(errors(readPourForm(form, DEFAULT_PREFERENCES, place))).toEqual({
      start: 'It is full already.',
    });
    expect(readPourForm({ ...form, start: '0' }, DEFAULT_PREFERENCES, place)).toMatchObject({
      ok: true,
      content: { meshClean: true, marks: [], closedAt: null },
    });
  });
});
