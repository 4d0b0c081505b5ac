import { describe, expect, test } from '@jest/globals';
import { NO_METERS, metersOf } from '../../../model';
import { DEFAULT_PREFERENCES, type Preferences } from '../../../records';
import { SAMPLE_CHECK, SAMPLE_INSTRUMENT, sampleMeter } from '../../../records/test/sampleBench';
import { SAMPLE_READING, countingScribe } from '../../../records/test/sampleLot';
import { typedIn } from '../../test/typedIn';
import { freshMeter, meterEntry, readMeterForm } from './instrumentForm';
import type { Parsed } from '../../entry/reader';
import { freshPlan, numberOf, readPlanForm, type PlanContext } from './planForm';
import {
  colourFormOf,
  labEntry,
  readColourForm,
  readerOf,
  sensesEntry,
  type ColourForm,
} from './qualityForms';
import { FRESH_READING, readReadingForm, readingFormOf } from './readingForm';
import { freshZeroCheck, readZeroCheckForm, zeroCheckEntry } from './zeroCheckForm';

const AMERICAN: Preferences = { ...DEFAULT_PREFERENCES, temperatureUnit: 'F', initials: 'CD' };
const NOW = '2026-08-02T09:00:00.000Z';

function content<T>(parsed: Parsed<T>): T {
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.errors));
  return parsed.content;
}

function sentences<T>(parsed: Parsed<T>): Record<string, string> {
  if (parsed.ok) throw new Error('the form was accepted');
  return Object.fromEntries(Object.entries(parsed.errors).map(([at, one]) => [at, one.sentence]));
}

describe('a reading with a meter of one’s own', () => {
  const meter = sampleMeter(countingScribe('m'), [{}]);
  const meters = metersOf([meter.instrument], meter.checks);
  const instrument = meter.instrument.entityId;
  const context = { preferences: AMERICAN, meters, takenAt: NOW };

  test('takes scale, division and compensation from the meter, initials and moment from the keeper', () => {
    const form = {
      ...FRESH_READING,
      instrumentId: instrument,
      dialValue: '1.4920',
      temperatureC: '77',
    };
    const read = content(readReadingForm(form, context));
    expect(read).toMatchObject({ scale: 'nD', resolution: 0.0005, reader: 'CD', takenAt: NOW });
    expect(read.temperatureC).toBeCloseTo(25, 9);
    expect(read.source).toBe('typed');
  });

  test('a number of another scale asks for another meter, not for another scale', () => {
    const form = { ...FRESH_READING, instrumentId: instrument, dialValue: '17.4' };
    const parsed = readReadingForm(form, context);
    expect(sentences(parsed)['dialValue']).toContain('Choose the meter that shows % water.');
    expect(!parsed.ok && parsed.errors['dialValue']?.fixes).toBeUndefined();
  });

  test('a value that is not on its dial is refused with its range', () => {
    const short = sampleMeter(countingScribe('short'), []);
    const content = { ...SAMPLE_INSTRUMENT, range: [1.48, 1.5] as [number, number] };
    const known = metersOf([{ ...short.instrument, content }], []);
    const form = { ...FRESH_READING, instrumentId: short.instrument.entityId, dialValue: '1.4790' };
    const parsed = readReadingForm(form, { ...context, meters: known });
    expect(sentences(parsed)['dialValue']).toContain(
      'runs from 1.48 to 1.5, so 1.479 is not on it',
    );
  });

  test('a correction keeps when, by whom and how it was read; there and back changes nothing', () => {
    const former = {
      ...SAMPLE_READING,
      source: 'meter' as const,
      settledStandard: 0.01,
      reader: 'AB',
      spot: 'top' as const,
      honeyTemperatureC: 24,
    };
    const form = readingFormOf(former, DEFAULT_PREFERENCES);
    const known = { preferences: DEFAULT_PREFERENCES, meters: NO_METERS, takenAt: NOW, former };
    expect(content(readReadingForm(form, known))).toEqual(former);
  });
});

describe('a meter', () => {
  test('there and back in °F, with its range of compensation', () => {
    const atc = { ...SAMPLE_INSTRUMENT, atc: true, atcRangeC: [10, 30] as [number, number] };
    const read = content(readMeterForm(meterEntry.fill(atc, AMERICAN), AMERICAN));
    expect(read.atcRangeC?.[0]).toBeCloseTo(10, 1);
    expect(content(readMeterForm(meterEntry.fill(SAMPLE_INSTRUMENT, AMERICAN), AMERICAN))).toEqual(
      SAMPLE_INSTRUMENT,
    );
  });

  test('what is missing or turned round is said beside its field', () => {
    const form = typedIn(freshMeter(DEFAULT_PREFERENCES), {
      'range.0': '30',
      'range.1': '12',
      checkEveryDays: 'often',
    });
    const said = sentences(readMeterForm(form, DEFAULT_PREFERENCES));
    expect(said['checkEveryDays']).toContain('is not a number');
    expect(said).toMatchObject({
      name: 'Give it a name.',
      'range.1': 'The first value must be the lower one.',
    });
  });
});

