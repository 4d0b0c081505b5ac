import { describe, expect, test } from '@jest/globals';
import { RULE_SETS } from '../../core';
import { NO_METERS } from '../../model';
import {
  DEFAULT_PREFERENCES,
  coreRuleSet,
  freshLotContent,
  type OwnRuleSetContent,
  type Preferences,
} from '../../records';
import { SAMPLE_READING } from '../../records/test/sampleLot';
import { FRESH_COMB, readCombForm } from './lots/combForm';
import { containerEntry, freshContainer, readContainerForm } from './lots/containerForm';
import { isProposedTarget, lotEntry, proposedTarget, readLotForm } from './lots/lotForm';
import { typedIn } from '../test/typedIn';
import type { Parsed } from '../entry/reader';
import { ruleSetEntry } from './hives/ruleSetForm';
import {
  FRESH_READING,
  readReadingForm,
  readingFormOf,
  type ReadingForm,
} from './bench/readingForm';

const AMERICAN: Preferences = {
  ...DEFAULT_PREFERENCES,
  temperatureUnit: 'F',
  massUnit: 'lb',
  volumeUnit: 'US gal',
  lengthUnit: 'in',
};

function errors<T>(parsed: Parsed<T>) {
  if (parsed.ok) throw new Error('the form was accepted');
  return parsed.errors;
}

const reading = (change: Partial<ReadingForm>, preferences = DEFAULT_PREFERENCES) =>
  readReadingForm(
    { ...FRESH_READING, dialValue: '17.4', temperatureC: '22', ...change },
    {
      preferences,
      meters: NO_METERS,
      takenAt: '2026-08-01T10:00:00.000Z',
    },
  );

describe('reading form', () => {
  test('a comma counts as the decimal point', () => {
    expect(reading({ dialValue: '17,4', temperatureC: '22,5' })).toMatchObject({
      ok: true,
      content: { dialValue: 17.4, temperatureC: 22.5 },
    });
  });

  test('letters get one sentence', () => {
    expect(errors(reading({ dialValue: 'dry' }))['dialValue']?.sentence).toMatchInlineSnapshot(
      `"“dry” is not a number. Type digits only, such as 17.4."`,
    );
    expect(errors(reading({ dialValue: '17.4.2' }))['dialValue']?.sentence).toContain(
      'single decimal point',
    );
    expect(errors(reading({ dialValue: '' }))['dialValue']?.sentence).toBe('Type a number.');
  });

  test('a Brix number in the moisture field is recognised, with the switch on offer', () => {
    expect(errors(reading({ dialValue: '82.4' }))['dialValue']).toMatchInlineSnapshot(`
      {
        "fixes": [
          {
            "label": "Switch to °Brix",
            "patch": {
              "resolution": "0.2",
              "scale": "brix",
            },
          },
        ],
        "sentence": "82.4 looks like °Brix, not % water.",
      }
    `);
    expect(
      errors(reading({ scale: 'brix', dialValue: '1.492' }))['dialValue']?.fixes?.[0]?.patch[
        'scale'
      ],
    ).toBe('nD');
  });

  test('an index of 1.333 is water', () => {
    const error = errors(reading({ scale: 'nD', dialValue: '1.333' }))['dialValue'];
    expect(error?.sentence).toContain('that of water');
    expect(error?.fixes).toBeUndefined();
  });

  test('a dial that no honey shows says the range', () => {
    expect(errors(reading({ dialValue: '45' }))['dialValue']?.sentence).toContain(
      'it runs from 12 to 30',
    );
  });

  test('a temperature out of range; 77 °C was most likely °F', () => {
    expect(errors(reading({ temperatureC: '77' }))['temperatureC']).toMatchObject({
      sentence: '77 °C is too hot for a reading; was it °F? That is 25 °C.',
      fixes: [{ patch: { temperatureC: '25' } }],
    });
    expect(errors(reading({ temperatureC: '-3' }))['temperatureC']?.sentence).toContain(
      'between 5 and 45 °C',
    );
    expect(errors(reading({ temperatureC: '20' }, AMERICAN))['temperatureC']?.sentence).toContain(
      '41 and 113 °F',
    );
  });

  test('no temperature is allowed, and kept as not noted', () => {
    expect(reading({ temperatureC: '' })).toMatchObject({
      ok: true,
      content: { temperatureC: null },
    });
  });

  test('°F is converted once, and comes back as typed', () => {
    const parsed = reading({ temperatureC: '77' }, AMERICAN);
    expect(parsed).toMatchObject({ ok: true, content: { temperatureC: 25 } });
    expect(readingFormOf({ ...SAMPLE_READING, temperatureC: 25 }, AMERICAN).temperatureC).toBe(
      '77',
    );
  });

  test('the vessel is kept by container and number', () => {
    expect(reading({ vessel: 'abc#3' })).toMatchObject({
      ok: true,
      content: { containerId: 'abc', item: 3 },
    });
  });

  test('corrected beyond any honey is refused with what to check', () => {
    expect(
      errors(reading({ dialValue: '12.4', temperatureC: '40' }))['dialValue']?.sentence,
    ).toContain('check dial and temperature');
  });
});

