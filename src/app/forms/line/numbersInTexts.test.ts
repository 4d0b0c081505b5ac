import { expect, test } from '@jest/globals';
import { DEFAULT_PREFERENCES, type Preferences } from '../../../records';
import { SAMPLE_EXTRACTION } from '../../../records/test/sampleExtraction';
import type { Parsed } from '../../entry/reader';
import { dayEntry, readDayForm } from './extractionForm';
import { weighEntry } from './weighForm';

const POUNDS: Preferences = { ...DEFAULT_PREFERENCES, massUnit: 'lb' };

const sentences = (parsed: Parsed<unknown>): Record<string, string> =>
  parsed.ok
    ? {}
    : Object.fromEntries(
        Object.entries(parsed.errors).map(([field, { sentence }]) => [field, sentence]),
      );

test('a number inside a text that is out of range: its limits stand in the units of that field', () => {
  const day = dayEntry.fill(SAMPLE_EXTRACTION, DEFAULT_PREFERENCES);
  const texts = { people: 'Ada, Bo 9000 %', breaks: '12:30 999 min' };
  expect(sentences(readDayForm({ ...day, ...texts }, DEFAULT_PREFERENCES))).toEqual({
    people: 'This must be between 20 and 300 %.',
    breaks: 'This must be between 1 and 600 min.',
  });
  const boxes = weighEntry.fill({ framesPerBox: 10, framesPerLoad: 4, jarKg: 0.5 }, POUNDS);
  const typed = { ...boxes, fullKg: '60 1234', emptyKg: '20' };
  expect(sentences(weighEntry.read(typed, POUNDS))).toEqual({
    fullKg: 'This must be between 0.22 and 440.9 lb.',
  });
});
