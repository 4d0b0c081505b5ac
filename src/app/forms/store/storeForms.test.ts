import { describe, expect, test } from '@jest/globals';
import { DEFAULT_PREFERENCES, type Preferences } from '../../../records';
import { OPEN, type Gate } from '../../gate/gate';
import { freshBlend, readBlendForm } from './blendForm';
import { typedIn } from '../../test/typedIn';
import { labelFormOf, readLabelForm } from './labelForm';
import { freshNote, noteEntry } from '../hives/seasonNoteForm';
import {
  freshJarMove,
  freshMove,
  packFormOf,
  readJarMoveForm,
  readMoveForm,
  readPackForm,
} from './storeForms';
import { jarUnit } from '../../format/jarSize';

const METRIC = DEFAULT_PREFERENCES;
const US = { ...DEFAULT_PREFERENCES, massUnit: 'lb', temperatureUnit: 'F' } as const;
const NOW = '2026-08-20T10:00:00.000Z';
const VESSEL = { containerId: 'c', item: 2 };

function errorsOf(parsed: {
  ok: boolean;
  errors?: Readonly<Record<string, { sentence: string }>>;
}) {
  return Object.fromEntries(
    Object.entries(parsed.errors ?? {}).map(([field, one]) => [field, one.sentence]),
  );
}

function contentOf<T>(parsed: { ok: true; content: T } | { ok: false; errors: unknown }): T {
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.errors));
  return parsed.content;
}

describe('moves in the store', () => {
  test('a place keeps its temperature, other acts keep none', () => {
    const placed = { ...freshMove(NOW, US), temperatureC: '50' };
    expect(contentOf(readMoveForm(placed, VESSEL, { preferences: US, gate: OPEN }))).toMatchObject({
      ...VESSEL,
      act: 'placed',
      placeKind: 'cellar',
      temperatureC: 10,
      massKg: null,
    });
    const emptied = { ...placed, act: 'emptied' as const };
    expect(contentOf(readMoveForm(emptied, VESSEL, { preferences: US, gate: OPEN }))).toMatchObject(
      {
        placeKind: null,
        temperatureC: null,
      },
    );
  });

  test('honey taken needs a weight, in the keeper’s unit', () => {
    const taken = { ...freshMove(NOW, METRIC), act: 'taken' as const };
    expect(errorsOf(readMoveForm(taken, VESSEL, { preferences: METRIC, gate: OPEN }))).toEqual({
      massKg: 'Say how much was taken.',
    });
    expect(
      contentOf(readMoveForm({ ...taken, massKg: '2' }, VESSEL, { preferences: US, gate: OPEN }))
        .massKg,
    ).toBeCloseTo(0.907, 3);
    expect(
      errorsOf(
        readMoveForm({ ...taken, massKg: 'much', at: '' }, VESSEL, {
          preferences: METRIC,
          gate: OPEN,
        }),
      ),
    ).toMatchObject({ at: 'Choose a day and a time.' });
  });
});

