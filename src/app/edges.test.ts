import { describe, expect, test } from '@jest/globals';
import { SAMPLES, brokenBy } from './test/edgeSeason';

describe('what the schemas accept, the computation accepts', () => {
  test.each(SAMPLES)('a $kind with any field at its edge takes no page down', ({ edges }) => {
    expect(brokenBy(edges)).toEqual([]);
  });
});
