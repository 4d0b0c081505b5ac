import { describe, expect, test } from '@jest/globals';
import { DEFAULT_PREFERENCES, between, z, type Preferences } from '../../records';
import { typedIn } from '../test/typedIn';
import { codecAt, fieldAt } from './codec';
import {
  choice,
  clock,
  degreesApart,
  moment,
  number,
  optional,
  orElse,
  percent,
  quantity,
  words,
  yesNo,
} from './codecs';
import { entryOf } from './entry';
import { group, list, optionalGroup, pair, variant } from './groups';
import { Reader } from './reader';

const METRIC = DEFAULT_PREFERENCES;
const US: Preferences = {
  ...METRIC,
  temperatureUnit: 'F',
  massUnit: 'lb',
  volumeUnit: 'US gal',
  lengthUnit: 'in',
};

const schema = z.object({
  name: z.string().min(1, 'nameMissing'),
  roomC: between(0, 50),
  swingC: between(0, 30),
  share: between(0, 1).nullable(),
  machine: z.object({ kind: z.enum(['coil', 'wheel']), watts: between(1, 9) }).nullable(),
  found: z.union([
    z.object({ by: z.literal('weight'), kg: between(0, 9) }),
    z.object({ by: z.literal('look'), tenths: between(0, 10) }),
  ]),
  range: z.tuple([z.number(), z.number()]).refine(([a, b]) => a < b, 'rangeUpsideDown'),
  looks: z.array(z.object({ at: between(0, 100) })),
  startMin: between(0, 2880),
  at: z.string(),
  is: z.boolean(),
  seed: z.number(),
});

const entry = entryOf(
  schema,
  {
    name: words('Name'),
    roomC: quantity('temperature', 'Room'),
    swingC: degreesApart('Swing'),
    share: optional(percent('Share', { digits: 1 })),
    machine: optionalGroup(
      'Machine',
      { kind: choice('Kind', { coil: 'Coil', wheel: 'Wheel' }), watts: number('Watts') },
      { kind: 'wheel', watts: 4 },
    ),
    found: variant('by', {
      weight: { kg: quantity('mass', 'Weight') },
      look: { tenths: number('T') },
    }),
    range: pair(number('Low'), orElse(number('High'), '99')),
    looks: list(group({ at: number('At') })),
    startMin: clock('Begins'),
    at: moment('When'),
    is: yesNo('Is it'),
  },
  { unasked: ({ name }) => (name === 'cold' ? { roomC: 7 } : {}) },
);

const CONTENT: z.infer<typeof schema> = {
  name: 'a',
  roomC: 25,
  swingC: 10,
  share: 0.125,
  machine: null,
  found: { by: 'weight', kg: 3 },
  range: [1, 2],
  looks: [{ at: 4 }, { at: 5 }],
  startMin: 555,
  at: '2026-08-01T10:00:00.000Z',
  is: true,
  seed: 7,
};
const REST = { rest: { seed: 7 } };
const read = (texts: Readonly<Record<string, unknown>>) =>
  entry.read(typedIn(entry.fill(CONTENT, METRIC), texts), METRIC, REST);
const said = (texts: Readonly<Record<string, unknown>>): Record<string, string> => {
  const parsed = read(texts);
  const errors = parsed.ok ? {} : parsed.errors;
  return Object.fromEntries(Object.entries(errors).map(([at, one]) => [at, one.sentence]));
};