const OWN_RULES: OwnRuleSetContent = {
  name: 'Ferry label',
  edition: 'letter of May 2026',
  ordinaryPercent: 18,
  heatherPercent: 21,
  bakersOrdinaryPercent: null,
  bakersHeatherPercent: null,
  note: '',
};

describe('form of a rule set', () => {
  test('comes back as it was typed', () => {
    const form = ruleSetEntry.fill(
      { ...OWN_RULES, bakersOrdinaryPercent: 20, bakersHeatherPercent: 23 },
      DEFAULT_PREFERENCES,
    );
    expect(form).toMatchObject({ ordinaryPercent: '18', bakersHeatherPercent: '23' });
    expect(ruleSetEntry.read(form, DEFAULT_PREFERENCES)).toEqual({
      ok: true,
      content: { ...OWN_RULES, bakersOrdinaryPercent: 20, bakersHeatherPercent: 23 },
    });
  });

  test('names every field that is wrong', () => {
    const wrong = {
      ...ruleSetEntry.fill({}, DEFAULT_PREFERENCES),
      ordinaryPercent: 'dry',
      heatherPercent: '30',
      bakersOrdinaryPercent: '20',
    };
    expect(Object.keys(errors(ruleSetEntry.read(wrong, DEFAULT_PREFERENCES))).sort()).toEqual([
      'edition',
      'heatherPercent',
      'name',
      'ordinaryPercent',
    ]);
    const half = {
      ...ruleSetEntry.fill(OWN_RULES, DEFAULT_PREFERENCES),
      bakersOrdinaryPercent: '20',
    };
    expect(
      errors(ruleSetEntry.read(half, DEFAULT_PREFERENCES))['bakersOrdinaryPercent']?.sentence,
    ).toMatch(/for both kinds/);
  });
});