describe('a zero check', () => {
  const context = { preferences: DEFAULT_PREFERENCES, meter: SAMPLE_INSTRUMENT, takenAt: NOW };

  test('there and back; a correction keeps its moment', () => {
    const form = zeroCheckEntry.fill({ ...SAMPLE_CHECK, indexPerC: 0.00041 }, DEFAULT_PREFERENCES);
    expect(form.indexPerC).toBe('41');
    const read = content(readZeroCheckForm(form, { ...context, former: SAMPLE_CHECK }));
    expect(read.indexPerC).toBeCloseTo(0.00041, 9);
    expect({ ...read, indexPerC: null }).toEqual(SAMPLE_CHECK);
  });

  test('the oil of the last check is at hand; empty looks are left out', () => {
    const fresh = freshZeroCheck(SAMPLE_INSTRUMENT, SAMPLE_CHECK, DEFAULT_PREFERENCES);
    expect(fresh.statedNd20).toBe('1.469');
    const form = { ...fresh, dialValues: ['1.469', '', '1.47'], temperatureC: '20' };
    expect(content(readZeroCheckForm(form, context)).dialValues).toEqual([1.469, 1.47]);
  });

  test('each wrong look is said at its own field', () => {
    const form = {
      ...freshZeroCheck(SAMPLE_INSTRUMENT, SAMPLE_CHECK, DEFAULT_PREFERENCES),
      dialValues: ['1.469', 'x', '9'],
      temperatureC: '',
    };
    const skipped = { ...form, dialValues: ['1.469', '', '9'], temperatureC: '20' };
    expect(Object.keys(sentences(readZeroCheckForm(skipped, context)))).toEqual(['dialValues.2']);
    const said = sentences(readZeroCheckForm(form, context));
    expect(Object.keys(said).sort()).toEqual(['dialValues.1', 'temperatureC']);
  });
});

describe('a plan', () => {
  const context: PlanContext = {
    preferences: DEFAULT_PREFERENCES,
    vesselIds: Array.from({ length: 30 }, (_, at) => `c#${at + 1}`),
    limitPercent: 18.6,
    readingsBefore: 2,
    fixedAt: NOW,
  };

  const usual = () => freshPlan(17.4, { vessels: 30, seed: 7 }, DEFAULT_PREFERENCES);

  test('the same seed draws the same vessels; the number follows from the figures', () => {
    const form = usual();
    const plan = content(readPlanForm(form, context));
    expect(plan.plannedIds.flat()).toHaveLength(numberOf(form, context)?.number ?? 0);
    expect(content(readPlanForm(form, context)).plannedIds).toEqual(plan.plannedIds);
    const drawn = ['1', '2', '3', '4', '5', '6'].map((seed) =>
      content(readPlanForm({ ...form, seed }, context))
        .plannedIds.flat()
        .join(),
    );
    expect(new Set(drawn).size).toBeGreaterThan(1);
    expect(plan.readingsBefore).toBe(2);
  });

  test('small lots go by count; looks share the vessels', () => {
    expect(freshPlan(17, { vessels: 12, seed: 1 }, DEFAULT_PREFERENCES).method).toBe('by-count');
    const plan = content(readPlanForm({ ...usual(), looks: '2' }, context));
    expect(plan.plannedIds).toHaveLength(2);
  });

  test('what cannot be a promise is refused beside its field', () => {
    const said = sentences(readPlanForm({ ...usual(), content: '12', spots: [] }, context));
    expect(said).toMatchObject({
      content: 'This must be between 50 and 99.9 %.',
      spots: 'Choose where to take the sample.',
    });
    expect(numberOf({ ...usual(), confidence: '' }, context)).toBeNull();
  });
});

describe('colour, senses and laboratory', () => {
  const context = { preferences: AMERICAN, takenAt: NOW };

  const fresh = colourFormOf(null, '', AMERICAN);

  test('a colour there and back, however it was read', () => {
    const typed: ColourForm[] = [
      typedIn(fresh, { 'read.pfundMm': '47' }),
      typedIn(fresh, { 'read.by': 'photometer', 'read.absorbance': '0,3', vessel: 'c#2' }),
      typedIn(fresh, { 'read.by': 'eye' }),
    ];
    for (const form of typed) {
      const read = content(readColourForm(form, context));
      expect(content(readColourForm(colourFormOf(read, '', AMERICAN), context))).toEqual(read);
      expect(read.who).toBe('CD');
    }
    expect(
      sentences(readColourForm(typedIn(fresh, { 'read.pfundMm': '400' }), context))['read.pfundMm'],
    ).toContain('0 and 140');
  });

  test('the tasting there and back', () => {
    const form = {
      ...sensesEntry.fill({}, AMERICAN),
      notes: [{ note: 'malt' as const, strength: 2 }],
      typical: 'no' as const,
    };
    const read = content(sensesEntry.read(form, AMERICAN, { rest: readerOf(context) }));
    expect(read.typical).toBe(false);
    expect(read.who).toBe('CD');
    expect(sensesEntry.fill(read, AMERICAN)).toEqual(form);
  });

  test('a report there and back; a ± without its value is not lost silently', () => {
    const form = labEntry.fill({ day: '2026-08-20', laboratory: 'Lab' }, DEFAULT_PREFERENCES);
    const typed = {
      ...typedIn(form, { 'values.hmfMgPerKg.value': '4,5', 'values.hmfMgPerKg.expanded': '1' }),
      pollen: [{ plant: 'borage', percent: '12' }],
    };
    const read = content(labEntry.read(typed, DEFAULT_PREFERENCES));
    expect(read.values).toEqual({ hmfMgPerKg: { value: 4.5, expanded: 1 } });
    expect(
      content(labEntry.read(labEntry.fill(read, DEFAULT_PREFERENCES), DEFAULT_PREFERENCES)),
    ).toEqual(read);
    const wrong = {
      ...typedIn(typed, { 'values.diastaseSchade.expanded': '1' }),
      pollen: [{ plant: '', percent: '' }],
    };
    expect(sentences(labEntry.read(wrong, DEFAULT_PREFERENCES))).toMatchObject({
      'values.diastaseSchade.value': 'Type the value this ± belongs to.',
      'pollen.0.plant': 'Give it a name.',
    });
  });
});