describe('jars', () => {
  const fresh = { code: 'x.1', nowIso: NOW, bestBefore: '2027-08-20' };
  const form = { ...packFormOf(null, fresh, METRIC), from: 'c#2', count: '20' };
  const left = () => 12;
  const packing = (preferences: Preferences, leftKg: () => number | null) => ({
    preferences,
    moisturePercent: 18,
    leftKg,
    gateFor: () => OPEN,
  });

  test('take their honey from a container, never more than is left', () => {
    expect(contentOf(readPackForm(form, packing(METRIC, left))).from).toEqual([
      { containerId: 'c', item: 2, massKg: 10 },
    ]);
    expect(errorsOf(readPackForm({ ...form, count: '25' }, packing(METRIC, left))).count).toMatch(
      /^That is 12.5 kg, but only 12.0 kg/,
    );
    expect(
      contentOf(
        readPackForm(
          { ...form, count: '25' },
          packing(METRIC, () => null),
        ),
      ).count,
    ).toBe(25);
  });

  test('in ounces for those who weigh in pounds, and back', () => {
    expect(jarUnit(US).name).toBe('oz');
    const content = contentOf(readPackForm({ ...form, jarG: '16' }, packing(US, left)));
    expect(content.jarG).toBeCloseTo(453.6, 1);
    expect(packFormOf(content, fresh, US)).toMatchObject({ jarG: '16', from: 'c#2' });
  });

  test('by their volume, from what such honey weighs', () => {
    const filled = (jarG: string, preferences: Preferences): number =>
      contentOf(readPackForm({ ...form, jarG, count: '2' }, packing(preferences, left))).jarG;
    // 0.5 L of honey of 18 %: specific gravity 1.4171 (White's table, recalled from memory)
    expect(filled('half litre', METRIC)).toBeCloseTo(707, 0);
    expect(filled('0.5 L', METRIC)).toBeCloseTo(707, 0);
    expect(filled('pint', US)).toBeCloseTo(0.473176 * 1414.5, 0);
    expect(filled('1 lb', METRIC)).toBeCloseTo(453.6, 1);
  });

  test.each([
    [{ from: '' }, 'from', 'Choose the container you filled from.'],
    [{ code: 'a b' }, 'code', /letters, digits, dots and hyphens/],
    [{ count: '2.5' }, 'count', /1 and 5,000/],
    [{ bestBefore: '' }, 'bestBefore', 'Choose a day.'],
  ])('what is wrong is said beside its field: %j', (change, field, sentence) => {
    const found = errorsOf(readPackForm({ ...form, ...change }, packing(METRIC, left)))[field];
    if (typeof sentence === 'string') expect(found).toBe(sentence);
    else expect(found).toMatch(sentence);
  });

  test('no more are set aside or given out than there are', () => {
    const packing = { id: 'p', free: 4, left: 9, setAside: 5 };
    const move = { ...freshJarMove(NOW, METRIC), count: '5' };
    expect(
      errorsOf(readJarMoveForm(move, packing, { preferences: METRIC, gate: OPEN })).count,
    ).toBe('Only 4 of these jars are not set aside yet.');
    const out = { ...move, act: 'given-out' as const, to: 'stall', firstNumber: '3' };
    expect(
      contentOf(readJarMoveForm(out, packing, { preferences: METRIC, gate: OPEN })),
    ).toMatchObject({
      count: 5,
      to: 'stall',
      firstNumber: 3,
    });
    expect(
      errorsOf(
        readJarMoveForm({ ...out, count: '10' }, packing, { preferences: METRIC, gate: OPEN }),
      ).count,
    ).toMatch(/^Only 9/);
    expect(
      contentOf(
        readJarMoveForm({ ...move, count: '2', to: 'stall' }, packing, {
          preferences: METRIC,
          gate: OPEN,
        }),
      ).to,
    ).toBe('');
  });
});

describe('what stands between honey and the door', () => {
  const fresh = { code: 'x.1', nowIso: NOW, bestBefore: '2027-08-20' };
  const form = { ...packFormOf(null, fresh, METRIC), from: 'c#2', count: '20' };
  const asked = (gate: Gate) => ({
    preferences: METRIC,
    moisturePercent: 18,
    leftKg: () => 12,
    gateFor: () => gate,
  });
  const SHUT: Gate = { status: 'shut', why: 'Lot a is blocked: a drug.', wayOut: 'Keep it apart.' };
  const REASON: Gate = {
    status: 'reason',
    why: 'Lot a is over.',
    outcome: 'over',
    signed: false,
    asBakers: false,
  };

  test('blocked honey is filled, given out and taken for no reason at all', () => {
    const because = { use: 'own-use', because: 'for us' } as const;
    const said = 'Lot a is blocked: a drug. Keep it apart.';
    expect(errorsOf(readPackForm({ ...form, ...because }, asked(SHUT))).from).toBe(said);
    const gate = { preferences: METRIC, gate: SHUT };
    const packing = { id: 'p', free: 9, left: 9, setAside: 0 };
    const move = { ...freshJarMove(NOW, METRIC), ...because, count: '1' };
    expect(errorsOf(readJarMoveForm(move, packing, gate)).count).toBe(said);
    const taken = { ...freshMove(NOW, METRIC), ...because, act: 'taken' as const, massKg: '2' };
    expect(errorsOf(readMoveForm(taken, VESSEL, gate)).massKg).toBe(said);
    expect(readMoveForm({ ...taken, act: 'placed' }, VESSEL, gate).ok).toBe(true);
  });

  test('what is not accepted is filled for a reason only, and the reason is kept', () => {
    expect(errorsOf(readPackForm(form, asked(REASON)))).toEqual({ use: 'What is it for?' });
    const use = { ...form, use: 'own-use' as const };
    expect(errorsOf(readPackForm(use, asked(REASON)))).toEqual({
      because: 'Say why in a few words.',
    });
    const bakers = { ...form, use: 'bakers' as const, because: 'for buns' };
    expect(Object.keys(errorsOf(readPackForm(bakers, asked(REASON))))).toEqual(['use']);
    const kept = contentOf(readPackForm(bakers, asked({ ...REASON, asBakers: true })));
    expect(kept.release).toEqual({
      outcome: 'over',
      signed: false,
      use: 'bakers',
      reason: 'for buns',
    });
    expect(packFormOf(kept, fresh, METRIC)).toMatchObject({ use: 'bakers', because: 'for buns' });
    expect(contentOf(readPackForm(bakers, asked(OPEN))).release).toBeUndefined();
  });
});

