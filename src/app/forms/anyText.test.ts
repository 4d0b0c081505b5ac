import { readdirSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { beforeAll, describe, expect, test } from '@jest/globals';
import { DEFAULT_PREFERENCES, type Preferences } from '../../records';
import type { Parsed } from '../entry/reader';

const HERE = path.dirname(fileURLToPath(import.meta.url));

interface AnyEntry {
  readonly fields: object;
  fill(content: object, preferences: Preferences): object;
  read(form: object, preferences: Preferences): Parsed<unknown>;
}

const isEntry = (found: unknown): found is AnyEntry =>
  typeof found === 'object' && found !== null && 'values' in found && 'read' in found;

/** What a hurried thumb, a sticky key or the wrong field brings. */
const TYPED = [
  '1234567890123456789012345',
  '-5',
  '0',
  '0.00001',
  '9e99',
  '1/0',
  '1,234',
  '5 kg',
  '99999 99999',
  'Bo 9000 %',
  'Bo 80 % 10:00–9:00',
  '10:00 99999 min',
  '25:61',
  '31.12.9999',
  '0001-01-01',
  '9999-12-31T23:59',
  '٣٫٥',
  '💧',
  'x'.repeat(700),
];

/** Where text stands in a form, however deep. */
function textsIn(form: unknown, at: readonly string[] = []): (readonly string[])[] {
  if (typeof form === 'string') return [at];
  if (typeof form !== 'object' || form === null) return [];
  return Object.entries(form).flatMap(([name, inner]) => textsIn(inner, [...at, name]));
}

function withText(form: object, [name = '', ...rest]: readonly string[], text: string): object {
  const copy = structuredClone(form) as Record<string, unknown>;
  copy[name] = rest.length === 0 ? text : withText(copy[name] as object, rest, text);
  return copy;
}

const entries: [string, AnyEntry][] = [];

beforeAll(async () => {
  const files = readdirSync(HERE, { recursive: true, encoding: 'utf8' }).filter(
    (file) => file.endsWith('.ts') && !file.includes('.test.'),
  );
  for (const file of files) {
    const found = (await import(path.join(HERE, file))) as Record<string, unknown>;
    for (const [name, each] of Object.entries(found)) {
      if (isEntry(each)) entries.push([name, each]);
    }
  }
});

describe('whatever is typed into a field', () => {
  test('its form says what it thinks of it, and never breaks', () => {
    // whose numbers are all changed on the way into a record
    const preferences = {
      ...DEFAULT_PREFERENCES,
      massUnit: 'lb',
      temperatureUnit: 'F',
      volumeUnit: 'US gal',
      lengthUnit: 'in',
    } as const;
    const broken: string[] = [];
    let tried = 0;
    for (const [name, entry] of entries) {
      const fresh = entry.fill({}, preferences);
      for (const place of textsIn(fresh)) {
        for (const text of TYPED) {
          tried += 1;
          try {
            const said = entry.read(withText(fresh, place, text), preferences);
            if (!said.ok) expect(JSON.stringify(said.errors)).not.toMatch(/NaN|undefined|\[object/);
          } catch (error) {
            broken.push(
              `${name}.${place.join('.')} “${text.slice(0, 20)}”: ${String(error).slice(0, 120)}`,
            );
          }
        }
      }
    }
    expect(tried).toBeGreaterThan(3000);
    expect(broken).toEqual([]);
  });
});
