import { describe, expect, test } from '@jest/globals';
import { interpretReading, readerRepeatability } from '../../core';
import { NO_METERS } from '../../model';
import { firstRevision, type Reading, type ReadingContent } from '../../records';
import { SAMPLE_READING, countingScribe } from '../../records/test/sampleLot';
import { readingWarnings, replicatesOf } from './readingWarnings';

const scribe = countingScribe('warn');
const kept = (change: Partial<ReadingContent>): Reading =>
  firstRevision(scribe, 'reading', { ...SAMPLE_READING, ...change }, 'lot');

function warned(
  change: Partial<ReadingContent>,
  others: readonly Reading[],
  sets: number[][] = [],
) {
  const content = { ...SAMPLE_READING, ...change };
  const read = interpretReading({
    scale: content.scale,
    dialValue: content.dialValue,
    temperatureC: content.temperatureC,
    atc: content.atc,
  });
  if (read.status !== 'read') throw new Error('beyond the relation');
  const repeatability = readerRepeatability(sets);
  return readingWarnings(content, read, { others, meters: NO_METERS, repeatability });
}

describe('warnings at the prism', () => {
  test('replicates further apart than 2.8 standard deviations (ISO 5725-6, recalled from memory)', () => {
    expect(warned({ dialValue: 17.8 }, [kept({ dialValue: 17.4 })])).toEqual([]);
    const [said] = warned({ dialValue: 18 }, [kept({ dialValue: 17.4 })]);
    expect(said).toBe(
      '2 readings of this sample are 0.6 apart; a reader’s usual spread is up to 0.5. Wipe the prism and read once more.',
    );
  });

  test('a steady reader is warned sooner, by their own usual', () => {
    const steady = Array.from({ length: 40 }, () => [17.2, 17.2]);
    const [said] = warned({ dialValue: 17.8 }, [kept({ dialValue: 17.4 })], steady);
    expect(said).toContain('your usual spread is up to 0.2');
  });

  test('only replicates count: same vessel, spot, meter and reader', () => {
    const far = { dialValue: 20 };
    const others = [
      kept({ ...far, containerId: 'c', item: 1 }),
      kept({ ...far, spot: 'top' }),
      kept({ ...far, reader: 'CD' }),
      kept({ ...far, instrumentId: 'm' }),
      kept({ ...far, practice: true }),
    ];
    expect(replicatesOf(SAMPLE_READING, others)).toEqual([]);
    expect(warned({}, others)).toEqual([]);
  });

  test('top and bottom half a point apart', () => {
    const [said] = warned({ spot: 'bottom', dialValue: 16.8 }, [
      kept({ spot: 'top', dialValue: 17.6 }),
    ]);
    expect(said).toContain('0.8 between top and bottom: drier honey sinks');
    expect(
      warned({ spot: 'bottom', dialValue: 17.2 }, [kept({ spot: 'top', dialValue: 17.6 })]),
    ).toEqual([]);
  });
});