describe('lot form', () => {
  const form = lotEntry.fill(freshLotContent('260801-a', '2026-08-01'), DEFAULT_PREFERENCES);

  test('a fresh lot is already valid', () => {
    expect(readLotForm(form, DEFAULT_PREFERENCES).ok).toBe(true);
  });

  test('a target above the limit is pointless, with the limit on offer', () => {
    const error = errors(readLotForm({ ...form, targetPercent: '21' }, DEFAULT_PREFERENCES))[
      'targetPercent'
    ];
    expect(error?.fixes?.[0]?.patch).toEqual({ targetPercent: '20' });
  });

  test('a rule set of one’s own has its own limit and proposal', () => {
    const own = coreRuleSet('own', { ...OWN_RULES, ordinaryPercent: 17.2 });
    const ruleSets = [...RULE_SETS, own];
    const under = { ...form, ruleSetId: 'own', targetPercent: '17.5' };
    const error = errors(readLotForm(under, DEFAULT_PREFERENCES, ruleSets))['targetPercent'];
    expect(error?.fixes?.[0]?.patch).toEqual({ targetPercent: '17.2' });
    expect(proposedTarget('ordinary', 'own', ruleSets)).toBe('17.2');
    expect(isProposedTarget('17.2', ruleSets)).toBe(true);
  });

  test('code, date, target and store are checked', () => {
    const wrong = { ...form, code: ' ', date: '', targetPercent: 'x', storageTemperatureC: '90' };
    expect(Object.keys(errors(readLotForm(wrong, DEFAULT_PREFERENCES))).sort()).toEqual([
      'code',
      'date',
      'storageTemperatureC',
      'targetPercent',
    ]);
  });

  test('the proposed target never exceeds the limit', () => {
    expect(proposedTarget('heather', 'eu-2001-110')).toBe('22');
    expect(proposedTarget('heather', 'us-grade-a-b')).toBe('18.6');
    expect(proposedTarget('ordinary', 'us-grade-a-b')).toBe('18');
    expect(['18', '', '22', '17.2'].map((text) => isProposedTarget(text))).toEqual([
      true,
      true,
      true,
      false,
    ]);
  });
});

describe('container form', () => {
  const container = (texts: Readonly<Record<string, string>>, preferences = DEFAULT_PREFERENCES) =>
    readContainerForm(typedIn(freshContainer(preferences), texts), preferences);

  test('amount by mass, volume or fill height, in the units of the keeper', () => {
    const mass = container(
      { 'amount.by': 'mass', 'amount.massKg': '10', 'amount.plusMinusKg': '0.5' },
      AMERICAN,
    );
    expect(mass.ok && mass.content.amount).toMatchObject({
      by: 'mass',
      massKg: expect.closeTo(4.5359237, 9) as unknown,
    });
    const volume = container(
      { 'amount.by': 'volume', 'amount.volumeL': '5', 'amount.plusMinusL': '' },
      AMERICAN,
    );
    expect(volume.ok && volume.content.amount).toMatchObject({
      volumeL: 18.92705892,
      plusMinusL: 0,
    });
    const height = container({
      'amount.by': 'fill-height',
      'amount.fillHeightCm': '20',
      'amount.innerDiameterCm': '30',
    });
    expect(height.ok && height.content.amount).toEqual({
      by: 'fill-height',
      innerDiameterCm: 30,
      fillHeightCm: 20,
      plusMinusCm: 0.5,
    });
  });

  test('what was read comes back into the form', () => {
    const form = typedIn(freshContainer(AMERICAN), {
      'amount.by': 'fill-height',
      'amount.fillHeightCm': '8',
      'amount.innerDiameterCm': '11',
      'amount.plusMinusCm': '0.2',
    });
    const parsed = readContainerForm(form, AMERICAN);
    expect(parsed.ok && containerEntry.fill(parsed.content, AMERICAN)).toEqual(form);
  });

  test('each wrong field has its own sentence', () => {
    const wrong = container({
      label: '',
      count: '0',
      'amount.by': 'fill-height',
      'amount.fillHeightCm': '-2',
      'amount.innerDiameterCm': 'wide',
      'amount.plusMinusCm': '-1',
    });
    expect(Object.keys(errors(wrong)).sort()).toEqual([
      'amount.fillHeightCm',
      'amount.innerDiameterCm',
      'amount.plusMinusCm',
      'count',
      'label',
    ]);
  });
});

describe('comb form', () => {
  test('nobody looked: nothing is said; a shake test alone asks for the capped share', () => {
    expect(readCombForm(FRESH_COMB, DEFAULT_PREFERENCES)).toEqual({ ok: true, content: null });
    expect(
      Object.keys(errors(readCombForm({ ...FRESH_COMB, shake: 'drops' }, DEFAULT_PREFERENCES))),
    ).toEqual(['cappedTenths']);
    expect(readCombForm({ cappedTenths: '0', shake: 'runs' }, DEFAULT_PREFERENCES)).toEqual({
      ok: true,
      content: { cappedTenths: 0, shake: 'runs' },
    });
  });
});
