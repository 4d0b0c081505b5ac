import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { flowCourse, isFlowing, type FlowDays } from './flowCourse';

const flow = (change: Partial<FlowDays> = {}): FlowDays => ({
  expectedStart: 100,
  expectedEnd: 120,
  observedStart: null,
  observedEnd: null,
  failed: false,
  ...change,
});

describe('how a flow stands (common practice, no source)', () => {
  test.each([
    ['ahead of its time', flow(), 90, 'to-come', 120],
    ['a day late is no news', flow(), 103, 'to-come', 120],
    ['a week late is', flow(), 107, 'late', 120],
    ['nobody saw it and its time is over', flow(), 121, 'never-seen', null],
    ['in November, expected in June', flow(), 270, 'never-seen', null],
    ['the keeper says that it failed', flow({ failed: true }), 110, 'failed', null],
    ['seen, in the middle', flow({ observedStart: 98 }), 110, 'on', 120],
    ['its last days', flow({ observedStart: 98 }), 118, 'fading', 120],
    ['longer than expected: until tomorrow', flow({ observedStart: 98 }), 125, 'fading', 126],
    ['seen to end', flow({ observedStart: 98, observedEnd: 112 }), 113, 'over', 112],
    ['seen to end today', flow({ observedStart: 98, observedEnd: 112 }), 112, 'fading', 112],
    ['its start is written down ahead', flow({ observedStart: 130 }), 125, 'to-come', 130],
  ] as const)('%s', (...[, days, day, state, endDay]) => {
    expect(flowCourse(days, day)).toMatchObject({ state, endDay });
  });

  const anyFlow = fc.record({
    start: fc.integer({ min: 0, max: 40 }),
    length: fc.integer({ min: 0, max: 60 }),
    seen: fc.option(fc.integer({ min: -10, max: 40 }), { nil: null }),
    lasted: fc.option(fc.integer({ min: 0, max: 60 }), { nil: null }),
    failed: fc.boolean(),
  });

  test('one that brings nectar has its day between start and end; one that failed brings none', () => {
    fc.assert(
      fc.property(anyFlow, fc.integer({ min: 0, max: 120 }), (drawn, day) => {
        const observedStart = drawn.seen === null ? null : drawn.start + drawn.seen;
        const observedEnd =
          observedStart === null || drawn.lasted === null ? null : observedStart + drawn.lasted;
        const course = flowCourse(
          {
            expectedStart: drawn.start,
            expectedEnd: drawn.start + drawn.length,
            observedStart,
            observedEnd,
            failed: drawn.failed,
          },
          day,
        );
        if (isFlowing(course)) {
          expect(course.startDay).toBeLessThanOrEqual(day);
          expect(course.endDay).toBeGreaterThanOrEqual(day);
        }
        if (drawn.failed) expect(course.endDay).toBeNull();
      }),
    );
  });

  test('a day that is none is refused', () => {
    expect(() => flowCourse(flow(), NaN)).toThrow('flowCourse');
  });
});
