import { describe, expect, test } from '@jest/globals';
import { vesselId, vesselIdOf, vesselRefOf } from './vesselRef';

describe('the id of a vessel', () => {
  test('comes back to container and item', () => {
    expect(vesselRefOf(vesselId('bucket', 12))).toEqual({ containerId: 'bucket', item: 12 });
  });

  test('the lot as a whole has none, and an empty one means it', () => {
    const whole = { containerId: null, item: null };
    expect(vesselIdOf(whole)).toBeNull();
    expect(vesselRefOf('')).toEqual(whole);
  });

  test('the only vessel of its entry is the first', () => {
    expect(vesselIdOf({ containerId: 'tank', item: null })).toBe(vesselId('tank', 1));
  });
});