describe('a blend', () => {
  const form = freshBlend(['a', 'b'], METRIC);

  test('is asked with so many tanks of one size', () => {
    const settings = contentOf(
      readBlendForm({ ...form, tankCount: '3', capacityKg: '40', allowed: ['flows'] }, METRIC),
    );
    expect(settings.tanks).toEqual([1, 2, 3].map((at) => ({ id: `Tank ${at}`, capacityKg: 40 })));
    expect(settings).toMatchObject({
      mixFlows: true,
      mixColours: false,
      wholeOnly: true,
      openingWorthKg: 0.5,
    });
  });

  test.each([
    [{ lotIds: [] }, 'lotIds'],
    [{ tankCount: '0' }, 'tankCount'],
    [{ tankCount: 'two' }, 'tankCount'],
    [{ targetPercent: '30' }, 'targetPercent'],
    [{ capacityKg: '0.2' }, 'capacityKg'],
    [{ openingWorthKg: '-1' }, 'openingWorthKg'],
    [{ name: ' ' }, 'name'],
  ])('what is wrong is said beside its field: %j', (change, field) => {
    expect(Object.keys(errorsOf(readBlendForm({ ...form, ...change }, METRIC)))).toEqual([field]);
  });

  test('in pounds', () => {
    const settings = contentOf(readBlendForm(freshBlend(['a'], US), US));
    expect(settings.tanks[0]!.capacityKg).toBeCloseTo(50, 0);
    expect(settings.openingWorthKg).toBeCloseTo(0.5, 1);
  });
});

describe('labels and notes', () => {
  test('a label comes back as it was, and a sheet that does not fit says by how much', () => {
    const form = labelFormOf(null, METRIC);
    const content = contentOf(readLabelForm(form, METRIC));
    expect(labelFormOf(content, METRIC)).toEqual(form);
    expect(
      errorsOf(readLabelForm(typedIn(form, { 'sheet.columns': '9' }), METRIC))['sheet.id'],
    ).toMatch(/mm wider than the page/);
    expect(
      errorsOf(readLabelForm(typedIn(form, { 'sheet.rows': 'many', ink: 'blue' }), METRIC)),
    ).toMatchObject({
      'sheet.rows': expect.any(String),
      ink: expect.any(String),
    });
    expect(form.sheet.columns).toBe('3');
  });

  test('a note comes back before the next season unless a day is typed', () => {
    const form = noteEntry.fill(freshNote('2026-08-20'), METRIC);
    expect(form.planningDay).toBe('2027-03-01');
    expect(errorsOf(noteEntry.read(form, METRIC, { rest: { year: 2026 } }))).toEqual({
      text: 'What is to be done differently?',
    });
    const content = contentOf(
      noteEntry.read({ ...form, text: 'Earlier', yardId: 'y' }, METRIC, { rest: { year: 2026 } }),
    );
    expect(content).toMatchObject({ year: 2026, yardId: 'y', done: '' });
    expect(noteEntry.fill(content, METRIC)).toMatchObject({ text: 'Earlier', yardId: 'y' });
  });
});
