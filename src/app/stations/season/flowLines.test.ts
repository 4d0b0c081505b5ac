import { describe, expect, test } from '@jest/globals';
import { firstRevision, type Flow, type FlowContent } from '../../../records';
import { countingScribe } from '../../../records/test/sampleLot';
import { drawnFlows } from './flowLines';

const scribe = countingScribe('flow');

function flow(change: Partial<FlowContent>): Flow {
  return firstRevision(scribe, 'flow', {
    name: 'Sea lavender',
    plant: 'sea lavender',
    yardIds: [],
    expectedStart: '2026-07-20',
    expectedEnd: '2026-08-20',
    observedStart: null,
    observedEnd: null,
    remark: '',
    ...change,
  });
}

describe('flows on one calendar', () => {
  const last = flow({
    expectedStart: '2025-07-20',
    expectedEnd: '2025-08-20',
    observedStart: '2025-07-25',
    observedEnd: '2025-08-30',
  });
  const now = flow({ observedStart: '2026-07-22' });

  test('last year stands under this year, day under day', () => {
    const { lines, days } = drawnFlows([now, last], '2026-08-01');
    expect(lines[0]?.expected).toEqual(lines[1]?.expected);
    expect(lines.map((line) => line.year)).toEqual(['2026', '2025']);
    // from 20 July to 30 August, three days of margin on both sides
    expect(days).toBe(41 + 6);
  });

  test('a flow that is still on has no end, one not seen yet has no bar', () => {
    const { lines } = drawnFlows([now, flow({})], '2026-08-01');
    expect(lines[0]?.observed?.[1]).toBeNull();
    expect(lines[1]?.observed).toBeNull();
  });

  test('today is marked where it falls on the drawing', () => {
    expect(drawnFlows([now, last], '2026-08-01').today).toBe(15);
    expect(drawnFlows([now, last], '2026-12-24').today).toBeNull();
  });
});