describe('a record in a form', () => {
  test('comes back as it was', () => {
    expect(entry.read(entry.fill(CONTENT, METRIC), METRIC, REST)).toEqual({
      ok: true,
      content: CONTENT,
    });
  });

  test('stands in the keeper’s units, a difference without its zero', () => {
    const form = entry.fill(CONTENT, US);
    expect(form).toMatchObject({ roomC: '77', swingC: '18', share: '12.5', startMin: '9:15' });
    const back = entry.read(form, US, REST);
    expect(back.ok && back.content.swingC).toBeCloseTo(10, 9);
    expect(back.ok && back.content.roomC).toBeCloseTo(25, 9);
  });

  test('of which a part is known stands empty elsewhere', () => {
    expect(entry.fill({ name: 'b', machine: { watts: 2 } }, METRIC)).toMatchObject({
      roomC: '',
      share: '',
      machine: { has: 'yes', kind: 'coil', watts: '2' },
      found: { by: 'weight', kg: '', tenths: '' },
      looks: [],
    });
  });

  test('a missing group has its usual values ready, and is read only where it is there', () => {
    expect(entry.fill(CONTENT, METRIC).machine).toEqual({ has: 'no', kind: 'wheel', watts: '4' });
    expect(said({ 'machine.watts': 'x' })).toEqual({});
    expect(said({ 'machine.has': 'yes', 'machine.watts': '70' })).toEqual({
      'machine.watts': 'This must be between 1 and 9.',
    });
  });

  test('of several ways to say it only the chosen one is read', () => {
    expect(said({ 'found.kg': 'x', 'found.by': 'look', 'found.tenths': '4' })).toEqual({});
    expect(said({ 'found.by': 'look', 'found.tenths': '40' })).toEqual({
      'found.tenths': 'This must be between 0 and 10.',
    });
  });

  test('what is not asked is not read; what stands for nothing typed does', () => {
    expect(read({ name: 'cold', roomC: '?' })).toMatchObject({ ok: true, content: { roomC: 7 } });
    expect(read({ 'range.1': '' })).toMatchObject({ content: { range: [1, 99] } });
    expect(read({ share: ' ' })).toMatchObject({ content: { share: null } });
  });

  test('what is wrong is said once, at its own field', () => {
    expect(
      said({ name: '', roomC: 'warm', 'looks.1.at': '400', at: '', startMin: 'dawn' }),
    ).toEqual({
      name: 'Give it a name.',
      roomC: '“warm” is not a number. Type digits only, such as 17.4.',
      'looks.1.at': 'This must be between 0 and 100.',
      at: 'Choose a day and a time.',
      startMin: 'Type a time such as 9:00.',
    });
    expect(said({ 'range.0': '5' })).toEqual({
      'range.0': 'The first value must be the lower one.',
    });
  });

  test('is typed as people type it: with a unit, a time with its half of the day', () => {
    const typed = read({ roomC: '81 F', 'found.kg': '2 lb 3 oz', swingC: '5', startMin: '6pm' });
    expect(typed).toMatchObject({ content: { startMin: 1080, found: { by: 'weight' } } });
    expect(typed.ok && typed.content.roomC).toBeCloseTo(27.222, 3);
    expect(typed.ok && typed.content.found).toHaveProperty('kg', expect.closeTo(0.9922, 4));
  });

  test('what could be two numbers is asked about, with both on offer', () => {
    const parsed = read({ 'looks.1.at': '1,200' });
    expect(!parsed.ok && parsed.errors['looks.1.at']?.fixes).toEqual([
      { label: '1200', patch: { 'looks.1.at': '1200' } },
      { label: '1.2', patch: { 'looks.1.at': '1.2' } },
    ]);
  });

  test.each(['1990-08-01T10:00', '2093-08-01T10:00'])('the year of %s is asked about', (at) => {
    const parsed = read({ at });
    const thisYear = String(new Date().getFullYear());
    expect(!parsed.ok && parsed.errors['at']).toEqual({
      sentence: `Is ${at.slice(0, 4)} the right year?`,
      fixes: [{ label: `Use ${thisYear}`, patch: { at: `${thisYear}-08-01T10:00` } }],
    });
  });

  test('a check of the screen comes before the schema, at the field that it names', () => {
    const parsed = entry.read(entry.fill({ ...CONTENT, name: '' }, METRIC), METRIC, {
      ...REST,
      check: ({ roomC }, reader) => {
        if (roomC > 20) reader.at('name').fail('Too warm to have no name.');
      },
      place: (path) => path,
    });
    expect(!parsed.ok && parsed.errors['name']?.sentence).toBe('Too warm to have no name.');
  });
});

describe('where a field stands', () => {
  test('a codec is found by its path, inside groups, lists and variants', () => {
    const labelAt = (path: string) => codecAt(entry.fields, path)?.look?.label;
    expect(
      ['name', 'machine.watts', 'found.kg', 'looks.3.at', 'range.1', 'nothing'].map(labelAt),
    ).toEqual(['Name', 'Watts', 'Weight', 'At', 'High', undefined]);
  });

  test('a path of the record leads to its field, the one above it, or the first within', () => {
    expect(
      ['machine.watts', 'machine', 'found.by', 'looks', 'name.0.x', 'unknown'].map((path) =>
        fieldAt(entry.fields, path),
      ),
    ).toEqual(['machine.watts', 'machine.has', 'found.by', 'looks.0.at', 'name', 'unknown']);
  });

  test('a reader keeps the first sentence of a field', () => {
    const reader = new Reader(METRIC);
    reader.at('a').at('b').fail('first');
    reader.at('a.b').fail('second');
    expect(reader.errors).toEqual({ 'a.b': { sentence: 'first' } });
  });
});
